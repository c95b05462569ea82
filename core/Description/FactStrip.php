<?php

declare(strict_types=1);

namespace Planisher\Description;

use Planisher\Finish\Finishes;
use Planisher\Lab\FileFormat;
use Planisher\Measure\Figure;
use Planisher\Plan\LineContext;
use Planisher\Plan\Part;
use Planisher\Plan\Plan;

/** The facts under the drawing: a figure and what it means, each. */
final class FactStrip
{
    /** @return list<array{figure: string, note: string}> empty while there is no plan */
    public static function of(LineContext $at): array
    {
        $plan = $at->plan;
        if ($plan === null) {
            return [];
        }

        return array_values(
            array_filter([
                ...$plan->parts === [] ? [] : [self::taken($plan)],
                ...$plan->parts === [] || ! $at->line->isPrinted() ? [] : [self::resolution($plan)],
                ...Finishes::of($at->line)->wording()->facts($at, $plan),
                self::files($plan),
            ]),
        );
    }

    /** @return array{figure: string, note: string} */
    private static function taken(Plan $plan): array
    {
        $part = $plan->only();
        if ($part === null) {
            $pictures = count(array_unique(array_map(fn (Part $of): string => $of->picture->sha256, $plan->parts)));

            return ['figure' => $pictures === 1 ? '1 picture' : "{$pictures} pictures", 'note' => 'printed together'];
        }

        return [
            'figure' => Figure::pixels($part->window->width, $part->window->height),
            'note' => 'taken from '.Figure::count($part->picture->width).' × '.Figure::count($part->picture->height),
        ];
    }

    /** @return array{figure: string, note: string} */
    private static function resolution(Plan $plan): array
    {
        $scale = $plan->scale();
        $made = $plan->shown->resolution->label();

        return [
            'figure' => Figure::decimal($plan->softest()->sharpness->ppi, 0).Figure::THIN_SPACE.'ppi at size',
            'note' => match (true) {
                abs($scale - 1) < 0.0005 => 'its own pixels, not resampled',
                $scale < 1 => "at {$made}, reduced × ".Figure::decimal($scale, 2),
                default => "at {$made}, enlarged × ".Figure::decimal($scale, 2),
            },
        ];
    }

    /** @return array{figure: string, note: string} */
    private static function files(Plan $plan): array
    {
        $file = $plan->files[0];
        $unpacked = Figure::bytes(array_sum(array_map(fn ($f): int => $f->unpackedBytes(), $plan->files)));
        $count = count($plan->files);
        $alike = count(array_unique(array_map(fn ($f): string => "{$f->width} {$f->height}", $plan->files))) === 1;

        return [
            'figure' => match (true) {
                $count === 1 => Figure::pixels($file->width, $file->height),
                $alike => "{$count} × ".Figure::pixels($file->width, $file->height),
                default => "{$count} files, ".Figure::pixels($plan->shown->width, $plan->shown->height),
            },
            'note' => $file->encoding->label().
                ($file->encoding->format === FileFormat::Tiff ? ", at most {$unpacked}" : ", {$unpacked} unpacked"),
        ];
    }
}
