<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Measure\Figure;

/** Tells which page of a file of several is printed: the largest. */
final class LargestPage implements Check
{
    public function look(Situation $at): ?Finding
    {
        $picture = $at->facts();

        return $picture === null || $picture->pages < 2
            ? null
            : Finding::look(
                'page-chosen',
                'One of '.$picture->pages.' pages',
                'The file holds several pictures; page '.
                    ($picture->page + 1).
                    ', the largest, is printed: '.
                    Figure::pixels($picture->width, $picture->height).
                    '.',
            );
    }
}
