<?php

declare(strict_types=1);

namespace Planisher\Parcel;

use Planisher\Finish\Finishes;
use Planisher\Lab\Price;
use Planisher\Order\WorkedLine;
use Planisher\Plan\LineContext;
use Planisher\Plan\PlannedFile;

/** What goes to the lab of a line, in numbers: told before anything is sent, and summed up over an order. */
final readonly class Goes
{
    /**
     * @param  int  $copies  of what it is made into
     * @param  string  $one  what that is, of one: “print of 8 × 10 in”
     * @param  string  $many  … of several
     * @param  int  $prints  pictures on paper: all that share a sheet count
     * @param  int  $pieces  that the lab prints: each panel of a set is one
     * @param  int  $sheets  that several share
     * @param  ?Price  $price  of all of it; null where the card doesn't say, or there is no plan yet
     */
    private function __construct(
        public int $copies,
        public string $one,
        public string $many,
        public int $prints,
        public int $pieces,
        public int $sheets,
        public ?Price $price,
    ) {}

    /** @return ?self null for what isn't printed */
    public static function of(WorkedLine $worked): ?self
    {
        [$line, $plan] = [$worked->line, $worked->plan];
        if (! $line->isPrinted()) {
            return null;
        }
        $finish = Finishes::of($line);
        $cells = Finishes::cells($worked->at)?->all;
        $pieces = array_map(fn (PlannedFile $file): Piece => Piece::of($worked, $file), $plan->files ?? []);
        $files = max(1, count($pieces));
        $size = $line->crop?->size->label() ?? ($pieces === [] ? null : $pieces[0]->sheet->label());
        $on = $line->printedOn() === $finish->label(1) ? null : $line->printedOn(); // no “canvas on canvas”
        $of = ($size === null ? '' : " of {$size}").($on === null ? '' : " on {$on}");

        return new self(
            $line->copies,
            $finish->label(1).$of,
            $finish->label(2).$of,
            $line->copies * ($cells === null ? 1 : array_sum(array_map(fn (LineContext $cell): int => $cell->line->copies, $cells))),
            $line->copies * $files,
            $cells === null ? 0 : $line->copies * $files,
            self::price($pieces)?->times($line->copies),
        );
    }

    /** @param  list<Piece>  $pieces */
    private static function price(array $pieces): ?Price
    {
        $costs = array_filter(array_map(fn (Piece $piece): ?Price => $piece->cost, $pieces));

        return $costs === [] || count($costs) < count($pieces)
            ? null
            : new Price(array_sum(array_map(fn (Price $price): int => $price->hundredths, $costs)), reset($costs)->currency);
    }

    /** @return GoesShape as the screens get it; the price in hundredths */
    public function toArray(): array
    {
        return [
            'copies' => $this->copies,
            'one' => $this->one,
            'many' => $this->many,
            'prints' => $this->prints,
            'pieces' => $this->pieces,
            'sheets' => $this->sheets,
            'price' => $this->price?->hundredths,
            'currency' => $this->price?->currency,
        ];
    }
}
