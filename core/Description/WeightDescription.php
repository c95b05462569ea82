<?php

declare(strict_types=1);

namespace Planisher\Description;

use Planisher\Lab\FileFormat;
use Planisher\Measure\Figure;
use Planisher\Plan\Plan;
use Planisher\Plan\PlannedFile;

/** How large the files of a plan will be, in words. */
final class WeightDescription
{
    /** What can be said without packing a part of it; null where that has to be done. */
    public static function beforeMeasuring(Plan $plan, bool $canBeEstimated): ?string
    {
        $file = $plan->shown;
        if ($file->encoding->format !== FileFormat::Jpeg) {
            $all = array_sum(array_map(fn (PlannedFile $f): int => $f->unpackedBytes(), $plan->files));

            return 'At most '.Figure::bytes($all).', packed without loss.';
        }
        $pixels = Figure::pixels($file->width, $file->height);

        return $canBeEstimated
            ? null
            : "Too large to be weighed before it is made: {$pixels}. Unpacked it takes ".Figure::bytes($file->unpackedBytes()).'.';
    }

    /**
     * @param  int  $bytes  of all of it in one
     * @param  float  $mean  ΔE2000 to quality 100
     * @param  float  $most  that 99 of 100 pixels stay below
     */
    public static function measured(Plan $plan, int $bytes, float $mean, float $most): string
    {
        $area = array_sum(array_map(fn (PlannedFile $f): int => $f->width * $f->height, $plan->files));
        $all = ($bytes * $area) / ($plan->shown->width * $plan->shown->height);

        return 'About '.
            Figure::bytes((int) $all).
            '. Against quality 100 it differs by ΔE '.
            Figure::decimal($mean, 1).
            ' on average, by less than '.
            Figure::decimal($most, 1).
            ' in 99 of 100 pixels; 1 is just noticeable.';
    }
}
