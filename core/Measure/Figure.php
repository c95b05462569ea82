<?php

declare(strict_types=1);

namespace Planisher\Measure;

/** How a figure is written for people: no more digits than mean something, thin space before its unit. */
final class Figure
{
    public const THIN_SPACE = "\u{2009}";

    /** A decimal with at most $digits places and no trailing zeros: 9.33, 8, 0.5. */
    public static function decimal(float $value, int $digits): string
    {
        $text = number_format($value, $digits, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    /** A share from 0 to 1 in per cent; small shares keep one place, none is hidden as 0 %. */
    public static function percent(float $share): string
    {
        $percent = $share * 100;

        return match (true) {
            $percent <= 0 => '0',
            $percent < 0.1 => '< 0.1',
            $percent < 10 => self::decimal($percent, 1),
            default => self::decimal($percent, 0),
        }.
            self::THIN_SPACE.
            '%';
    }

    /** How far away, by the unit that sizes stand in: 36 cm, 6.5 m, 14 in, 21 ft. */
    public static function distance(float $inches, Unit $unit): string
    {
        [$length, $small, $large, $many, $from] =
            $unit === Unit::Inch ? [$inches, 'in', 'ft', 12, 60] : [$inches * 2.54, 'cm', 'm', 100, 100];

        return $length < $from
            ? self::decimal($length, 0).self::THIN_SPACE.$small
            : self::decimal($length / $many, 1).self::THIN_SPACE.$large;
    }

    /** Whole pixels with thin spaces by threes from five digits on: 2400, 13 500. */
    public static function count(int $number): string
    {
        return $number < 10_000 ? (string) $number : number_format($number, 0, '', self::THIN_SPACE);
    }

    public static function pixels(int $width, int $height): string
    {
        return self::count($width).' × '.self::count($height).self::THIN_SPACE.'px';
    }

    /** Bytes in the decimal units file sizes are sold in: 7.4 MB. */
    public static function bytes(int $bytes): string
    {
        return match (true) {
            $bytes < 1000 => $bytes.self::THIN_SPACE.'bytes',
            $bytes < 1_000_000 => self::decimal($bytes / 1000, 0).self::THIN_SPACE.'kB',
            $bytes < 1_000_000_000 => self::decimal($bytes / 1_000_000, $bytes < 100_000_000 ? 1 : 0).self::THIN_SPACE.'MB',
            default => self::decimal($bytes / 1_000_000_000, 2).self::THIN_SPACE.'GB',
        };
    }
}
