<?php

declare(strict_types=1);

namespace Planisher\Telling;

use Planisher\Colour\Rgb;
use Planisher\Colour\Strength;
use Planisher\Colour\Surface;
use Planisher\Line\BehindGap;
use Planisher\Line\CanvasFinish;
use Planisher\Line\EdgeFill;
use Planisher\Line\Fit;
use Planisher\Line\ForPaper;
use Planisher\Line\KeptData;
use Planisher\Line\Make;
use Planisher\Line\PanelsFinish;
use Planisher\Line\PrintFinish;
use Planisher\Line\Turn;
use Planisher\Measure\Figure;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\WorkedLine;

/** A line written out as one plain sentence. A segment with a word opens on the bench and can be changed. */
final class Sentence
{
    private const NUMBERS = [2 => 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

    /** @return list<array{word: ?string, text: string}> */
    public static function segments(WorkedLine $worked): array
    {
        [$line, $lab] = [$worked->line, $worked->lab];
        $colour = $line->output->colourFor($lab);
        $segments = (new Segments)
            ->word('Make ', 'copies', Figure::count($line->copies))
            ->word(' ', 'make', $line->make->label($line->copies))
            ->word(' of ', 'picture', self::subject($worked))
            ->word(' ', 'size', self::size($worked))
            ->word(', ', 'turn', self::turn($worked));
        match (true) {
            $line->print !== null => self::onPaper($segments, $line->print, $worked),
            $line->canvas !== null => self::roundBars($segments, $line->canvas, $worked),
            $line->panels !== null => self::acrossPanels($segments, $line->panels, $worked),
            default => null,
        };
        self::kept($segments, $worked);

        return $segments
            ->word(', at ', 'ppi', $line->output->ownPixels ? 'the picture’s own pixels' : ($line->output->resolution ?? $lab->resolution)->label())
            ->word(' in ', 'colour', match (true) {
                $line->output->forItsPaper => 'its paper’s profile',
                $line->output->profile !== null => $lab->profiles->get($line->output->profile)->description ?? $line->output->profile,
                default => $line->output->colour === null ? "the lab’s {$colour->value}" : $colour->value,
            })
            ->word(', saved as ', 'file', ($worked->plan?->files[0]->encoding->label() ?? $line->output->formatFor($lab)->label()).($line->output->keep === KeptData::Credits ? '' : " with {$line->output->keep->label()}"))
            ->word(', named ', 'name', $worked->name->label())
            ->all();
    }

    /** What is said of the paper: only what there is to say. */
    private static function onPaper(Segments $segments, PrintFinish $print, WorkedLine $worked): void
    {
        if (! $print->border->isNone()) {
            $paper = $print->paperColour->label();
            $segments->word(', with ', 'border', $print->fit === Fit::Whole
                ? "room of {$print->border->label()} to mat over".($paper === 'white' ? '' : ", {$paper}")
                : "a {$paper} border of {$print->border->label()}");
        } elseif (! $print->paperColour->equals(Rgb::white())) {
            $segments->word(', on ', 'border', "{$print->paperColour} paper");
        }
        if ($print->image !== null) {
            $segments->word(', ', 'image', "the image {$print->image->label()}");
        }
        if (! $print->raise->isNone()) {
            $segments->word(', ', 'raise', $print->raise->optical ? 'at the optical centre' : "raised {$print->raise->by->label()}");
        }
        if ($print->keyline !== null) {
            $segments->word(', ', 'keyline', "a {$print->keyline->colour->label()} line of {$print->keyline->width->label()} round it");
        }
        $carrier = $worked->plan?->layout->carrier;
        if ($carrier !== null) {
            $listed = $worked->lab->lists($carrier) ?? $carrier;
            $segments->word(', laid on the lab’s ', 'carrier', "{$listed->label()} sheet")->said(', white to trim away');
        } elseif (! $print->carrier->auto && $worked->line->crop !== null && $worked->lab->lists($worked->line->crop->size) === null) {
            $segments->word(', ', 'carrier', 'on no larger sheet');
        }
        if (! $print->frameCover->equals(PrintFinish::usualFrameCover())) {
            $segments->word(', ', 'frame', $print->frameCover->nanometres === 0 ? 'no frame over its edge' : "{$print->frameCover->label()} of it under the frame");
        }
    }

    private static function roundBars(Segments $segments, CanvasFinish $canvas, WorkedLine $worked): void
    {
        $card = $worked->lab->canvas;
        $spare = $canvas->spareFor($card);
        $segments->word(', round bars ', 'depth', "{$canvas->depthFor($card)->label()} deep".($spare->isZero() ? '' : " with {$spare->label()} to spare"));
        $segments->word(', its edge ', 'edge', $canvas->edge === EdgeFill::OneColour ? "in {$canvas->colour->label()}" : $canvas->edge->label());
        if ($canvas->soften > 0 && $canvas->edge !== EdgeFill::OneColour) {
            $segments->word(', ', 'soften', 'softened by '.Figure::percent($canvas->soften));
        }
        if ($canvas->darken !== null) {
            $segments->word(', ', 'darken', $canvas->darken->label());
        }
        if ($canvas->apartFor($card) !== null) {
            $segments->word(', ', 'apart', 'face and edge apart');
        } elseif ($canvas->edgesApart === false && $card->edgesApart !== null) {
            $segments->word(', ', 'apart', 'face and edge together');
        }
    }

    private static function acrossPanels(Segments $segments, PanelsFinish $panels, WorkedLine $worked): void
    {
        $segments->word(', shared out between ', 'panels', self::panels($panels));
        if ($panels->gap->nanometres > 0) {
            $segments->word(', hung ', 'gap', "{$panels->gap->label()} apart, ".($panels->behindGap === BehindGap::Keep ? 'the picture kept whole' : 'what lies behind a gap left out'));
        } elseif ($panels->overlap->nanometres > 0) {
            $segments->word(', ', 'gap', "overlapping by {$panels->overlap->label()}");
        }
    }

    /** What any of them may say: what it is printed on, from where it is looked at, what must stay in. */
    private static function kept(Segments $segments, WorkedLine $worked): void
    {
        $line = $worked->line;
        if ($line->product !== null) {
            $segments->word(', on ', 'product', $line->product);
        }
        if ($line->paper !== null) {
            $segments->word(', on ', 'paper', "{$line->paper} paper");
        }
        if (! $line->forPaper->isStraight()) {
            $segments->word(', ', 'forPaper', ForPaper::label($line->forPaper));
        }
        if ($line->output->sharpen !== null && $line->output->sharpen->strength !== Strength::None) {
            $segments->word(', ', 'sharpen', 'sharpened'.($line->output->sharpen->strength === Strength::Gentle ? ' gently' : '').' for '.($line->output->sharpen->surface ?? $worked->lab->paper($line->paper)->surface ?? Surface::Lustre)->value);
        }
        if ($line->viewedFrom !== null) {
            $segments->word(', looked at from ', 'viewed', $line->viewedFrom->label());
        }
        $marked = $worked->picture instanceof PictureFacts ? $worked->picture->mustStayIn : [];
        if ($marked !== []) {
            $segments->word(', keeping in ', 'marked', count($marked) === 1 ? "“{$marked[0]->label}”" : count($marked).' marked parts');
        }
    }

    /** What could be added and isn't said yet, by word. @return array<string, string> */
    public static function addable(WorkedLine $worked): array
    {
        $line = $worked->line;
        $there = array_column(self::segments($worked), 'word');
        $all = match (true) {
            $line->print !== null => [
                'border' => $line->print->fit === Fit::Whole ? 'room to mat over' : 'a border',
                'image' => 'a size for the image',
                'raise' => 'the image raised',
                'keyline' => 'a line round it',
                'carrier' => 'a larger sheet',
                'frame' => 'what a frame covers',
            ],
            $line->canvas !== null => [
                ...($line->canvas->edge === EdgeFill::OneColour ? [] : ['soften' => 'a softened edge']),
                'darken' => 'an edge darkened toward the wall',
                'apart' => 'face and edge apart',
            ],
            $line->panels !== null => ['gap' => 'wall between the panels'],
            default => [],
        };
        $all += $line->crop === null ? [] : [
            ...($worked->lab->products === [] ? [] : ['product' => 'what it is printed on']),
            ...($worked->lab->papers === [] ? [] : ['paper' => 'which paper']),
            'forPaper' => 'lifted for paper',
            'sharpen' => 'sharpened for its paper',
            'viewed' => 'where it is looked at from',
            ...($worked->picture instanceof PictureFacts ? ['marked' => 'a part that must stay in'] : []),
        ];

        return array_diff_key($all, array_flip(array_filter($there)));
    }

    /** The line in a few words, for the order sheet. */
    public static function short(WorkedLine $worked): string
    {
        $line = $worked->line;
        if ($line->picture === null) {
            return match (true) {
                $line->crop === null => 'no size, no picture yet',
                $line->make === Make::Print => "{$line->crop->size->label()}, no picture yet",
                default => "{$line->make->label(1)} of {$line->crop->size->label()}, no picture yet",
            };
        }
        $carrier = $worked->plan?->layout->carrier;
        $listed = $carrier === null ? null : ($worked->lab->lists($carrier) ?? $carrier);
        $how = match (true) {
            $line->canvas !== null => "canvas, {$line->crop?->size->label()}, edge ".$line->canvas->edge->label(),
            $line->panels !== null => self::panels($line->panels).", {$line->crop?->size->label()} in all",
            default => self::size($worked).($listed === null ? '' : " on a {$listed->label()} sheet"),
        };

        return self::subject($worked).", {$how}";
    }

    /** “1 print”, “12 prints”, “2 sets of panels” */
    public static function prints(WorkedLine $worked): string
    {
        return Figure::count($worked->line->copies).' '.$worked->line->make->label($worked->line->copies);
    }

    /** “three equal panels”, “three panels of 1 : 2 : 1”, “2 × 2 panels” */
    public static function panels(PanelsFinish $panels): string
    {
        [$columns, $rows] = [$panels->columns, $panels->rows];
        $equal = $columns->areEqual() && $rows->areEqual();
        if ($columns->count() > 1 && $rows->count() > 1) {
            return "{$columns->count()} × {$rows->count()}".($equal ? ' equal' : '').' panels';
        }
        $shares = $rows->count() > 1 ? $rows : $columns;
        $count = self::NUMBERS[$shares->count()] ?? 'one';

        return $shares->count() === 1 ? 'one panel' : $count.($equal && $shares->lengths === null ? ' equal' : '').($rows->count() > 1 ? ' stacked' : '').' panels'
            .($equal && $shares->lengths === null ? '' : " of {$shares->label()}");
    }

    private static function size(WorkedLine $worked): string
    {
        [$line, $size] = [$worked->line, $worked->line->crop?->size->label()];

        return match (true) {
            $size === null => 'no size',
            $line->canvas !== null => "on a face of {$size}",
            $line->panels !== null => "cropped to {$size} in all",
            default => ($line->print?->fit === Fit::Whole ? 'whole on ' : 'cropped to ').$size,
        };
    }

    private static function subject(WorkedLine $worked): string
    {
        return $worked->line->picture === null ? 'no picture yet' : $worked->line->subjectOf(null);
    }

    private static function turn(WorkedLine $worked): string
    {
        $crop = $worked->line->crop;
        $paper = $worked->plan?->paper();
        if ($crop === null || $paper === null) {
            return 'whichever way suits';
        }
        if ($paper->isSquare()) {
            return 'square';
        }
        $way = $paper->width->nanometres > $paper->height->nanometres ? 'landscape' : 'portrait';

        return $crop->turn === Turn::Auto ? "{$way} to suit the picture" : $way;
    }
}
