<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Finding\AddedClearsEdges;
use Planisher\Finding\BleedAdded;
use Planisher\Finding\CutLittle;
use Planisher\Finding\EnoughPixels;
use Planisher\Finding\MarkedStaysIn;
use Planisher\Finding\NotEnlargedMuch;
use Planisher\Finding\ProductKnown;
use Planisher\Finish\CompletesWishes;
use Planisher\Finish\Dimensioned;
use Planisher\Finish\MadeToMeasure;
use Planisher\Finish\PieceFits;
use Planisher\Finish\SaidInWords;
use Planisher\Finish\SharedOut;
use Planisher\Finish\SharesOut;
use Planisher\Finish\SizedOtherwise;
use Planisher\Lab\LabCard;
use Planisher\Language\Unsure;
use Planisher\Line\Crop;
use Planisher\Line\KeyScope;
use Planisher\Line\LineKey;
use Planisher\Line\LineKeys;
use Planisher\Line\LineSpec;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\Naming\FileName;
use Planisher\OrderFile\JsonNode;
use Planisher\Picture\Window;
use Planisher\Plan\Plan;
use Planisher\Studio\OrderContext;

/**
 * One picture shared out between several panels.
 *
 * @implements CompletesWishes<PanelsWanted, PanelGrid>
 * @implements Dimensioned<PanelsWanted, PanelGrid>
 * @implements MadeToMeasure<PanelsWanted, PanelGrid>
 * @implements SaidInWords<PanelsWanted, PanelGrid>
 * @implements SharesOut<PanelsWanted, PanelGrid>
 * @implements SizedOtherwise<PanelsWanted, PanelGrid>
 */
final class PanelsFinish implements CompletesWishes, Dimensioned, MadeToMeasure, SaidInWords, SharesOut, SizedOtherwise
{
    public const NAME = 'panels';

    public function name(): string
    {
        return self::NAME;
    }

    public function label(int $copies): string
    {
        return $copies === 1 ? 'set of panels' : 'sets of panels';
    }

    public function keys(): LineKeys
    {
        return LineKeys::of(new LineKey(self::NAME, KeyScope::Line));
    }

    public function wanted(JsonNode $line): PanelsWanted
    {
        return PanelsWanted::fromNode($line->maybe(self::NAME));
    }

    public function plan(LineSpec $line, array $pictures, LabCard $lab, FileName $name, OrderContext $orderContext): ?Plan
    {
        return $pictures[0] === null ? null : PanelsPlanner::plan($line, $pictures[0], $lab, $name, $orderContext);
    }

    public function crop(JsonNode $line): Crop
    {
        $whole = $this->wanted($line)->whole();
        if ($whole === null) {
            return Crop::fromNode($line);
        }
        if ($line->maybe('size') !== null) {
            throw $line->need('size')->unexpected('no size of all beside that of a piece, which says it');
        }
        $window = $line->maybe('window');

        return Crop::following($whole, $window === null ? null : Window::fromNode($window));
    }

    public function needsSize(): bool
    {
        return true;
    }

    public function fewest(Size $whole, Size $largest): ?SharedOut
    {
        return FewestPanels::of($whole, $largest);
    }

    public function checks(): array
    {
        return [
            new PieceFits(),
            new ProductKnown(),
            new PanelsAddUp(),
            new PanelsAlike(),
            new MarkedStaysIn(),
            new MarkedClearsJoints(),
            new AddedClearsJoints(),
            AddedClearsEdges::ofCut(),
            new PanelsBalanced(),
            new BleedAdded(),
            new EnoughPixels(),
            new NotEnlargedMuch(),
            new CutLittle(),
        ];
    }

    public function wording(): PanelsWording
    {
        return new PanelsWording();
    }

    public function dimensioning(): PanelsDimensioning
    {
        return new PanelsDimensioning();
    }

    public function rules(): array
    {
        return PanelsRules::all();
    }

    public function calledIn(): array
    {
        return ['triptych', 'diptych', 'panels'];
    }

    public function completed(array $change, array $on, Unit $unit): array|Unsure
    {
        return PanelSizes::settled($change, $on, $unit);
    }
}
