<?php

declare(strict_types=1);

namespace Planisher\Telling;

use Planisher\Line\Turn;
use Planisher\Measure\Figure;
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
            $word('size', 'cropped to '.($print?->size->label() ?? 'no size')),
            $said(', '),
            $word('turn', self::turn($worked)),
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

    /** The line in a few words, for the order sheet. */
    public static function short(WorkedLine $worked): string
    {
        $size = $worked->line->print?->size->label() ?? 'no size';

        return $worked->line->picture === null ? "{$size}, no picture yet" : self::subject($worked).", cropped to {$size}";
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
        $paper = $worked->plan?->paper;
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
