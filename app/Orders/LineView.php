<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Line;
use Planisher\Finding\Finding;
use Planisher\Measure\Unit;
use Planisher\Plan\WorkedLine;
use Planisher\Telling\FactStrip;
use Planisher\Telling\Sentence;

/** A line as the screens get it: what is wanted, and all that core says of it. */
final class LineView
{
    /** @return array<string, mixed> */
    public static function of(Line $line, WorkedLine $worked): array
    {
        return [
            'id' => $line->id,
            'number' => $line->number,
            'version' => $line->version,
            'state' => $line->order_picture_id === null ? 'waiting' : $line->state,
            'line' => $worked->line->toArray() + ['subject' => $worked->line->subjectOf(null)],
            'uses' => [
                'ppi' => $worked->line->output->resolution?->typed() ?? $worked->lab->resolution->typed(),
                'format' => $worked->line->output->formatFor($worked->lab)->value,
                'quality' => $worked->line->output->qualityFor($worked->lab),
                'colour' => $worked->line->output->colourFor($worked->lab)->value,
                'name' => $worked->line->name->toArray(),
            ],
            'picture' => $line->orderPicture === null ? null : [
                'id' => $line->orderPicture->id,
                'name' => $line->orderPicture->name,
                'sha256' => $line->orderPicture->picture->sha256,
                'width' => $line->orderPicture->picture->facts['width'],
                'height' => $line->orderPicture->picture->facts['height'],
            ],
            'sentence' => Sentence::segments($worked),
            'short' => Sentence::short($worked),
            'prints' => Sentence::prints($worked->line->copies),
            'fileName' => (string) $worked->name,
            'drawing' => self::drawing($worked),
            'facts' => FactStrip::of($worked),
            'findings' => array_map(fn (Finding $finding): array => $finding->toArray(), $worked->findings),
            'planHash' => $worked->plan?->hash(),
        ];
    }

    /**
     * What the drawing needs, lengths in mm, the window in pixels of the picture. Without a plan only the paper.
     *
     * @return ?array<string, mixed>
     */
    private static function drawing(WorkedLine $worked): ?array
    {
        $paper = $worked->plan->paper ?? $worked->line->print?->size;

        return $paper === null ? null : [
            'paper' => [
                'width' => $paper->width->in(Unit::Millimetre), 'height' => $paper->height->in(Unit::Millimetre),
                'widthLabel' => (string) $paper->width, 'heightLabel' => (string) $paper->height,
            ],
            'window' => $worked->plan?->window->toArray(),
            'image' => $worked->plan === null ? null : ['width' => $worked->plan->files[0]->width, 'height' => $worked->plan->files[0]->height],
        ];
    }
}
