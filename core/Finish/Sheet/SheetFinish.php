<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finding\Cells;
use Planisher\Finding\ProductKnown;
use Planisher\Finish\Gathers;
use Planisher\Finish\Panels\PieceFits;
use Planisher\Finish\Print\PrintFinish;
use Planisher\Finish\Print\PrintPlanner;
use Planisher\Lab\LabCard;
use Planisher\Line\Crop;
use Planisher\Line\Line;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\Naming\FileName;
use Planisher\OrderFile\Node;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Plan;
use Planisher\Plan\Situation;
use Planisher\Studio\Desk;

/** Several prints on one sheet of the lab, to be cut apart; and on further sheets where one doesn't hold them. */
final class SheetFinish implements Gathers
{
    public const NAME = 'shared-sheet';

    public function name(): string
    {
        return self::NAME;
    }

    public function label(int $copies): string
    {
        return $copies === 1 ? 'shared sheet' : 'shared sheets';
    }

    public function keys(): array
    {
        return [SheetWanted::NAME];
    }

    public function places(array $wanted): array
    {
        $cells = $wanted[SheetWanted::NAME]['cells'] ?? [];

        return is_array($cells) && array_is_list($cells)
            ? array_map(fn (int $at): array => [SheetWanted::NAME, 'cells', $at, 'picture'], array_keys($cells))
            : [];
    }

    public function wanted(Node $line): SheetWanted
    {
        return SheetWanted::fromNode($line);
    }

    public function crop(Node $line): ?Crop
    {
        return SheetWanted::isCheapest($line) ? null : Crop::fromNode($line);
    }

    public function plan(Line $line, array $pictures, LabCard $lab, FileName $name, Desk $desk): ?Plan
    {
        return SheetPlanner::plan($line, $pictures, $lab, $name, $desk);
    }

    public function checks(): array
    {
        return [
            new SheetListed(),
            new PieceFits(),
            new ProductKnown(),
            new CellsFit(),
            new CellsApart(),
            new CutsStraight(),
            new MarksHaveRoom(),
            new OneResolution(),
            new BleedTrimmed(),
            new AddedClearsCuts(),
            new AddedClearsMarkedCells(),
        ];
    }

    public function cells(Situation $at): Cells
    {
        $wanted = SheetWanted::of($at->line) ?? throw new \LogicException('It is a shared sheet.');
        $plans = [];
        foreach (SheetLayout::in($at->plan?->layout)->cells ?? [] as $cell) {
            $plans[$cell->cell] ??= $cell->plan;
        }
        $cells = [];
        foreach ($wanted->cells as $place => $cell) {
            $picture = $at->pictures[$place];
            $changed = fn (array $change): ?Plan => $picture instanceof PictureFacts
                ? self::print(CellChange::changed($cell, $change), $at, $picture)
                : null;
            $cells[$place] = new Situation(
                $cell->print->on($at->line),
                $at->lab->cutting($cell->size()),
                [$picture],
                $at->name,
                $plans[$place] ?? null,
                null,
                $changed,
                $at->desk,
            );
        }

        return new Cells(
            $cells,
            [new CellHasCopies(), ...PrintFinish::byItself(), new MarkedClearsCuts()],
            fn (int $place, array $change): array => CellChange::of($wanted, $place, $change),
        );
    }

    private static function print(Cell $cell, Situation $at, PictureFacts $picture): Plan
    {
        return PrintPlanner::plan($cell->print->on($at->line), $picture, $at->lab->cutting($cell->size()), $at->name, $at->desk);
    }

    public function takes(Line $line): bool
    {
        return Gathering::takes($line);
    }

    public function gathered(array $lines, string $size): array
    {
        return Gathering::gathered($lines, $size);
    }

    public function apart(Line $line): array
    {
        return Gathering::apart($line);
    }

    public function tried(array $lines, LabCard $lab): array
    {
        return Gathering::tried($lines, $lab);
    }

    public function ready(Size $sheet): array
    {
        return Gathering::ready($sheet);
    }

    public function testStrip(Situation $at, array $settings): array
    {
        return TestStrip::of($at, $settings);
    }

    public function needsListedSize(): bool
    {
        return true;
    }

    public function needsSize(): bool
    {
        return true;
    }

    public function said(): SheetSaid
    {
        return new SheetSaid();
    }

    public function drawn(): SheetDrawn
    {
        return new SheetDrawn();
    }

    public function choices(): array
    {
        return [];
    }

    public function rules(): array
    {
        return SheetRules::all();
    }

    public function calledIn(): array
    {
        return [];
    }

    public function completed(array $change, array $on, Unit $unit): array
    {
        return $change;
    }
}
