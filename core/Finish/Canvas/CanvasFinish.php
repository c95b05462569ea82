<?php

declare(strict_types=1);

namespace Planisher\Finish\Canvas;

use Planisher\Finding\AddedClearsEdges;
use Planisher\Finding\BleedAdded;
use Planisher\Finding\CutLittle;
use Planisher\Finding\EnoughPixels;
use Planisher\Finding\NotEnlargedMuch;
use Planisher\Finding\ProductKnown;
use Planisher\Finish\Dimensioned;
use Planisher\Finish\MadeToMeasure;
use Planisher\Finish\PieceFits;
use Planisher\Finish\SaidInWords;
use Planisher\Lab\LabCard;
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
 * @implements Dimensioned<CanvasWanted, Wrap>
 * @implements MadeToMeasure<CanvasWanted, Wrap>
 * @implements SaidInWords<CanvasWanted, Wrap>
 */
final class CanvasFinish implements Dimensioned, MadeToMeasure, SaidInWords
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

    public function wanted(JsonNode $line): CanvasWanted
    {
        return CanvasWanted::fromNode($line->maybe(self::NAME));
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
