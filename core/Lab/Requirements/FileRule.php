<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

use Planisher\Measure\Unit;

/** How large a file may be, and how long its name. */
final class FileRule implements RequirementRule
{
    public function read(Statement $statement, Unit $bare): array
    {
        $said = [];
        $size = $statement->match('(\d+(?:[.,]\d+)?)\s*(kB|MB|GB|megabytes?|gigabytes?)\b');
        $isOfFile = $statement->says('(?:kB|MB|GB)\s*(?:per|a|each|for each)\s*(?:file|image|picture)');
        if (
            $size !== null &&
            ($isOfFile || ! $statement->says('\b(?:order|zip|archive|parcel|in all|in total|altogether|at least|minimum)\b'))
        ) {
            $unit = match (mb_strtolower($size[2])[0]) {
                'k' => 'kB',
                'm' => 'MB',
                default => 'GB',
            };
            $said['maxBytes'] = "{$size[1]} {$unit}";
        }
        $length = $statement->match('(\d{2,3})\s*(?:characters|letters|signs|chars)\b');
        if ($length !== null && $statement->isAbout('\bnames?\b|\bnaming\b|\bcalled\b|filenames?')) {
            $said['nameLength'] = $length[1];
        }

        return $said;
    }
}
