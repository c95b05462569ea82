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
        $output = $line->maybe('output');
        $forPaper = $line->maybe('forPaper');

        return array_keys(array_filter([
            'a profile of your own' => self::isProfileFile($output?->maybe('colour')?->raw()),
            'lifting for paper' => ($forPaper?->maybe('open')?->raw() ?? 0) != 0 || ($forPaper?->maybe('contrast')?->raw() ?? 0) != 0,
        ]));
    }

    public static function isProfileFile(mixed $colour): bool
    {
        return is_string($colour) && preg_match('/\.ic[cm]$/i', $colour) === 1;
    }
}
