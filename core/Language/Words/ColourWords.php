<?php

declare(strict_types=1);

namespace Planisher\Language\Words;

/** Colours that have plain names. White and black are what they say; the others are our own choice, no source. */
final class ColourWords
{
    private const NAMED = [
        'white' => '#ffffff',
        'black' => '#000000',
        'grey' => '#808080',
        'gray' => '#808080',
        'cream' => '#f3ead7',
        'ivory' => '#f4efe1',
        'navy' => '#1f2a44',
        'brown' => '#5a3d28',
        'tan' => '#b08d64',
        'red' => '#b3261e',
        'blue' => '#2456a6',
        'green' => '#2e6b3a',
        'olive' => '#6b6b2f',
        'yellow' => '#e6c229',
        'gold' => '#b8903c',
        'silver' => '#b4b4b8',
        'orange' => '#d9772b',
        'pink' => '#e8b4b8',
        'purple' => '#6a4a8c',
        'burgundy' => '#6e1f2f',
        'beige' => '#d9cbb0',
        'sepia' => '#704f36',
    ];

    private const SHADED = [
        'off white' => '#f5f2ea',
        'warm white' => '#f5efe2',
        'warm off white' => '#f4efe4',
        'dark grey' => '#404040',
        'dark gray' => '#404040',
        'mid grey' => '#808080',
        'mid gray' => '#808080',
        'light grey' => '#c8c8c8',
        'light gray' => '#c8c8c8',
        'pale grey' => '#d8d8d8',
        'pale gray' => '#d8d8d8',
        'dark green' => '#1f4a2c',
        'olive green' => '#6b6b2f',
        'dark brown' => '#3b2a1a',
        'dark blue' => '#1b2f57',
        'dark red' => '#7a1d17',
        'dark navy' => '#14213d',
        'navy blue' => '#1f2a44',
        'sky blue' => '#87b5d9',
        'light blue' => '#a9c8e4',
    ];

    /** @return array<string, string> by name, the longer ones first */
    public static function all(): array
    {
        return self::SHADED + self::NAMED;
    }

    public static function named(string $words): ?string
    {
        return self::SHADED[$words] ?? (self::NAMED[$words] ?? null);
    }
}
