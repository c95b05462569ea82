<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\OrderFile\Node;

/**
 * What an order file may ask for and this version can't make yet. A line that asks for any of it is stopped
 * and says so, rather than made without. Each finish that is added takes its entry out of here.
 */
final class NotYet
{
    /**
     * @return list<string> what the line asks for, in words
     */
    public static function in(Node $line): array
    {
        $make = $line->maybe('make')?->raw() ?? 'print';
        if (in_array($make, [Make::SharedSheet->value, Make::ScreenCopy->value], true)) {
            return [match (Make::tryFrom((string) $make)) {
                Make::SharedSheet => 'a shared sheet',
                default => 'a screen copy',
            }];
        }

        return [];
    }
}
