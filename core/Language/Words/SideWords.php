<?php

declare(strict_types=1);

namespace Planisher\Language\Words;

/** Sides of a print as they are spoken of: “top and sides”, “at the foot”, “all round”, “the other three”. */
final class SideWords
{
    private const ALL = ['top', 'right', 'bottom', 'left'];

    private const SIDES = [
        'top' => ['top'],
        'above' => ['top'],
        'head' => ['top'],
        'bottom' => ['bottom'],
        'below' => ['bottom'],
        'foot' => ['bottom'],
        'underneath' => ['bottom'],
        'beneath' => ['bottom'],
        'btm' => ['bottom'],
        'left' => ['left'],
        'right' => ['right'],
        'sides' => ['left', 'right'],
    ];

    private const BEFORE = ['at', 'on', 'the', 'to', 'along', 'in', 'of', 'its', 'a'];

    /** @return list<Typed> each the names of sides; “rest” for those that are not named otherwise */
    public static function at(Spoken $said, int $i): array
    {
        $found = [];
        $sides = [];
        $j = $i;
        while (true) {
            while (in_array($said->text($j), self::BEFORE, true)) {
                $j++;
            }
            [$more, $end] = self::one($said, $j);
            if ($more === []) {
                break;
            }
            $sides = array_values(array_unique([...$sides, ...$more]));
            $found[] = new Typed($end, $sides);
            $isListed =
                in_array($said->text($end), ['and', '&', '+'], true) ||
                ($said->text($end) === ',' && self::one($said, $end + 1)[0] !== [] && self::one($said, $end + 1)[0] !== ['rest']);
            if (! $isListed) {
                break;
            }
            $j = $end + 1;
        }

        return $found;
    }

    /** @return array{list<string>, int} */
    private static function one(Spoken $said, int $j): array
    {
        $text = $said->text($j);
        if (in_array($text, ['rest', 'others', 'other', 'remaining'], true)) {
            $end = $j + 1;
            while (in_array($said->text($end), ['two', 'three', '2', '3', 'sides', 'edges', 'ones'], true)) {
                $end++;
            }

            return [['rest'], $end];
        }
        if (in_array($text, ['all', 'every', 'each', 'four'], true)) {
            $end = $j + 1;
            while (
                in_array(
                    $said->text($end),
                    ['four', '4', 'round', 'around', 'rnd', 'side', 'sides', 'edge', 'edges', 'the', 'way', 'it'],
                    true,
                )
            ) {
                $end++;
            }
            $isRound = $end > $j + 1;

            return $isRound && ! ($said->text($end - 1) === 'the') ? [self::ALL, $end] : [[], $j];
        }
        if (in_array($text, ['round', 'around'], true)) {
            return [self::ALL, $j + 1];
        }
        $sides = self::SIDES[$text] ?? null;
        if ($text === 'either' && $said->text($j + 1) === 'side') {
            return [['left', 'right'], $j + 2];
        }

        return $sides === null ? [[], $j] : [$sides, in_array($said->text($j + 1), ['edge', 'side'], true) ? $j + 2 : $j + 1];
    }
}
