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
use Planisher\Finish\Finish;
use Planisher\Lab\LabCard;
use Planisher\Language\Unsure;
use Planisher\Line\Crop;
use Planisher\Line\Line;
use Planisher\Measure\Unit;
use Planisher\Naming\FileName;
use Planisher\OrderFile\Node;
use Planisher\Plan\Plan;
use Planisher\Plan\Situation;
use Planisher\Studio\Desk;

/** One picture shared out between several panels. */
final class PanelsFinish implements Finish
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

    public function keys(): array
    {
        return [self::NAME];
    }

    public function places(array $wanted): array
    {
        return [['picture']];
    }

    public function wanted(Node $line): PanelsWanted
    {
        return PanelsWanted::fromNode($line->maybe(self::NAME));
    }

    public function crop(Node $line): Crop
    {
        return Crop::fromNode($line);
    }

    public function plan(Line $line, array $pictures, LabCard $lab, FileName $name, Desk $desk): ?Plan
    {
        return $pictures[0] === null ? null : PanelsPlanner::plan($line, $pictures[0], $lab, $name, $desk);
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

    public function cells(Situation $at): null
    {
        return null;
    }

    public function needsListedSize(): bool
    {
        return false;
    }

    public function needsSize(): bool
    {
        return true;
    }

    public function said(): PanelsSaid
    {
        return new PanelsSaid();
    }

    public function drawn(): PanelsDrawn
    {
        return new PanelsDrawn();
    }

    public function choices(): array
    {
        return [];
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
