<?php

declare(strict_types=1);

namespace Planisher\Description;

use Planisher\Colour\Strength;
use Planisher\Finish\Finishes;
use Planisher\Finish\MadeOfSeveral;
use Planisher\Finish\OffersWords;
use Planisher\Line\ForPaper;
use Planisher\Line\KeptData;
use Planisher\Line\Turn;
use Planisher\Measure\Figure;
use Planisher\Overlay\Overlay;
use Planisher\Phrase\SentenceSegments;
use Planisher\Phrase\WordRow;
use Planisher\Plan\LineContext;
use Planisher\Screen\ScreenCopy;

/** A line written out as one plain sentence. A segment with a word opens on the bench and can be changed. */
final class LineSentence
{
    /** @return list<array{word: ?string, text: string}> */
    public static function segments(LineContext $at): array
    {
        [$line, $lab, $said] = [$at->line, $at->lab, Finishes::of($at->line)->wording()];
        $segments = (new SentenceSegments())
            ->word('Make ', 'copies', Figure::count($line->copies))
            ->word(' ', 'make', $line->wanted->label($line->copies))
            ->word(' of ', ...$said instanceof MadeOfSeveral ? $said->madeOf($at) : ['picture', self::subject($at)])
            ->word(' ', $line->isPrinted() ? 'size' : 'screen', $said->size($at));
        if ($line->isPrinted()) {
            $segments->word(', ', 'turn', self::turn($at));
        }
        Finishes::of($line)->wording()->words($segments, $at);
        AdditionsDescription::words($segments, $at);
        self::kept($segments, $at);
        if ($line->screenCopy !== null) {
            $segments->said(', and '.self::besides($line->screenCopy));
        }
        if ($line->isPrinted()) {
            self::pixels($segments, $at);
        }

        return $segments
            ->word(
                ', saved as ',
                'file',
                ($at->plan?->files[0]->encoding->label() ?? $line->output->formatFor($lab)->label()).
                    ($line->output->keep === KeptData::Credits ? '' : " with {$line->output->keep->label()}"),
            )
            ->word(', named ', 'name', $at->name->label())
            ->all();
    }

    /** A copy for a screen that is wanted beside it. */
    private static function besides(ScreenCopy $copy): string
    {
        $on = fn (Overlay $mark): string => "{$mark->name()} on the screen copy {$mark->placed()}";

        return ($copy->isSharpened ? 'a sharpened screen copy of ' : 'a screen copy of ').
            Figure::count($copy->longSide).
            Figure::THIN_SPACE.
            'px'.
            ($copy->quality === ScreenCopy::USUAL_QUALITY ? '' : " at quality {$copy->quality}").
            ($copy->overlays === [] ? '' : ', with '.WordRow::list(array_map($on, $copy->overlays)));
    }

    /** How many pixels it has, and in which colours. */
    private static function pixels(SentenceSegments $segments, LineContext $at): void
    {
        [$line, $lab] = [$at->line, $at->lab];
        $colour = $line->output->colourFor($lab);
        $segments
            ->word(
                ', at ',
                'ppi',
                $line->output->ownPixels ? 'the picture’s own pixels' : ($line->output->resolution ?? $lab->resolution)->label(),
            )
            ->word(
                ' in ',
                'colour',
                match (true) {
                    $line->output->forItsPaper => 'its paper’s profile',
                    $line->output->profile !== null => $lab->profiles->get($line->output->profile)->description ?? $line->output->profile,
                    default => $line->output->colour === null ? "the lab’s {$colour->value}" : $colour->value,
                },
            );
    }

    /**
     * One print of several that a line carries: what it has of its own.
     *
     * @return list<array{word: ?string, text: string}>
     */
    public static function ofCell(LineContext $at): array
    {
        $said = Finishes::of($at->line)->wording();
        $segments = (new SentenceSegments())
            ->word('', 'copies', Figure::count($at->line->copies))
            ->word(' of ', 'picture', self::subject($at))
            ->word(' ', 'size', $said->size($at))
            ->word(', ', 'turn', self::turn($at));
        $said->words($segments, $at);
        AdditionsDescription::words($segments, $at);
        if (! $at->line->forPaper->isStraight()) {
            $segments->word(', ', 'forPaper', ForPaper::label($at->line->forPaper));
        }
        self::seen($segments, $at);

        return $segments->all();
    }

    /** What any of them may say: what it is printed on, from where it is looked at, what must stay in. */
    private static function kept(SentenceSegments $segments, LineContext $at): void
    {
        $line = $at->line;
        if ($line->product !== null) {
            $segments->word(', on ', 'product', $line->product);
        }
        if ($line->paper !== null) {
            $segments->word(', on ', 'paper', "{$line->paper} paper");
        }
        if ($line->mount !== null) {
            $segments->word(', mounted on ', 'mount', $line->mount);
        }
        if ($line->options !== []) {
            $segments->word(', with ', 'options', WordRow::list($line->options));
        }
        if (! $line->forPaper->isStraight()) {
            $segments->word(', ', 'forPaper', ForPaper::label($line->forPaper));
        }
        if ($line->output->sharpen !== null && $line->output->sharpen->strength !== Strength::None) {
            $gently = $line->output->sharpen->strength === Strength::Gentle ? ' gently' : '';
            $surface = $line->isPrinted() ? $line->output->sharpen->surfaceOn($at->lab->paper($line->paper))->value : 'a screen';
            $segments->word(', ', 'sharpen', "sharpened{$gently} for {$surface}");
        }
        self::seen($segments, $at);
    }

    /** @return array<string, string> what its product is had with */
    private static function extras(LineContext $at): array
    {
        $product = $at->lab->product($at->line->printedOn());

        return [
            ...($product->mounts ?? []) !== [] ? ['mount' => 'what it is mounted on'] : [],
            ...($product->options ?? []) !== [] ? ['options' => 'what the lab does besides'] : [],
        ];
    }

    /** From where it is looked at, and what must stay in. */
    private static function seen(SentenceSegments $segments, LineContext $at): void
    {
        $line = $at->line;
        if ($line->viewedFrom !== null) {
            $segments->word(', looked at from ', 'viewed', $line->viewedFrom->label());
        }
        $marked = self::carriesSeveral($at) ? [] : $at->marked(); // else each of its prints says it
        if ($marked !== []) {
            $segments->word(', keeping in ', 'marked', count($marked) === 1 ? "“{$marked[0]->label}”" : count($marked).' marked parts');
        }
    }

    /**
     * What could be added and isn't said yet, by word.
     *
     * @return array<string, string>
     */
    public static function addable(LineContext $at): array
    {
        $line = $at->line;
        $there = array_column(self::segments($at), 'word');
        $all = self::offered($at);
        $all +=
            $line->crop === null && $line->oneSide === null
                ? ($line->isPrinted()
                    ? []
                    : AdditionsDescription::addable($at))
                : [
                    ...AdditionsDescription::addable($at),
                    ...$at->lab->products === [] ? [] : ['product' => 'what it is printed on'],
                    ...$at->lab->papers === [] ? [] : ['paper' => 'which paper'],
                    ...self::extras($at),
                    'forPaper' => 'lifted for paper',
                    'sharpen' => 'sharpened for its paper',
                    'viewed' => 'where it is looked at from',
                    ...$at->plan !== null && ! self::carriesSeveral($at) ? ['marked' => 'a part that must stay in'] : [],
                ];

        return array_diff_key($all, array_flip(array_filter($there)));
    }

    /**
     * What could be added of one print of several.
     *
     * @return array<string, string>
     */
    public static function addableOfCell(LineContext $at): array
    {
        $there = array_column(self::ofCell($at), 'word');
        $all = array_diff_key(self::offered($at), ['carrier' => true]) + [
            ...AdditionsDescription::addable($at),
            'forPaper' => 'lifted for paper',
            'viewed' => 'where it is looked at from',
            ...$at->plan !== null ? ['marked' => 'a part that must stay in'] : [],
        ];

        return array_diff_key($all, array_flip(array_filter($there)));
    }

    /** The line in a few words, for the order sheet. */
    public static function short(LineContext $at): string
    {
        $line = $at->line;
        if (self::carriesSeveral($at)) {
            return Finishes::of($line)->wording()->short($at);
        }
        if (array_filter($line->pictures(), is_string(...)) !== []) {
            return self::subject($at).', '.Finishes::of($line)->wording()->short($at);
        }
        $size = $line->sizeLabel();

        return match (true) {
            $size === null => 'no size, no picture yet',
            $line->make === Finishes::USUAL => "{$size}, no picture yet",
            default => "{$line->wanted->label(1)} of {$size}, no picture yet",
        };
    }

    /** @return array<string, string> what its finish offers, by word */
    private static function offered(LineContext $at): array
    {
        $said = Finishes::of($at->line)->wording();

        return $said instanceof OffersWords ? $said->addable($at) : [];
    }

    /** “1 print”, “12 prints”, “2 sets of panels” */
    public static function prints(LineContext $at): string
    {
        return Figure::count($at->line->copies).' '.$at->line->wanted->label($at->line->copies);
    }

    public static function carriesSeveral(LineContext $at): bool
    {
        return Finishes::of($at->line)->wording() instanceof MadeOfSeveral;
    }

    private static function subject(LineContext $at): string
    {
        return $at->line->picture === null ? 'no picture yet' : $at->line->subjectOf(null);
    }

    private static function turn(LineContext $at): string
    {
        $crop = $at->line->crop;
        $paper = $at->plan?->size();
        if ($paper === null) {
            return 'whichever way suits';
        }
        if ($paper->isSquare()) {
            return 'square';
        }
        $way = $paper->width->nanometres > $paper->height->nanometres ? 'landscape' : 'portrait';

        $suits = $crop?->turn === Turn::Auto && ! self::carriesSeveral($at);

        return $suits ? "{$way} to suit the picture" : $way;
    }
}
