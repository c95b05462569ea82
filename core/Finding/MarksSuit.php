<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Measure\Figure;
use Planisher\Plan\LineContext;

/** Whether marks let what lies under them be seen, and are neither enlarged nor pulled out of shape. */
final class MarksSuit implements Check
{
    /** From here on a frame pulled over an image of another shape is seen (common practice, no source). */
    private const SEEN_STRETCH = 0.02;

    public function judge(LineContext $at): ?Finding
    {
        foreach ($at->plan->added->overlays ?? [] as $overlay) {
            if (! $overlay->picture->isSeeThrough) {
                return Finding::look(
                    'mark-covers',
                    "The mark “{$overlay->wanted->name()}” covers what lies under it",
                    'It has no transparency: all of its rectangle is laid over the picture. Save it as a PNG with a transparent ground.',
                );
            }
        }
        foreach ($at->plan->added->overlays ?? [] as $overlay) {
            if ($overlay->stretched() > self::SEEN_STRETCH) {
                return Finding::look(
                    'mark-stretched',
                    "The mark “{$overlay->wanted->name()}” is pulled out of shape",
                    'It lies over the whole image, which is of another shape: by '.Figure::percent($overlay->stretched()).'.',
                );
            }
        }
        foreach ($at->plan->added->overlays ?? [] as $overlay) {
            $scale = $at->plan === null ? 0.0 : $overlay->scale($at->plan->shown->resolution);
            if ($scale > 1) {
                return Finding::look(
                    'mark-enlarged',
                    'A mark is enlarged',
                    "“{$overlay->wanted->name()}” has ".
                        Figure::pixels($overlay->picture->width, $overlay->picture->height).
                        ' and is printed at '.
                        Figure::decimal($scale, 1).
                        ' times that. Its edges will be soft; use a larger one, or make it narrower.',
                );
            }
        }

        return null;
    }
}
