<?php

declare(strict_types=1);

namespace Planisher\Phrase;

/** “A 12 × 18 in sheet”, “an 8 × 10 in sheet”: by how the number is spoken. */
final class Article
{
    /** @param  string  $words  that begin with a number, or with a letter that is spoken by itself, such as “A4” */
    public static function before(string $words): string
    {
        // eight, eighty, eight hundred; eleven, eighteen, but not a hundred and eleven; A4 is spoken as a letter
        $isVowel = preg_match('/^(?:8|(?:11|18)(?!\d)|[AEFHILMNORSX]\d)/u', $words) === 1;

        return ($isVowel ? 'an' : 'a')." {$words}";
    }
}
