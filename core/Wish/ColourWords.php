<?php

declare(strict_types=1);

namespace Planisher\Wish;

/** Colours that have plain names. White and black are what they say; the others are our own choice, no source. */
final class ColourWords
{
    private const NAMED = [
        'off-white' => '#f5f2ea',
        'off white' => '#f5f2ea',
        'white' => '#ffffff',
        'black' => '#000000',
        'dark grey' => '#404040',
        'dark gray' => '#404040',
        'light grey' => '#c8c8c8',
        'light gray' => '#c8c8c8',
        'grey' => '#808080',
        'gray' => '#808080',
        'cream' => '#f3ead7',
        'ivory' => '#f4efe1',
        'navy' => '#1f2a44',
        'brown' => '#5a3d28',
    ];

    public static function pattern(): string
    {
        return '(?:#[0-9a-f]{6}|'.implode('|', array_keys(self::NAMED)).')';
    }

    public static function hex(string $words): string
    {
        $words = mb_strtolower($words);

        return self::NAMED[$words] ?? (str_starts_with($words, '#') ? $words : '#ffffff');
    }
}
