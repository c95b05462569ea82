<?php

declare(strict_types=1);

namespace Planisher\ClientList;

use Planisher\Finish\Finishes;
use Planisher\Finish\LineReader;
use Planisher\Line\Line;
use Planisher\OrderFile\MergePatch;
use Planisher\OrderFile\Node;
use Planisher\OrderFile\OrderFileError;
use Planisher\Wish\Known;
use Planisher\Wish\Phrase;

/** Makes lines of an order of one thing that is spoken of. */
final class Prints
{
    /** @var array<string, Line|OrderFileError|null> what was read before, by all that is wanted but the picture: lists repeat themselves */
    private array $read = [];

    public function __construct(private readonly Known $known) {}

    /**
     * @param  list<string>  $pictures  by name
     * @param  ?Token  $size  its own, or that of its heading
     * @param  ?Token  $count
     * @param  array<string, mixed>  $general  what holds for it beside its own wishes
     * @param  bool  $isClear  that is sure
     * @return list<ReadPrint>
     */
    public function of(Item $item, array $pictures, ?Token $size, ?Token $count, array $general, ?string $remark, bool $isClear): array
    {
        $change = Changes::merged($general, Changes::of($item->wishes, $this->known->lab));
        $copies = $this->copies($item, $count, $pictures);
        $gather = $change[Phrase::GATHER] ?? null;
        unset($change[Phrase::GATHER]);
        $paper = $size?->size;
        if ($paper === null && is_string($change['carrier'] ?? null) && $change['carrier'] !== 'none') {
            $paper = $change['carrier'];
            unset($change['carrier']);
        }
        $base = ['copies' => $copies, ...$paper === null ? [] : ['size' => (string) $paper]];
        $prints = [];
        foreach ($pictures ?: [null] as $picture) {
            $print = $this->print($item, $base, $change, $picture, $remark, $size);
            $prints[] = $isClear ? $print : new ReadPrint($print->wanted, $print->remark, false, $print->isWhole);
        }

        return $gather === null ? $prints : $this->gathered($item, $prints, (int) $gather);
    }

    /**
     * @param  array<string, mixed>  $base
     * @param  array<string, mixed>  $change
     */
    private function print(Item $item, array $base, array $change, ?string $picture, ?string $remark, ?Token $size): ReadPrint
    {
        $wanted = [...$base, ...$picture === null ? [] : ['picture' => $picture]];
        $full = MergePatch::apply($wanted, $this->made($change, isset($base['size'])));
        $line = $this->read[serialize(array_diff_key($full, ['picture' => true]))] ??= $this->line($full);
        if ($line instanceof OrderFileError) {
            ($item->wishes[0] ?? ($item->size ?? ($item->pictures[0] ?? null)))?->doubt($line->getMessage());
            $line = null;
        }
        if ($line !== null && $line->ignored !== []) {
            foreach ($item->wishes as $wish) {
                array_intersect(array_keys($wish->change), $line->ignored) === [] ||
                    $wish->doubt("That says nothing of {$line->wanted->inWords()}, and was left out.");
            }
        }
        $isWhole = $line !== null && ($line->crop !== null || isset($full['size']) || ! $line->wanted->isPrinted());

        return new ReadPrint(
            $line === null
                ? array_filter($full, fn (mixed $value): bool => $value !== null)
                : array_replace(['make' => $line->make] + $line->toArray(), $picture === null ? [] : ['picture' => $picture]),
            $remark,
            $isWhole && $picture !== null && $item->isSure() && $size?->why === null,
            $isWhole,
        );
    }

    /**
     * @param  array<string, mixed>  $wanted
     * @return Line|OrderFileError|null null where its size isn't known
     */
    private function line(array $wanted): Line|OrderFileError|null
    {
        if (! isset($wanted['size']) && Finishes::named($wanted['make'] ?? Finishes::USUAL)?->needsSize()) {
            return null;
        }
        try {
            return LineReader::read(Node::root(array_filter($wanted, fn (mixed $value): bool => $value !== null), $this->known->unit));
        } catch (OrderFileError $e) {
            return $e;
        }
    }

    /**
     * What names no finish but what one alone reads is made into that; what has no size on paper is wanted besides, where there is one.
     *
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    private function made(array $change, bool $hasSize): array
    {
        foreach (Finishes::all() as $name => $finish) {
            if ($name !== Finishes::USUAL && ! isset($change['make']) && array_intersect_key($change, [$name => true]) !== []) {
                $change['make'] = $name;
            }
        }
        $finish = Finishes::named($change['make'] ?? Finishes::USUAL);
        if ($hasSize && $finish?->needsSize() === false) {
            $own = array_intersect_key($change, array_flip($finish->keys()));

            return array_diff_key($change, $own, ['make' => true]) + ['screenCopy' => array_intersect_key($own, ['longSide' => true])];
        }

        return $change;
    }

    /**
     * @param  list<ReadPrint>  $prints
     * @param  int  $gather  how many share a sheet; 0 for all
     * @return list<ReadPrint>
     */
    private function gathered(Item $item, array $prints, int $gather): array
    {
        $whole = array_values(array_filter($prints, fn (ReadPrint $print): bool => $print->isWhole));
        if ($whole === []) {
            return $prints;
        }
        $lines = array_map(fn (ReadPrint $print): Line => LineReader::read(Node::root($print->wanted, $this->known->unit)), $whole);
        [$wanted, $why] = ToASheet::laid($lines, $gather);
        $why === null || $item->wishes[0]->doubt($why);

        return [new ReadPrint($wanted, $prints[0]->remark, $prints[0]->isSure && $item->isSure(), true)];
    }

    /** @param  list<string>  $pictures */
    private function copies(Item $item, ?Token $count, array $pictures): int
    {
        $many = count($pictures);
        if ($count === null || $count->count === null) {
            return 1;
        }
        if ($many > 1 && $count->count === $many && ! $item->isEach && $item->all === null) {
            $count->doubt("{$many} in all, or {$many} of each? It was read as one of each.");

            return 1;
        }
        if ($count->count > Line::MOST_COPIES) {
            $count->doubt('That is more than '.Line::MOST_COPIES.' of one print.');

            return 1;
        }

        return $count->count;
    }
}
