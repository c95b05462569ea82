<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Line;
use Planisher\Drawing\Dimension;
use Planisher\Drawing\Dimensions;
use Planisher\Finding\Finding;
use Planisher\Line\Fit;
use Planisher\Line\PrintFinish;
use Planisher\Measure\Box;
use Planisher\Measure\Unit;
use Planisher\Picture\MustStayIn;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\Window;
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
            'line' => $worked->line->toArray(),
            'uses' => [
                'subject' => $worked->line->subjectOf(null),
                'ppi' => $worked->line->output->resolution?->typed() ?? $worked->lab->resolution->typed(),
                'format' => $worked->line->output->formatFor($worked->lab)->value,
                'quality' => $worked->line->output->qualityFor($worked->lab),
                'colour' => $worked->line->output->colourFor($worked->lab)->value,
                'name' => $worked->line->name->toArray(),
                'window' => ($worked->plan->wanted ?? new Window)->toArray(),
                'frameCover' => (string) ($worked->line->print->frameCover ?? PrintFinish::usualFrameCover()),
                'carrier' => $worked->plan?->layout->carrier === null ? null : (string) ($worked->lab->lists($worked->plan->layout->carrier) ?? $worked->plan->layout->carrier),
            ],
            'picture' => $line->orderPicture === null ? null : [
                'id' => $line->orderPicture->id,
                'name' => $line->orderPicture->name,
                'sha256' => $line->orderPicture->picture->sha256,
                'width' => $line->orderPicture->picture->facts['width'],
                'height' => $line->orderPicture->picture->facts['height'],
            ],
            'mustStayIn' => $worked->picture instanceof PictureFacts ? array_map(fn (MustStayIn $area): array => $area->toArray(), $worked->picture->mustStayIn) : [],
            'sentence' => Sentence::segments($worked),
            'addable' => Sentence::addable($worked),
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
     * What the drawing needs: lengths in mm from the paper's top left corner, the window in pixels of the picture. Without
     * a plan only the paper.
     *
     * @return ?array<string, mixed>
     */
    private static function drawing(WorkedLine $worked): ?array
    {
        $print = $worked->line->print;
        $layout = $worked->plan?->layout;
        $paper = $layout->paper ?? $print?->size;
        if ($print === null || $paper === null) {
            return null;
        }
        $box = Box::ofSize($paper);

        return [
            'paper' => ['width' => $paper->width->in(Unit::Millimetre), 'height' => $paper->height->in(Unit::Millimetre)],
            'sheet' => ($layout?->sheet() ?? $box)->toArray(),
            'image' => ($layout->image ?? $box)->toArray(),
            'bleed' => ($layout->bleed ?? 0) / Unit::Millimetre->nanometres(),
            'isWhole' => $print->fit === Fit::Whole,
            'paperColour' => (string) $print->paperColour,
            'keyline' => $print->keyline === null ? null : ['width' => $print->keyline->width->in(Unit::Millimetre), 'colour' => (string) $print->keyline->colour],
            'frameCover' => $print->frameCover->in(Unit::Millimetre),
            'ticks' => $layout?->carrier !== null && $print->trimMarks,
            'window' => $worked->plan?->window->toArray(),
            'dimensions' => array_map(fn (Dimension $d): array => $d->toArray(), $layout === null ? Dimensions::ofPaper($paper) : Dimensions::of($layout)),
        ];
    }
}
