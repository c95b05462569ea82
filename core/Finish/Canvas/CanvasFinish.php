<?php

declare(strict_types=1);

namespace Planisher\Finish\Canvas;

use Planisher\Finding\AddedClearsEdges;
use Planisher\Finding\BleedAdded;
use Planisher\Finding\CutLittle;
use Planisher\Finding\EnoughPixels;
use Planisher\Finding\NotEnlargedMuch;
use Planisher\Finding\ProductKnown;
use Planisher\Finish\Finish;
use Planisher\Finish\Panels\PieceFits;
use Planisher\Lab\LabCard;
use Planisher\Line\Crop;
use Planisher\Line\KeyScope;
use Planisher\Line\LineKey;
use Planisher\Line\LineKeys;
use Planisher\Line\LineSpec;
use Planisher\Measure\Length;
use Planisher\Naming\FileName;
use Planisher\OrderFile\JsonNode;
use Planisher\Plan\Plan;
use Planisher\Studio\OrderContext;

/**
 * One picture that goes round its bars.
 *
 * @implements Finish<CanvasWanted, Wrap>
 */
final class CanvasFinish implements Finish
{
    public const NAME = 'canvas';

    public function name(): string
    {
        return self::NAME;
    }

    public function label(int $copies): string
    {
        return $copies === 1 ? 'canvas' : 'canvases';
    }

    public function keys(): LineKeys
    {
        return LineKeys::of(new LineKey(self::NAME, KeyScope::Line));
    }

    public function places(array $wanted): array
    {
        return [['picture']];
    }

    public function wanted(JsonNode $line): CanvasWanted
    {
        return CanvasWanted::fromNode($line->maybe(self::NAME));
    }

    public function crop(JsonNode $line): Crop
    {
        return Crop::fromNode($line);
    }

    public function plan(LineSpec $line, array $pictures, LabCard $lab, FileName $name, OrderContext $orderContext): ?Plan
    {
        return $pictures[0] === null ? null : CanvasPlanner::plan($line, $pictures[0], $lab, $name, $orderContext);
    }

    public function checks(): array
    {
        return [
            new PieceFits(),
            new ProductKnown(),
            new WrapHolds(),
            new ApartTaken(),
            new MarkedClearsFold(),
            new AddedClearsEdges(fn (): Length => CanvasPlanner::clearOfFold(), 'what is kept clear of a fold'),
            new MarkedNotDoubled(),
            new FaceLoses(),
            new BleedAdded(),
            new EnoughPixels(),
            new NotEnlargedMuch(),
            new CutLittle(),
        ];
    }

    public function needsListedSize(): bool
    {
        return false;
    }

    public function needsSize(): bool
    {
        return true;
    }

    public function wording(): CanvasWording
    {
        return new CanvasWording();
    }

    public function dimensioning(): CanvasDimensioning
    {
        return new CanvasDimensioning();
    }

    public function rules(): array
    {
        return CanvasRules::all();
    }

    public function calledIn(): array
    {
        return ['canvas', 'canvases', 'canvasses', 'leinwand', 'toile', 'lienzo', 'gallery wrap', 'gallery wrapped'];
    }
}
