<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Measure\Figure;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\LineContext;

/** Tells which page of a file of several is printed: the largest. */
final class LargestPage implements PictureCheck
{
    public function lookAt(PictureFacts $picture, LineContext $at): ?Finding
    {
        return $picture->pages < 2
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
