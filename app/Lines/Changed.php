<?php

declare(strict_types=1);

namespace App\Lines;

use Planisher\Finish\Finishes;
use Planisher\Line\LineKey;

/** Says in words what of a line was changed. */
final class Changed
{
    /**
     * @param  LineForm  $before  its order-file form
     * @param  LineForm  $after
     */
    public static function between(array $before, array $after, bool $hasOtherPicture): ?string
    {
        $said = array_map(fn (LineKey $key): string => $key->words, Finishes::keys()->changed($before, $after));
        if ($hasOtherPicture) {
            array_unshift($said, 'its picture');
        }
        $last = array_pop($said);

        return $last === null ? null : 'changed '.($said === [] ? $last : implode(', ', $said)." and {$last}");
    }
}
