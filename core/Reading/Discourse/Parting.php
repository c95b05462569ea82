<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;

/**
 * Which pictures, sizes and numbers of a sentence are one print: the cheapest way to part them, by what stands between them and how the
 * parts before were put together.
 */
final class Parting
{
    /** Of every part: fewer are likelier */
    private const PART = 1.0;

    private const NO_PICTURE = 0.6;

    private const NO_PICTURE_FIRST = 0.9;

    private const NO_SIZE = 0.8;

    private const ONLY_COUNT = 2.0;

    /** Inside of a part */
    private const WITHIN = [
        '' => 0.0,
        'comma' => 0.15,
        'dash' => 0.1,
        'semicolon' => 1.5,
        'and' => 0.7,
        'also' => 2.0,
        'colon' => 0.1,
        'paren' => 0.0,
        'far' => 0.9,
        'closed' => 1.5,
    ];

    /** Between two parts */
    private const BETWEEN = [
        '' => 0.8,
        'comma' => 0.15,
        'dash' => 0.5,
        'semicolon' => 0.0,
        'and' => 0.0,
        'also' => 0.0,
        'colon' => 0.3,
        'paren' => 0.4,
        'far' => 0.0,
        'closed' => 0.0,
    ];

    /** The order of the part before: “8x10 x2, 5x7 x1” */
    private const SAME_ORDER = -0.45;

    private const OTHER_ORDER = 0.25;

    private const MOST_KEPT = 500;

    /** @var array<string, list<array{int, int}>> how a sentence was parted before, by what stands in it */
    private static array $parted = [];

    /** “X2” and “2 each” begin nothing: they belong to what stands before them */
    private const COUNT_BEHIND = 0.7;

    /** A size is that of the pictures before it rather than of those behind */
    private const SIZE_BEHIND = 0.3;

    /**
     * @param  list<list<ChartItem>>  $core
     * @param  list<string>  $gaps
     * @return list<array{int, int}> first and last of each part
     */
    public static function of(array $core, array $gaps): array
    {
        $kinds = array_map(
            fn (array $part): string => match ($part[0]->kind) {
                ItemKind::Size => 'S',
                ItemKind::Count => 'N',
                ItemKind::Same => $part[0]->value === 'size' ? 'S' : 'D',
                default => 'P',
            },
            $core,
        );
        // The lines of a list are put together alike.
        $flags = array_map(
            fn (array $part): string => ($part[count($part) - 1]->isEach ? 'e' : '').(self::isBehind($part[0]) ? 'b' : ''),
            $core,
        );
        $key = implode(',', $kinds).'|'.implode(',', $gaps).'|'.implode(',', $flags);
        count(self::$parted) < self::MOST_KEPT || (self::$parted = []);

        return self::$parted[$key] ??= self::alike(implode('', $kinds), $gaps) ?? self::cheapest($core, $gaps, $kinds);
    }

    /**
     * “0401 4x6 three copies 0402 5x7 two copies”: the same three things over and over, with the same between them, are prints.
     *
     * @param  list<string>  $gaps
     * @return ?list<array{int, int}> null where it is no such row
     */
    private static function alike(string $kinds, array $gaps): ?array
    {
        if (preg_match('/^(S?)((?:PN){2,})(P?)$/', $kinds, $m) === 1 && count(array_unique(array_slice($gaps, strlen($m[1])))) === 1) {
            return self::pairs(strlen($m[1]), strlen($kinds));
        }
        if (preg_match('/^(PSN|PNS|SPN|SNP|NPS|NSP)\1+$/', $kinds) !== 1) {
            return null;
        }
        foreach ($gaps as $n => $gap) {
            if ($n > 2 && $gap !== $gaps[$n - 3]) {
                return null;
            }
        }

        return array_map(fn (int $n): array => [3 * $n, 3 * $n + 2], range(0, intdiv(strlen($kinds), 3) - 1));
    }

    /**
     * “8x10: cake, 2, rings, 3, wood”: each with its number.
     *
     * @param  int  $lead  1 where a size stands before all of them
     * @return list<array{int, int}>
     */
    private static function pairs(int $lead, int $many): array
    {
        $pairs = [];
        for ($at = $lead; $at < $many; $at += 2) {
            $pairs[] = [$pairs === [] ? 0 : $at, min($at + 1, $many - 1)];
        }

        return $pairs;
    }

    /** “X2”, “2 each”, “in a set of 6” */
    private static function isBehind(ChartItem $count): bool
    {
        return preg_match('/^(?:x|×|\*)|^(?:in|as) a? ?(?:set|pack)|(?:ea|each)$/iu', $count->words) === 1;
    }

    /**
     * @param  list<list<ChartItem>>  $core
     * @param  list<string>  $gaps
     * @param  list<string>  $kinds
     * @return list<array{int, int}>
     */
    private static function cheapest(array $core, array $gaps, array $kinds): array
    {
        $many = count($core);
        $hasPictures = in_array('P', $kinds, true);
        /** @var array<int, array<string, array{float, int, string}>> $best by place behind, and the order of the last part */
        $best = [0 => ['' => [0.0, -1, '']]];
        for ($from = 0; $from < $many; $from++) {
            foreach ($best[$from] ?? [] as $before => [$cost]) {
                $order = '';
                $within = 0.0;
                for ($to = $from; $to < min($many, $from + 5); $to++) {
                    $kind = $kinds[$to];
                    $isTwice = str_contains($order, $kind) && ! ($kind === 'N' && $core[$to][count($core[$to]) - 1]->isEach);
                    $isHeld = $to > $from && str_contains($order, 'D') && $kind === 'S' && ! str_contains($order, 'P');
                    if ($isTwice || ($kind === 'P' && str_contains($order, 'P'))) {
                        break;
                    }
                    $to > $from && ($within += self::WITHIN[$gaps[$to - 1]] ?? 0.2);
                    $order .= $kind;
                    $all = $cost + self::PART + $within + self::missing($order, $hasPictures, $from === 0) + ($isHeld ? -0.2 : 0);
                    $from > 0 && $kinds[$from] === 'N' && self::isBehind($core[$from][0]) && ($all += self::COUNT_BEHIND);
                    $from > 0 &&
                        $kinds[$from] === 'S' &&
                        str_contains((string) $before, 'P') &&
                        ! str_contains((string) $before, 'S') &&
                        ($all += self::SIZE_BEHIND);
                    $from > 0 && ($all += (self::BETWEEN[$gaps[$from - 1]] ?? 0.3) + self::order((string) $before, $order));
                    if (! isset($best[$to + 1][$order]) || $all < $best[$to + 1][$order][0] - 1e-9) {
                        $best[$to + 1][$order] = [$all, $from, (string) $before];
                    }
                }
            }
        }
        $ends = $best[$many] ?? [];
        uasort($ends, fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $order = (string) array_key_first($ends);
        $parts = [];
        for ($to = $many; $to > 0;) {
            [, $from, $before] = $best[$to][$order];
            $parts[] = [$from, $to - 1];
            [$to, $order] = [$from, $before];
        }

        return array_reverse($parts);
    }

    private static function missing(string $order, bool $hasPictures, bool $isFirst): float
    {
        $cost = 0.0;
        if (! str_contains($order, 'P')) {
            $cost += ! $hasPictures ? 0.0 : ($isFirst ? self::NO_PICTURE_FIRST : self::NO_PICTURE);
        }
        if (! str_contains($order, 'S') && ! str_contains($order, 'D')) {
            $cost += self::NO_SIZE;
        }

        return $cost + ($order === 'N' ? self::ONLY_COUNT : 0.0);
    }

    private static function order(string $before, string $order): float
    {
        $of = fn (string $kinds): array => array_values(array_filter(str_split($kinds), fn (string $kind): bool => $kind !== 'P'));
        if ($before === $order || ($of($before) === $of($order) && count($of($order)) > 1)) {
            return self::SAME_ORDER;
        }
        $sorted = function (string $kinds): string {
            $all = str_split($kinds);
            sort($all);

            return implode($all);
        };

        return $sorted($before) === $sorted($order) ? self::OTHER_ORDER : 0.0;
    }
}
