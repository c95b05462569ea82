<?php

declare(strict_types=1);

namespace Planisher\Colour;

/**
 * What a colour is called, beside its code. White and black are what they say; which code the others stand for is our own choice, no
 * source. A colour that is none of them is called by the nearest (CIEDE2000).
 */
final class ColourName
{
    /** By name, the code that it stands for where it is asked for by that name */
    public const CODES = [
        'white' => '#ffffff',
        'off white' => '#f5f2ea',
        'warm white' => '#f5efe2',
        'warm off white' => '#f4efe4',
        'ivory' => '#f4efe1',
        'cream' => '#f3ead7',
        'beige' => '#d9cbb0',
        'pale grey' => '#d8d8d8',
        'light grey' => '#c8c8c8',
        'silver' => '#b4b4b8',
        'grey' => '#808080',
        'dark grey' => '#404040',
        'black' => '#000000',
        'tan' => '#b08d64',
        'brown' => '#5a3d28',
        'dark brown' => '#3b2a1a',
        'sepia' => '#704f36',
        'gold' => '#b8903c',
        'yellow' => '#e6c229',
        'orange' => '#d9772b',
        'red' => '#b3261e',
        'dark red' => '#7a1d17',
        'burgundy' => '#6e1f2f',
        'pink' => '#e8b4b8',
        'purple' => '#6a4a8c',
        'navy' => '#1f2a44',
        'dark navy' => '#14213d',
        'dark blue' => '#1b2f57',
        'blue' => '#2456a6',
        'sky blue' => '#87b5d9',
        'light blue' => '#a9c8e4',
        'green' => '#2e6b3a',
        'dark green' => '#1f4a2c',
        'olive' => '#6b6b2f',
    ];

    /** Further names, which are told only with the code itself */
    private const TOLD = [
        'pale sand' => '#e3d3b4',
        'sand' => '#cbb288',
        'pale yellow' => '#f2e6a6',
        'apricot' => '#eeb98c',
        'terracotta' => '#b4623f',
        'rust' => '#8f4326',
        'salmon' => '#e39182',
        'rose' => '#c4707f',
        'plum' => '#5d3350',
        'mauve' => '#a98bab',
        'lilac' => '#cdbcdc',
        'slate' => '#5b6876',
        'steel blue' => '#5f83a8',
        'pale blue' => '#d3e2ee',
        'teal' => '#2d7373',
        'turquoise' => '#5fb3b0',
        'pale green' => '#c7dcc0',
        'sage' => '#94a386',
        'moss' => '#5d6f45',
        'bright red' => '#ff0000',
        'bright green' => '#00e000',
        'bright blue' => '#0000ff',
        'bright yellow' => '#ffff00',
        'magenta' => '#d020a0',
        'cyan' => '#20c8d8',
        'charcoal' => '#262626',
        'taupe' => '#8b7b6b',
    ];

    private const GREYS = ['off white', 'pale grey', 'light grey', 'grey', 'dark grey', 'charcoal'];

    private const GREY_BELOW = 3.0;

    public static function of(Rgb $colour): string
    {
        $exact = array_search((string) $colour, self::CODES, true);

        return $exact === false ? self::nearest($colour) : $exact;
    }

    /** For people: the name that is this colour, or the nearest with the code itself. */
    public static function label(Rgb $colour): string
    {
        return in_array((string) $colour, self::CODES, true) ? self::of($colour) : self::of($colour)." {$colour}";
    }

    /** Whether a colour may be told by these words, with its code. */
    public static function isTold(string $words): bool
    {
        return isset(self::TOLD[$words]) || isset(self::CODES[$words]);
    }

    private static function nearest(Rgb $colour): string
    {
        $lab = CieLab::ofRgb($colour);
        // Only what is white or black is called so; and what has no hue is grey.
        $all = array_diff_key(self::CODES, ['white' => 0, 'black' => 0]) + self::TOLD;
        $greys = array_intersect_key($all, array_flip(self::GREYS));
        $all = $lab->chroma() < self::GREY_BELOW ? $greys : $all;
        $away = array_map(fn (string $code): float => DeltaE::between($lab, self::lab($code)), $all);

        return (string) array_search(min($away), $away, true);
    }

    private static function lab(string $code): CieLab
    {
        /** @var array<string, CieLab> $known which take a tenth of a millisecond, all of them */
        static $known = [];

        return $known[$code] ??= CieLab::ofRgb(Rgb::parse($code) ?? throw new \LogicException("{$code} is no code."));
    }
}
