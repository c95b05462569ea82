<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Finish\CombinesPrints;
use Planisher\Finish\Finishes;
use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec;
use Planisher\OrderFile\OrderFileError;

/** “All on one sheet”: on one, even where several of a smaller size would cost less. */
final class OnOneSheet
{
    public static function isSaid(string $words): bool
    {
        return preg_match('/\b(?:one|single|the same)\s+(?:\w+\s+)?(?:sheet|page|paper)\b/iu', $words) === 1;
    }

    /**
     * @param  non-empty-list<LineSpec>  $lines  whose prints are to lie on it
     * @return ?string the cheapest of the lab’s that holds them all at once, as CombinesPrints has it; null where none does
     *
     * @throws OrderFileError
     */
    public static function of(array $lines, LabCard $lab): ?string
    {
        foreach (Finishes::gathering()->tried($lines, $lab) as $n => $offer) {
            if ($offer['sheets'] === 1) {
                return $n === 0 ? CombinesPrints::CHEAPEST : (string) $offer['size'];
            }
        }

        return null;
    }
}
