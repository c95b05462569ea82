<?php

declare(strict_types=1);

namespace Planisher\Language\Words;

use Planisher\Colour\ColourName;

/** The words that colours are asked for by: their names, and other spellings of them. */
final class ColourWords
{
    private const SPELLED = ['mid grey' => 'grey', 'olive green' => 'olive', 'navy blue' => 'navy'];

    public static function named(string $words): ?string
    {
        $words = str_replace('gray', 'grey', $words);

        return ColourName::CODES[self::SPELLED[$words] ?? $words] ?? null;
    }
}
