<?php

declare(strict_types=1);

namespace Planisher\Telling;

use Planisher\Colour\Rgb;
use Planisher\Line\Fit;
use Planisher\Line\PrintFinish;
use Planisher\Line\Turn;
use Planisher\Measure\Figure;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\WorkedLine;

/** A line written out as one plain sentence. A segment with a word opens on the bench and can be changed. */
final class Sentence
{
    /** @return list<array{word: ?string, text: string}> */
    public static function segments(WorkedLine $worked): array
    {
        [$line, $lab] = [$worked->line, $worked->lab];
        $print = $line->print;
        $encoding = $worked->plan?->files[0]->encoding;
        $said = fn (string $text): array => ['word' => null, 'text' => $text];
        $word = fn (string $word, string $text): array => ['word' => $word, 'text' => $text];
        $colour = $line->output->colourFor($lab);

        return [
            $said('Make '),
            $word('copies', self::prints($line->copies)),
            $said(' of '),
            $word('picture', self::subject($worked)),
            $said(' '),
            $word('size', $print === null ? 'no size' : ($print->fit === Fit::Whole ? 'whole on ' : 'cropped to ').$print->size->label()),
            $said(', '),
            $word('turn', self::turn($worked)),
            ...($print === null ? [] : self::onPaper($print, $worked, $said, $word)),
            $said(', at '),
            $word('ppi', $line->output->ownPixels ? 'the picture’s own pixels' : ($line->output->resolution ?? $lab->resolution)->label()),
            $said(' in '),
            $word('colour', $line->output->colour === null ? "the lab’s {$colour->value}" : $colour->value),
            $said(', saved as '),
            $word('file', $encoding?->label() ?? $line->output->formatFor($lab)->label()),
            $said(', named '),
            $word('name', $worked->name->stem),
        ];
    }

    /**
     * What is said of the paper: only what there is to say.
     *
     * @param  \Closure(string): array{word: ?string, text: string}  $said
     * @param  \Closure(string, string): array{word: ?string, text: string}  $word
     * @return list<array{word: ?string, text: string}>
     */
    private static function onPaper(PrintFinish $print, WorkedLine $worked, \Closure $said, \Closure $word): array
    {
        $segments = [];
        $say = function (string $before, string $key, string $text) use (&$segments, $said, $word): void {
            array_push($segments, $said($before), $word($key, $text));
        };
        if (! $print->border->isNone()) {
            $paper = $print->paperColour->label();
            $say(', with ', 'border', $print->fit === Fit::Whole
                ? "room of {$print->border->label()} to mat over".($paper === 'white' ? '' : ", {$paper}")
                : "a {$paper} border of {$print->border->label()}");
        } elseif (! $print->paperColour->equals(Rgb::white())) {
            $say(', on ', 'border', "{$print->paperColour} paper");
        }
        if ($print->image !== null) {
            $say(', ', 'image', "the image {$print->image->label()}");
        }
        if (! $print->raise->isNone()) {
            $say(', ', 'raise', $print->raise->optical ? 'at the optical centre' : "raised {$print->raise->by->label()}");
        }
        if ($print->keyline !== null) {
            $say(', ', 'keyline', "a {$print->keyline->colour->label()} line of {$print->keyline->width->label()} round it");
        }
        $carrier = $worked->plan?->layout->carrier;
        if ($carrier !== null) {
            $listed = $worked->lab->lists($carrier) ?? $carrier;
            $say(', laid on the lab’s ', 'carrier', "{$listed->label()} sheet");
            $segments[] = $said(', white to trim away');
        } elseif (! $print->carrier->auto && $worked->lab->lists($print->size) === null) {
            $say(', ', 'carrier', 'on no larger sheet');
        }
        if (! $print->frameCover->equals(PrintFinish::usualFrameCover())) {
            $say(', ', 'frame', $print->frameCover->nanometres === 0 ? 'no frame over its edge' : "{$print->frameCover->label()} of it under the frame");
        }
        $marked = $worked->picture instanceof PictureFacts ? count($worked->picture->mustStayIn) : 0;
        if ($marked > 0) {
            $say(', keeping in ', 'marked', $marked === 1 ? "“{$worked->picture->mustStayIn[0]->label}”" : "{$marked} marked parts");
        }

        return $segments;
    }

    /** What could be added and isn't said yet, by word. @return array<string, string> */
    public static function addable(WorkedLine $worked): array
    {
        $there = array_column(self::segments($worked), 'word');
        $whole = $worked->line->print?->fit === Fit::Whole;

        return $worked->line->print === null ? [] : array_filter([
            'border' => $whole ? 'room to mat over' : 'a border',
            'image' => 'a size for the image',
            'raise' => 'the image raised',
            'keyline' => 'a line round it',
            'carrier' => 'a larger sheet',
            'frame' => 'what a frame covers',
            'marked' => 'a part that must stay in',
        ], fn (string $word): bool => ! in_array($word, $there, true) && ($word !== 'marked' || $worked->picture instanceof PictureFacts), ARRAY_FILTER_USE_KEY);
    }

    /** The line in a few words, for the order sheet. */
    public static function short(WorkedLine $worked): string
    {
        $size = $worked->line->print?->size->label() ?? 'no size';

        $how = $worked->line->print?->fit === Fit::Whole ? 'whole on' : 'cropped to';
        $carrier = $worked->plan?->layout->carrier;
        $listed = $carrier === null ? null : ($worked->lab->lists($carrier) ?? $carrier);

        return $worked->line->picture === null
            ? "{$size}, no picture yet"
            : self::subject($worked).", {$how} {$size}".($listed === null ? '' : " on a {$listed->label()} sheet");
    }

    /** “1 print”, “12 prints” */
    public static function prints(int $copies): string
    {
        return Figure::count($copies).($copies === 1 ? ' print' : ' prints');
    }

    private static function subject(WorkedLine $worked): string
    {
        return $worked->line->picture === null ? 'no picture yet' : $worked->line->subjectOf(null);
    }

    private static function turn(WorkedLine $worked): string
    {
        $print = $worked->line->print;
        $paper = $worked->plan?->paper();
        if ($print === null || $paper === null) {
            return 'whichever way suits';
        }
        if ($paper->isSquare()) {
            return 'square';
        }
        $way = $paper->width->nanometres > $paper->height->nanometres ? 'landscape' : 'portrait';

        return $print->turn === Turn::Auto ? "{$way} to suit the picture" : $way;
    }
}
