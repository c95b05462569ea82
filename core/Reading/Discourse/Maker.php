<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Finding\CopiesUsual;
use Planisher\Finish\CombinesPrints;
use Planisher\Finish\Finishes;
use Planisher\Finish\LinePictures;
use Planisher\Finish\LineReader;
use Planisher\Finish\SizedOtherwise;
use Planisher\Language\Known;
use Planisher\Language\Says;
use Planisher\Line\LineSpec;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\MergePatch;
use Planisher\OrderFile\OrderFileError;
use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;
use Planisher\Reading\ReadLine;
use Planisher\Reading\ReadPrint;

/** Makes lines of an order of the prints that a message speaks of. */
final class Maker
{
    /** Nanometres: three metres, which no lab of ours prints in one piece (common practice, no source) */
    private const LARGEST = 3_050_000_000;

    /** @var array<string, LineSpec|OrderFileError|false> what was read before, by its order-file form without its picture */
    private array $read = [];

    /** @var array<string, Size> as they were typed */
    private array $sizes = [];

    /** @param  list<ChartItem>  $general  wishes for all of them */
    public function __construct(private readonly Known $known, private readonly array $general) {}

    /**
     * @param  list<Draft>  $drafts
     * @param  list<array{list<Draft>, array<string, mixed>, ChartItem}>  $sheets
     * @param  array<int, ReadLine>  $lines  that they are put in
     */
    public function make(array $drafts, array $sheets, array $lines): void
    {
        foreach ($sheets as [$of]) {
            foreach ($of as $draft) {
                $draft->sheet = 1;
            }
        }
        $made = [];
        foreach ($drafts as $draft) {
            foreach ($this->prints($draft) as $print) {
                $made[] = [$draft, $print];
            }
        }
        foreach ($sheets as [$of, $how, $wish]) {
            $made = $this->gathered($made, $of, $how, $wish);
        }
        $made = self::filled($made);
        foreach ($made as [$draft, $print]) {
            $lines[$draft->line]->prints[] = $print;
        }
    }

    /** @return list<ReadPrint> a print, and what is wanted beside it by itself */
    private function prints(Draft $draft): array
    {
        $own = [];
        foreach ($draft->wishes as $wish) {
            $wish->kind === ItemKind::Wish && ($own[] = $wish);
        }
        $general = array_values(array_filter($this->general, fn (ChartItem $wish): bool => ! in_array($wish, $own, true)));
        self::sayOfWhat($draft, $own, $general);
        $change = Settler::merged(self::fitting(Settler::change($general, $this->known), $own), Settler::change($own, $this->known));
        self::weighLooks($draft);
        $size = $draft->size;
        $last = $own === [] ? null : end($own);
        $draft->places = $change[Says::PLACES] ?? null;
        self::askOfSizes($draft, $change);
        isset($change[Says::SIZE]) && ($size = $this->size((string) $change[Says::SIZE]));
        $change = Settler::completed($change + ($size === null ? [] : ['size' => (string) $size]), [], $own, $this->known->unit);
        isset($change['size']) && ($size = $this->size((string) $change['size']));
        if (isset($change[Says::FRAME])) {
            if ($size === null && isset($change[Says::IS_ITS_SIZE])) {
                $size = Size::parse((string) $change[Says::FRAME], $this->known->unit);
            } else {
                foreach ($own as $wish) {
                    isset($wish->change[Says::FRAME]) &&
                        $wish->doubt('That is the size of a frame or a mount. What is wanted of it stays as a remark.');
                    isset($wish->change[Says::FRAME]) && ($draft->remarks[] = $wish->words);
                }
            }
        }
        if (isset($change[Says::ON_SHEET]) && $draft->sheet === null) {
            $sheet = Size::parse((string) $change[Says::ON_SHEET], $this->known->unit);
            if ($size === null && ! isset($change[Says::ONE_SIDE])) {
                $size = $sheet;
            } else {
                $change['carrier'] = (string) $sheet;
                foreach ($size !== null && ! $sheet->holds($size) ? [...$own, ...$general] : [] as $wish) {
                    isset($wish->change[Says::ON_SHEET]) && $wish->doubt(self::tooSmall($sheet));
                }
            }
        }
        $change = $this->screen($change, $size, $last);
        $change = Outputs::withoutQuality($change, [], $last);
        if (isset($change['number'])) {
            $last?->doubt('A line’s number is given once it is there.');
        }
        $draft->sheetWishes = is_array($change['sheet'] ?? null) && $this->isGathered($draft) ? $change['sheet'] : [];
        if ($draft->sheetWishes !== []) {
            unset($change['sheet']);
        }
        $said = $change;
        $change =
            array_filter(
                $change,
                fn (string $key): bool => $key[0] !== '#' && $key !== 'number' && $key !== 'remark',
                ARRAY_FILTER_USE_KEY,
            ) + array_intersect_key($change, ['remark' => 1]);
        $remark = (array) ($change['remark'] ?? []);
        unset($change['remark'], $change['size']);
        self::askOfSides($draft, $own, $size !== null, isset($said[Says::ONE_SIDE]));
        $base = ['copies' => $draft->copies] + ($size === null ? self::oneSide($said) : ['size' => (string) $size]);
        $asked = array_filter([...$draft->from, ...$own, ...$general], fn (ChartItem $item): bool => $item->isAsked());
        $isSure = ! $draft->isAsked && $asked === [];

        return [$this->print($base, $change, $draft, $remark, $isSure)];
    }

    /**
     * @param  array<string, mixed>  $said
     * @return array<string, mixed>
     */
    private static function oneSide(array $said): array
    {
        return isset($said[Says::ONE_SIDE])
            ? ['size' => $said[Says::ONE_SIDE]] + (isset($said[Says::RATIO]) ? ['ratio' => $said[Says::RATIO]] : [])
            : [];
    }

    /**
     * “30 mm wide” is that of the mark or the letters that are spoken of, “12 in wide” else that of a print without a size.
     *
     * @param  list<ChartItem>  $own
     * @param  list<ChartItem>  $general
     */
    private static function sayOfWhat(Draft $draft, array $own, array $general): void
    {
        $blocks = array_flip([Says::MARK, Says::SCREEN_MARK, Says::LETTERING, Says::CAPTION, 'overlays', 'lettering', 'caption']);
        $hasBlock =
            array_filter([...$own, ...$general], fn (ChartItem $wish): bool => array_intersect_key($wish->change, $blocks) !== []) !== [];
        foreach ($own as $wish) {
            if (isset($wish->change[Says::STYLE], $wish->change[Says::ONE_SIDE])) {
                unset($wish->change[$hasBlock || $draft->size !== null ? Says::ONE_SIDE : Says::STYLE]);
            }
        }
    }

    /**
     * A side beside a whole size is that of something else, and a shape that goes with no side is only told.
     *
     * @param  list<ChartItem>  $own
     */
    private static function askOfSides(Draft $draft, array $own, bool $hasSize, bool $hasSide): void
    {
        foreach ($own as $wish) {
            if ($hasSize && isset($wish->change[Says::ONE_SIDE])) {
                $wish->doubt('Of what is that said?');
                $draft->isAsked = true;
            }
            if (($hasSize || ! $hasSide) && isset($wish->change[Says::RATIO])) {
                $draft->remarks[] = $wish->words;
            }
        }
    }

    /** A list says the same few sizes over and over. */
    private function size(string $typed): Size
    {
        return $this->sizes[$typed] ??= Size::parse($typed, $this->known->unit);
    }

    private function isGathered(Draft $draft): bool
    {
        return $draft->sheet !== null;
    }

    /** “A bigger one, 16x20”: the size says how much. */
    private static function weighLooks(Draft $draft): void
    {
        $sizes = array_filter($draft->from, fn (ChartItem $item): bool => $item->kind === ItemKind::Size);
        foreach ($draft->wishes as $wish) {
            $isLook = array_keys($wish->change[Says::STYLE] ?? []) === ['scale'];
            foreach ($isLook ? $sizes : [] as $size) {
                $size->at > $wish->at && ($wish->why = null);
            }
        }
    }

    /**
     * A house finish may have a size, and another one may have been said.
     *
     * @param  array<string, mixed>  $change
     */
    private static function askOfSizes(Draft $draft, array $change): void
    {
        $given = array_values(array_filter($draft->wishes, fn (ChartItem $wish): bool => isset($wish->change['size'])));
        if ($draft->size === null || $given === []) {
            return;
        }
        $sizes = [$change['size'] ?? null, ...array_column($change['sheet']['cells'] ?? [], 'size')];
        foreach (array_filter($sizes, is_string(...)) as $size) {
            if (Size::parse($size)->sameAs($draft->size)) {
                return;
            }
        }
        $own = Size::parse((string) $given[0]->change['size'])->label();
        $given[0]->doubt("“{$given[0]->words}” is of {$own}, and {$draft->size->label()} was said. Leave one of them out.");
        $draft->isAsked = true;
    }

    /**
     * Pictures that fill the places of a sheet, as many as it has.
     *
     * @param  list<array{Draft, ReadPrint}>  $made
     * @return list<array{Draft, ReadPrint}>
     */
    private static function filled(array $made): array
    {
        $filled = $names = [];
        foreach ($made as [$draft, $print]) {
            $at = count($filled) - 1;
            $last = $at < 0 ? null : $filled[$at][0];
            $isNext = $last !== null && $draft->places > 1 && count($names) < $draft->places && $draft->wishes === $last->wishes;
            if (! $isNext || $last->copies !== $draft->copies) {
                $filled[] = [$draft, $print];
                $names = [$draft->picture];

                continue;
            }
            $names[] = $draft->picture;
            $filled[$at] = [$last, $filled[$at][1]->holding(array_values(array_filter($names)))];
        }
        foreach ($filled as $at => [$draft, $print]) {
            self::isFull($draft, $print) || ($filled[$at] = [$draft, $print->unsure()]);
        }

        return array_values($filled);
    }

    private static function isFull(Draft $draft, ReadPrint $print): bool
    {
        $held = count(array_filter(LinePictures::take($print->wanted)[1]));
        if ($draft->places === null || $held === $draft->places) {
            return true;
        }
        $wish = array_values(array_filter($draft->wishes, fn (ChartItem $wish): bool => isset($wish->change[Says::PLACES])))[0] ?? null;
        $wish?->doubt("It has places for {$draft->places} pictures; {$held} of them ".($held === 1 ? 'is' : 'are').' filled.');

        return false;
    }

    /**
     * What is said of all holds where nothing else is said of one.
     *
     * @param  array<string, mixed>  $general
     * @param  list<ChartItem>  $own
     * @return array<string, mixed>
     */
    private static function fitting(array $general, array $own): array
    {
        foreach ($own as $wish) {
            foreach (array_keys($wish->change) as $key) {
                if (array_key_exists($key, $general) && ! is_array($general[$key])) {
                    unset($general[$key]);
                }
            }
        }

        return $general;
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    private function screen(array $change, ?Size $size, ?ChartItem $last): array
    {
        if (! isset($change[Says::SCREEN])) {
            return $change;
        }
        if ($size !== null) {
            return Outputs::besides($change, [], $last);
        }

        return array_intersect_key($change[Says::SCREEN], ['longSide' => 1, 'shape' => 1]) + ['make' => 'screen-copy'] + $change;
    }

    /**
     * @param  array<string, mixed>  $base
     * @param  array<string, mixed>  $change
     * @param  array<string, mixed>  $remark
     */
    private function print(array $base, array $change, Draft $draft, array $remark, bool $isSure): ReadPrint
    {
        $full = MergePatch::apply($base + ($draft->picture === null ? [] : ['picture' => $draft->picture]), $this->made($change));
        if ($draft->places !== null) {
            $full = LinePictures::put(array_diff_key($full, ['picture' => true]), $draft->picture === null ? [] : [$draft->picture]);
        }
        $line = $this->read[serialize(array_diff_key($full, ['picture' => true]))] ??= $this->line($full) ?? false;
        $first = $draft->wishes[0] ?? ($draft->from[0] ?? null);
        if ($line instanceof OrderFileError) {
            $first?->doubt($line->getMessage());
            $isSure = false;
            $line = false;
        }
        if ($line !== false && $line->ignored !== []) {
            foreach ($draft->wishes as $wish) {
                if (array_intersect(array_keys($wish->change), $line->ignored) !== []) {
                    $wish->doubt("That says nothing of {$line->wanted->inWords()}, and was left out.");
                    $isSure = false;
                }
            }
        }
        if ($line instanceof LineSpec) {
            $isSure = $this->isUsual($line, $draft, $first) && self::fitsItsPaper($full, $draft) && $isSure;
        }
        $isWhole = $line !== false && ($line->crop !== null || isset($full['size']) || ! $line->isPrinted());
        $said = implode('; ', array_unique(array_filter([...$draft->remarks, (string) ($remark['own'] ?? '')])));

        return new ReadPrint(
            $line === false
                ? array_filter($full, fn (mixed $value): bool => $value !== null)
                : array_replace(
                    ['make' => $line->make] + $line->toArray(),
                    $draft->picture === null || $draft->places !== null ? [] : ['picture' => $draft->picture],
                ),
            $said === '' ? null : $said,
            $isSure && $isWhole && $draft->picture !== null,
            $isWhole,
            isset($remark['lab']) ? (string) $remark['lab'] : null,
        );
    }

    /**
     * “A4, so the image is 17x25.7”: in inches it would be larger than its paper.
     *
     * @param  array<string, mixed>  $wanted
     */
    private static function fitsItsPaper(array $wanted, Draft $draft): bool
    {
        $sides = is_array($wanted['image'] ?? null) && is_string($wanted['size'] ?? null) ? $wanted['image'] : [];
        foreach (array_filter($sides, is_string(...)) as $side) {
            $paper = Size::parse((string) $wanted['size'])->landscape()->width;
            if (Length::parse($side)->nanometres > $paper->nanometres) {
                foreach ($draft->wishes as $wish) {
                    isset($wish->change['image']) && $wish->doubt('That is larger than its paper. In which unit is it?');
                }

                return false;
            }
        }

        return true;
    }

    /** The last gate: copies far beyond the usual, a quality that ruins, are asked for once more. */
    private function isUsual(LineSpec $line, Draft $draft, ?ChartItem $first): bool
    {
        $side = $line->crop === null ? 0 : max($line->crop->size->width->nanometres, $line->crop->size->height->nanometres);
        if ($side > self::LARGEST) {
            $size = $line->crop?->size->label();
            ($draft->from[count($draft->from) - 1] ?? $first)?->doubt("{$size} is far larger than is usual. Is it meant?");

            return false;
        }
        if (CopiesUsual::isFarBeyond($line)) {
            ($draft->from[count($draft->from) - 1] ?? $first)?->doubt("{$line->copies} prints are far more than is usual. Are they meant?");

            return false;
        }

        return true;
    }

    /**
     * @param  array<string, mixed>  $wanted
     * @return LineSpec|OrderFileError|null null where its size isn't known
     */
    private function line(array $wanted): LineSpec|OrderFileError|null
    {
        $finish = Finishes::named($wanted['make'] ?? Finishes::USUAL);
        $needsSize = $finish instanceof SizedOtherwise ? $finish->needsSize() : $finish !== null;
        if ($needsSize && ! isset($wanted['size'])) {
            return null;
        }
        try {
            return LineReader::read(JsonNode::root(array_filter($wanted, fn (mixed $value): bool => $value !== null), $this->known->unit));
        } catch (OrderFileError $e) {
            return $e;
        }
    }

    /**
     * What names no finish but what one alone reads is made into that.
     *
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    private function made(array $change): array
    {
        foreach (Finishes::all() as $name => $finish) {
            if ($name !== Finishes::USUAL && ! isset($change['make']) && array_intersect_key($change, [$name => true]) !== []) {
                $change['make'] = $name;
            }
        }

        return $change;
    }

    /** Of a sheet that a print is to be laid on. */
    public static function tooSmall(Size $sheet): string
    {
        return "{$sheet->label()} is smaller than the print. On which sheet is it?";
    }

    /**
     * @param  list<array{Draft, ReadPrint}>  $made
     * @param  list<Draft>  $of
     * @param  array<string, mixed>  $how
     * @return list<array{Draft, ReadPrint}>
     */
    private function gathered(array $made, array $of, array $how, ChartItem $wish): array
    {
        $mine = array_filter(
            $made,
            fn (array $one): bool => in_array($one[0], $of, true) && $one[1]->isWhole && ($one[1]->wanted['make'] ?? 'print') === 'print',
        );
        if ($mine === []) {
            return $made;
        }
        try {
            $lines = array_values(
                array_map(
                    fn (array $one): LineSpec => LineReader::read(
                        JsonNode::root(array_diff_key($one[1]->wanted, ['carrier' => 1]), $this->known->unit),
                    ),
                    $mine,
                ),
            );
            $on = $how['on'] ?? (isset($how['isOne']) ? CombinesPrints::ONE : CombinesPrints::CHEAPEST);
            [$wanted, $why] = ToASheet::laid($lines, (int) $how['many'], (string) $on, $this->known->lab);
        } catch (OrderFileError $e) {
            $wish->doubt($e->getMessage());

            return $made;
        }
        foreach ($mine as [$draft]) {
            $wanted['sheet'] = $draft->sheetWishes + (array) ($wanted['sheet'] ?? []);
        }
        $why === null || $wish->doubt($why);
        $sizes = [];
        foreach ($mine as [, $print]) {
            $sizes[$print->wanted['picture'] ?? ''][$print->wanted['size'] ?? ''] = true;
        }
        foreach (count($sizes) > 1 ? $sizes : [] as $of) {
            count($of) > 1 && $wish->doubt('The same pictures in two sizes: is one of them the sheet’s?');
        }
        $isSure = $wish->why === null && array_filter($mine, fn (array $one): bool => ! $one[1]->isSure) === [];
        $first = array_key_first($mine);
        $left = [];
        foreach ($made as $n => $one) {
            if ($n === $first) {
                $left[] = [$one[0], new ReadPrint($wanted, $one[1]->remark, $isSure, true, $one[1]->forLab)];
            } elseif (! isset($mine[$n])) {
                $left[] = $one;
            }
        }

        return $left;
    }
}
