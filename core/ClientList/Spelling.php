<?php

declare(strict_types=1);

namespace Planisher\ClientList;

use Planisher\Wish\Offer;

/** Words of the grammar that a misspelt word may have been meant for. */
final class Spelling
{
    private const KNOWN =
        'lustre glossy matte canvas mirrored border whole uncropped panels triptych keyline raised landscape portrait '.
        'borderless cropping '.
        'sharpened captioned watermarked dozen copies square deep';

    /** @return list<Offer> */
    public static function like(string $word): array
    {
        $word = mb_strtolower($word);
        if (strlen($word) < 4 || strlen($word) > 40) {
            return [];
        }
        $near = array_filter(
            explode(' ', self::KNOWN),
            fn (string $known): bool => levenshtein($word, $known) <= (strlen($word) < 6 ? 1 : 2),
        );

        return array_values(array_map(fn (string $known): Offer => new Offer("“{$known}”", $known), $near));
    }
}
