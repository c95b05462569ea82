<?php

declare(strict_types=1);

namespace Planisher\Naming;

use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec;
use Planisher\OrderFile\OrderHead;

/** Gives every line of an order its file name: safe, no longer than the lab takes, none given twice. */
final class NameBook
{
    /**
     * @param  array<int, LineSpec>  $lines  by the line's number in the order, 1 and up
     * @return array<int, FileName> by the same number
     */
    public static function names(OrderHead $order, LabCard $lab, array $lines): array
    {
        $digits = self::digits(array_keys($lines));
        $parts = [];
        foreach ($lines as $number => $line) {
            $parts[$number] = NameParts::of($order, $lab, $line, self::number($number, $digits));
        }

        return self::toldApart($parts);
    }

    /**
     * How many digits the lines of an order are numbered in.
     *
     * @param  list<int>  $numbers
     */
    public static function digits(array $numbers): int
    {
        return strlen((string) max([1, ...$numbers]));
    }

    public static function number(int $number, int $digits): string
    {
        return str_pad((string) $number, $digits, '0', STR_PAD_LEFT);
    }

    /**
     * @param  array<int, NameParts>  $lines  all of an order, by their numbers
     * @return array<int, FileName> by the same number
     */
    public static function toldApart(array $lines): array
    {
        $taken = [];
        $names = [];
        foreach ($lines as $number => $parts) {
            $stems = $parts->stems;
            $apart = $stems;
            // A set is numbered apart as a set, so that its names stay alike.
            for ($n = 2; array_filter($apart, fn (string $stem): bool => isset($taken["{$stem}.{$parts->extension}"])) !== []; $n++) {
                $apart = array_map(fn (string $stem): string => "{$stem}-{$n}", $parts->joined($parts->room - strlen("-{$n}")));
            }
            foreach ($apart as $stem) {
                $taken["{$stem}.{$parts->extension}"] = true;
            }
            $copies = $parts->hasCopies ? self::copies($apart, $parts->join, $taken) : [];
            $names[$number] = new FileName($apart, $parts->extension, $parts->isShortened, $apart !== $stems, $copies);
        }

        return $names;
    }

    /**
     * What copies for a screen are called: as the files, and that they are for a screen. They lie apart, but are never called as
     * something else either.
     *
     * @param  list<string>  $stems
     * @param  array<string, true>  $taken  gets theirs
     * @return list<string>
     */
    private static function copies(array $stems, string $join, array &$taken): array
    {
        $copies = [];
        foreach ($stems as $stem) {
            $copy = "{$stem}{$join}screen";
            for ($n = 2; isset($taken["{$copy}.jpg"]); $n++) {
                $copy = "{$stem}{$join}screen-{$n}";
            }
            $taken["{$copy}.jpg"] = true;
            $copies[] = "{$copy}.jpg";
        }

        return $copies;
    }
}
