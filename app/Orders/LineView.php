<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Line;
use Planisher\Colour\Rgb;
use Planisher\Drawing\Dimension;
use Planisher\Drawing\Dimensions;
use Planisher\Drawing\Joint;
use Planisher\Finding\Finding;
use Planisher\Line\Fit;
use Planisher\Line\PrintFinish;
use Planisher\Measure\Box;
use Planisher\Measure\Unit;
use Planisher\Picture\MustStayIn;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\Window;
use Planisher\Plan\Layout;
use Planisher\Plan\Panel;
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
                'paper' => self::paper($worked),
                'depth' => (string) $worked->line->canvas?->depthFor($worked->lab->canvas),
                'spare' => (string) $worked->line->canvas?->spareFor($worked->lab->canvas),
                'apart' => $worked->line->canvas?->apartFor($worked->lab->canvas)?->value,
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
            'prints' => Sentence::prints($worked),
            'fileName' => (string) $worked->name,
            'drawing' => self::drawing($worked),
            'facts' => FactStrip::of($worked),
            'findings' => array_map(fn (Finding $finding): array => $finding->toArray(), $worked->findings),
            'file' => $worked->plan === null ? null : ['width' => $worked->plan->shown->width, 'height' => $worked->plan->shown->height],
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
        $paper = $layout->paper ?? $worked->line->crop?->size;
        if ($paper === null) {
            return null;
        }
        $box = Box::ofSize($paper);
        $mm = fn (int $nanometres): float => $nanometres / Unit::Millimetre->nanometres();

        return [
            'paper' => ['width' => $paper->width->in(Unit::Millimetre), 'height' => $paper->height->in(Unit::Millimetre)],
            'sheet' => ($layout?->sheet() ?? $box)->toArray(),
            'image' => ($layout->image ?? $box)->toArray(),
            'bleed' => $mm($layout->bleed ?? 0),
            'isWhole' => $print?->fit === Fit::Whole,
            'paperColour' => (string) ($print->paperColour ?? Rgb::white()),
            'keyline' => $print?->keyline === null ? null : ['width' => $print->keyline->width->in(Unit::Millimetre), 'colour' => (string) $print->keyline->colour],
            'frameCover' => $print?->frameCover->in(Unit::Millimetre) ?? 0.0,
            'ticks' => $layout?->carrier !== null && $print?->trimMarks === true,
            'wrap' => $layout?->wrap === null ? null : ['depth' => $mm($layout->wrap->depth), 'spare' => $mm($layout->wrap->spare)],
            'hung' => self::hung($layout, $box),
            'joints' => $worked->plan === null || ! $worked->picture instanceof PictureFacts ? [] : array_map(fn (Joint $joint): array => $joint->toArray(), Joint::all($worked->plan, $worked->picture)),
            'window' => $worked->plan?->window->toArray(),
            'dimensions' => array_map(fn (Dimension $d): array => $d->toArray(), $layout === null ? Dimensions::ofPaper($paper) : Dimensions::of($layout)),
        ];
    }

    /** @return ?array{name: string, surface: string, profile: ?string} what it is printed on, and whether it can be seen on it */
    private static function paper(WorkedLine $worked): ?array
    {
        $paper = $worked->lab->paper($worked->line->paper);

        return $paper === null ? null : ['name' => $paper->name, 'surface' => $paper->surface->value, 'profile' => $worked->lab->paperProfile($worked->line->paper)?->description];
    }

    /**
     * What there will be to see: a print with its sheet, a canvas's face, panels as they hang. Of each piece where it is, and
     * which part of the drawing it shows.
     *
     * @return array{size: array{left: float, top: float, width: float, height: float}, pieces: list<array{at: array<string, float>, shows: array<string, float>}>}
     */
    private static function hung(?Layout $layout, Box $paper): array
    {
        $of = fn (Box $at, Box $shows): array => ['at' => $at->toArray(), 'shows' => $shows->toArray()];
        if ($layout?->grid !== null) {
            return ['size' => $layout->grid->hung()->toArray(), 'pieces' => array_map(fn (Panel $panel): array => $of($panel->hangs, $panel->box), $layout->grid->panels())];
        }
        $shown = $layout === null || $layout->wrap !== null ? $paper : $layout->sheet();

        return ['size' => $shown->toArray(), 'pieces' => [$of($shown, $shown)]];
    }
}
