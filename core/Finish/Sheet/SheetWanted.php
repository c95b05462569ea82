<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finish\CombinesPrints;
use Planisher\Finish\Sheet\Arranging\Arrangement;
use Planisher\Lab\LabCard;
use Planisher\Line\InSeveralFiles;
use Planisher\Line\OfSeveralPictures;
use Planisher\Line\OfSeveralPrints;
use Planisher\Line\OnASheet;
use Planisher\Line\SeenFirst;
use Planisher\Line\Turn;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/** What is wanted of a shared sheet: the prints it carries, and how they lie on it. */
final readonly class SheetWanted implements InSeveralFiles, OfSeveralPictures, OfSeveralPrints, OnASheet, SeenFirst
{
    public const NAME = 'sheet';

    /** Instead of a size: the lab's sheet that all cells cost least on. */
    public const CHEAPEST = CombinesPrints::CHEAPEST;

    private const MOST_CELLS = 500;

    /** More copies of cells than this on one line are a slip of the finger. */
    private const MOST_COPIES = 1000;

    /**
     * @param  ?Size  $size  of a sheet; null for the cheapest
     * @param  Turn  $turn  which way up it is drawn
     * @param  non-empty-list<Cell>  $cells
     * @param  Length  $gutter  free between cells
     * @param  Length  $margin  free inside the sheet's edge
     * @param  \ArrayObject<string, ?Arrangement>  $arranged  what was worked out already, by sheet
     */
    private function __construct(
        public ?Size $size,
        public Turn $turn,
        public array $cells,
        public Length $gutter,
        public Length $margin,
        public bool $cutMarks,
        private \ArrayObject $arranged = new \ArrayObject(),
    ) {}

    /** @throws OrderFileError */
    public static function fromNode(JsonNode $line): self
    {
        $sheet = $line->need(self::NAME)->object(['gutter', 'margin', 'cutMarks', 'cells']);
        $cells = array_map(Cell::fromNode(...), $sheet->need('cells')->items(1, self::MOST_CELLS));
        $copies = array_sum(array_map(fn (Cell $cell): int => $cell->print->copies, $cells));
        if ($copies > self::MOST_COPIES) {
            throw $sheet->need('cells')->unexpected('at most '.self::MOST_COPIES." prints in all, copies counted; these are {$copies}");
        }

        return new self(
            size: self::isCheapest($line) ? null : $line->need('size')->size(),
            turn: $line->maybe('turn')?->choice(Turn::class) ?? Turn::Auto,
            cells: $cells,
            gutter: $sheet->maybe('gutter')?->length() ?? Length::zero(),
            margin: $sheet->maybe('margin')?->length() ?? Length::zero(),
            cutMarks: $sheet->maybe('cutMarks')?->bool() ?? false,
        );
    }

    public static function isCheapest(JsonNode $line): bool
    {
        return $line->maybe('size')?->raw() === self::CHEAPEST;
    }

    public function label(int $copies): string
    {
        return $copies === 1 ? 'shared sheet' : 'shared sheets';
    }

    public function inWords(): string
    {
        return 'a shared sheet of '.CellsWording::of($this->cells);
    }

    public function pictures(?string $picture): array
    {
        return array_map(fn (Cell $cell): ?string => $cell->print->picture, $this->cells);
    }

    /** “1of2” and “2of2”, of several sheets. */
    public function apart(LabCard $lab): array
    {
        $sheets = $this->arrangement($lab)?->sheets() ?? 1;

        return $sheets === 1 ? [''] : array_map(fn (int $number): string => "{$number}of{$sheets}", range(1, $sheets));
    }

    public function sheetFor(?Size $asked, LabCard $lab): ?Size
    {
        $sheet = $this->sheet($lab);

        return $asked !== null && $sheet?->sameAs($asked) === true ? null : $sheet;
    }

    public function prints(): array
    {
        $prints = [];
        foreach ($this->cells as $cell) {
            $size = $cell->size()->portrait();
            $key = "{$size->width->nanometres} {$size->height->nanometres}";
            $prints[$key] = [$prints[$key][0] ?? $cell->size(), ($prints[$key][1] ?? 0) + $cell->print->copies];
        }

        return array_values($prints);
    }

    /** The sheet it is printed on; null when no sheet of the lab could hold the cells, and it is to be the cheapest. */
    public function sheet(LabCard $lab): ?Size
    {
        return $this->size ?? SheetOffers::cheapest($this, $lab)?->size;
    }

    /** How the cells lie: by hand those that were put somewhere, all others as few sheets allow. Null when one is too large. */
    public function arrangement(LabCard $lab): ?Arrangement
    {
        $sheet = $this->sheet($lab);

        return $sheet === null ? null : $this->on($sheet);
    }

    /** The same on sheets of one size. */
    public function on(Size $sheet): ?Arrangement
    {
        if (! $this->arranged->offsetExists((string) $sheet)) {
            $this->arranged[(string) $sheet] = CellsArranged::on($this, $sheet);
        }

        return $this->arranged[(string) $sheet];
    }

    /** Whether every cell lies where it was put. */
    public function isByHand(): bool
    {
        return ! in_array(null, array_map(fn (Cell $cell): ?CellPlace => $cell->at, $this->cells), true);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            ...$this->size === null ? ['size' => self::CHEAPEST] : [],
            'sheet' => array_filter(
                [
                    'gutter' => $this->gutter->nanometres === 0 ? null : (string) $this->gutter,
                    'margin' => $this->margin->nanometres === 0 ? null : (string) $this->margin,
                    'cutMarks' => $this->cutMarks ?: null,
                    'cells' => array_map(fn (Cell $cell): array => $cell->toArray(), $this->cells),
                ],
                fn (mixed $value): bool => $value !== null,
            ),
        ];
    }
}
