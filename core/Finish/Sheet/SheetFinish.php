<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finding\Cells;
use Planisher\Finding\ProductKnown;
use Planisher\Finish\CarriesPrints;
use Planisher\Finish\CombinesPrints;
use Planisher\Finish\Dimensioned;
use Planisher\Finish\HasMorePictures;
use Planisher\Finish\PieceFits;
use Planisher\Finish\Print\PrintFinish;
use Planisher\Finish\Print\PrintPlanner;
use Planisher\Finish\SaidInWords;
use Planisher\Finish\SizedOtherwise;
use Planisher\Lab\LabCard;
use Planisher\Line\Crop;
use Planisher\Line\KeyScope;
use Planisher\Line\LineChange;
use Planisher\Line\LineKey;
use Planisher\Line\LineKeys;
use Planisher\Line\LineSpec;
use Planisher\Measure\Size;
use Planisher\Naming\FileName;
use Planisher\OrderFile\JsonNode;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\LineContext;
use Planisher\Plan\Plan;
use Planisher\Studio\OrderContext;

/**
 * Several prints on one sheet of the lab, to be cut apart; and on further sheets where one doesn't hold them.
 *
 * @implements CarriesPrints<SheetWanted, SheetLayout>
 * @implements CombinesPrints<SheetWanted, SheetLayout>
 * @implements Dimensioned<SheetWanted, SheetLayout>
 * @implements HasMorePictures<SheetWanted, SheetLayout>
 * @implements SaidInWords<SheetWanted, SheetLayout>
 * @implements SizedOtherwise<SheetWanted, SheetLayout>
 */
final class SheetFinish implements CarriesPrints, CombinesPrints, Dimensioned, HasMorePictures, SaidInWords, SizedOtherwise
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

    public function keys(): LineKeys
    {
        return LineKeys::of(new LineKey(SheetWanted::NAME, KeyScope::Line, 'what is on the sheet'));
    }

    public function places(array $wanted): array
    {
        $cells = $wanted[SheetWanted::NAME]['cells'] ?? [];

        return is_array($cells) && array_is_list($cells)
            ? array_map(fn (int $at): array => [SheetWanted::NAME, 'cells', $at, 'picture'], array_keys($cells))
            : [];
    }

    public function wanted(JsonNode $line): SheetWanted
    {
        return SheetWanted::fromNode($line);
    }

    public function crop(JsonNode $line): ?Crop
    {
        return SheetWanted::isCheapest($line) ? null : Crop::fromNode($line);
    }

    public function plan(LineSpec $line, array $pictures, LabCard $lab, FileName $name, OrderContext $orderContext): ?Plan
    {
        return SheetPlanner::plan($line, $pictures, $lab, $name, $orderContext);
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

    public function cells(LineContext $at): Cells
    {
        $wanted = $at->line->wanted;
        $plans = [];
        foreach ($at->plan?->layout->own->cells ?? [] as $cell) {
            $plans[$cell->cell] ??= $cell->plan;
        }
        $cells = [];
        foreach ($wanted->cells as $place => $cell) {
            $picture = $at->pictures[$place];
            $changed = fn (LineChange $change): ?Plan => $picture instanceof PictureFacts
                ? self::print(CellChange::changed($cell, $change), $at, $picture)
                : null;
            $cells[$place] = new LineContext(
                $cell->print->on($at->line),
                $at->lab->cutting($cell->size()),
                [$picture],
                $at->name,
                $plans[$place] ?? null,
                null,
                $changed,
                $at->orderContext,
            );
        }

        return new Cells(
            $cells,
            [new CellHasCopies(), ...PrintFinish::byItself(), new MarkedClearsCuts()],
            fn (array $changes): LineChange => CellChange::of($wanted, $changes),
        );
    }

    private static function print(Cell $cell, LineContext $at, PictureFacts $picture): Plan
    {
        return PrintPlanner::plan($cell->print->on($at->line), $picture, $at->lab->cutting($cell->size()), $at->name, $at->orderContext);
    }

    public function takes(LineSpec $line): bool
    {
        return Combination::takes($line);
    }

    public function gathered(array $lines, string $size): array
    {
        return Combination::gathered($lines, $size);
    }

    public function apart(LineSpec $line): array
    {
        return Combination::apart($line);
    }

    public function tried(array $lines, LabCard $lab): array
    {
        return Combination::tried($lines, $lab);
    }

    public function ready(Size $sheet): array
    {
        return Combination::ready($sheet);
    }

    public function testStrip(LineContext $at, array $settings): array
    {
        return TestStrip::of($at, $settings);
    }

    public function needsSize(): bool
    {
        return true;
    }

    public function wording(): SheetWording
    {
        return new SheetWording();
    }

    public function dimensioning(): SheetDimensioning
    {
        return new SheetDimensioning();
    }

    public function rules(): array
    {
        return SheetRules::all();
    }

    public function calledIn(): array
    {
        return [];
    }
}
