<?php

declare(strict_types=1);

namespace Planisher\Phrase;

/** Words in a row: “greens, purples and pinks”. */
final class Words
{
    /** @param  list<string>  $words */
    public static function list(array $words): string
    {
        $last = (string) array_pop($words);

        return $words === [] ? $last : implode(', ', $words)." and {$last}";
    }
}
