<?php

declare(strict_types=1);

namespace Planisher\Phrase;

use Planisher\Measure\Figure;

/** Words in a row: “greens, purples and pinks”. */
final class WordRow
{
    /** Up to here numbers are spelled out. */
    public const MOST = 20;

    private const NUMBERS = [
        1 => 'one',
        'two',
        'three',
        'four',
        'five',
        'six',
        'seven',
        'eight',
        'nine',
        'ten',
        'eleven',
        'twelve',
        'thirteen',
        'fourteen',
        'fifteen',
        'sixteen',
        'seventeen',
        'eighteen',
        'nineteen',
        'twenty',
    ];

    /** “three”, “24” */
    public static function number(int $number): string
    {
        return self::NUMBERS[$number] ?? Figure::count($number);
    }

    /** @param  list<string>  $words */
    public static function list(array $words): string
    {
        $last = (string) array_pop($words);

        return $words === [] ? $last : implode(', ', $words)." and {$last}";
    }
}
