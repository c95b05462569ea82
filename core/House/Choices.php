<?php

declare(strict_types=1);

namespace Planisher\House;

use Planisher\Colour\Strength;
use Planisher\Finish\Choice;
use Planisher\Finish\Finish;
use Planisher\Finish\Finishes;
use Planisher\Finish\OffersChoices;
use Planisher\Lab\FileFormat;
use Planisher\Lab\LabCard;
use Planisher\Line\ForPaper;
use Planisher\Line\KeptData;
use Planisher\Line\LineSpec;
use Planisher\Line\NamePart;
use Planisher\Line\Turn;
use Planisher\Overlay\Overlay;
use Planisher\Phrase\WordRow;
use Planisher\Words\CaptionPart;
use Planisher\Words\Lettering;

/** All that a house finish may settle, in the order it is told: what every line has, and what each finish adds. */
final class Choices
{
    /** @return non-empty-list<Choice> */
    public static function all(): array
    {
        $ofFinishes = [];
        foreach (Finishes::all() as $finish) {
            $ofFinishes = $finish instanceof OffersChoices ? [...$ofFinishes, ...$finish->choices()] : $ofFinishes;
        }

        return [self::make(), ...self::crop(), ...$ofFinishes, ...self::additions(), ...self::paper(), ...self::output()];
    }

    public static function named(string $name): ?Choice
    {
        return array_column(self::all(), null, 'name')[$name] ?? null;
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::all(), 'name');
    }

    /** What it is made into, and all of that finish that can't be settled by itself. */
    private static function make(): Choice
    {
        $keys = [];
        foreach (Finishes::all() as $finish) {
            $keys = $finish instanceof OffersChoices ? $keys : [...$keys, ...$finish->keys()->names()];
        }

        return new Choice('make', ['make', ...$keys], fn (LineSpec $line): string => $line->wanted->inWords());
    }

    /** @return list<Choice> */
    private static function crop(): array
    {
        return [
            new Choice('size', ['size', 'ratio'], fn (LineSpec $line): string => (string) $line->sizeLabel()),
            new Choice(
                'turn',
                ['turn'],
                fn (LineSpec $line): string => $line->crop === null || $line->crop->turn === Turn::Auto
                    ? 'whichever way up suits'
                    : $line->crop->turn->value,
            ),
        ];
    }

    /** @return list<Choice> */
    private static function additions(): array
    {
        return [
            new Choice('caption', ['caption'], self::caption(...)),
            new Choice(
                'lettering',
                ['lettering'],
                fn (LineSpec $line): string => $line->additions->lettering === []
                    ? 'no lettering'
                    : 'lettered '.
                        WordRow::list(array_map(fn (Lettering $block): string => "“{$block->start()}”", $line->additions->lettering)),
            ),
            new Choice(
                'overlays',
                ['overlays'],
                fn (LineSpec $line): string => $line->additions->overlays === []
                    ? 'no mark over it'
                    : 'with the mark '.
                        WordRow::list(array_map(fn (Overlay $overlay): string => $overlay->inWords(), $line->additions->overlays)),
            ),
        ];
    }

    private static function caption(LineSpec $line): string
    {
        $caption = $line->additions->caption;
        if ($caption === null) {
            return 'no caption';
        }
        $parts = array_map(
            fn (CaptionPart|string $part): string => $part instanceof CaptionPart ? $part->label() : "“{$part}”",
            $caption->parts,
        );

        return 'a caption of '.
            WordRow::list($parts).
            ($caption->isAbove ? ' above it' : ' below it').
            ($caption->inSurplus ? ', in what is trimmed away' : '');
    }

    /** @return list<Choice> */
    private static function paper(): array
    {
        return [
            new Choice(
                'product',
                ['product'],
                fn (LineSpec $line): string => $line->product === null ? 'on what the lab uses' : "on {$line->product}",
                fn (LineSpec $line, LabCard $lab): ?string => $line->product === null || $lab->product($line->product) !== null
                    ? null
                    : $line->product,
            ),
            new Choice(
                'paper',
                ['paper'],
                fn (LineSpec $line): string => $line->paper === null ? 'on the lab’s first paper' : "on {$line->paper} paper",
                fn (LineSpec $line, LabCard $lab): ?string => $line->paper === null || $lab->paper($line->paper) !== null
                    ? null
                    : "{$line->paper} paper",
            ),
            new Choice(
                'forPaper',
                ['forPaper'],
                fn (LineSpec $line): string => $line->forPaper->isStraight() ? 'not lifted for paper' : ForPaper::label($line->forPaper),
            ),
        ];
    }

    /** @return list<Choice> */
    private static function output(): array
    {
        return [
            new Choice('sharpen', ['output.sharpen'], self::sharpened(...)),
            new Choice(
                'ppi',
                ['output.ppi'],
                fn (LineSpec $line): string => $line->output->ownPixels
                    ? 'its own pixels'
                    : $line->output->resolution?->label() ?? 'the lab’s ppi',
            ),
            new Choice(
                'colour',
                ['output.colour', 'output.intent'],
                fn (LineSpec $line): string => $line->output->forItsPaper
                    ? 'its paper’s profile'
                    : $line->output->profile ?? ($line->output->colour->value ?? 'the lab’s colour space'),
                fn (LineSpec $line, LabCard $lab): ?string => in_array($line->output->colour, [null, $lab->colour], true)
                    ? null
                    : $line->output->colour->value,
            ),
            new Choice('file', ['output.format', 'output.quality', 'output.bits', 'output.keep'], self::file(...), self::fileLacking(...)),
            new Choice('name', ['name'], self::name(...)),
        ];
    }

    private static function sharpened(LineSpec $line): string
    {
        $sharpen = $line->output->sharpen;
        if ($sharpen === null || $sharpen->strength === Strength::None) {
            return 'not sharpened';
        }
        $gently = $sharpen->strength === Strength::Gentle ? ' gently' : '';

        return "sharpened{$gently}".($sharpen->surface === null ? '' : " for {$sharpen->surface->value}");
    }

    private static function file(LineSpec $line): string
    {
        $output = $line->output;
        $kind = $output->format?->label() ?? 'the lab’s kind';
        $said =
            $output->format === null && $output->quality === null
                ? 'the lab’s kind of file'
                : $kind.($output->quality === null ? '' : " at quality {$output->quality}").($output->bits === 16 ? ', 16 bits' : '');

        return $said.($output->keep === KeptData::Credits ? '' : ", with {$output->keep->label()}");
    }

    private static function fileLacking(LineSpec $line, LabCard $lab): ?string
    {
        $output = $line->output;
        if ($output->format !== null && ! in_array($output->format, $lab->formats, true)) {
            return $output->format->label();
        }
        $isTooDeep = $output->bits === 16 && $output->formatFor($lab) === FileFormat::Jpeg;

        return $isTooDeep || ! in_array($output->bits, $lab->bits, true) ? "{$output->bits} bits" : null;
    }

    private static function name(LineSpec $line): string
    {
        $parts = array_map(fn (NamePart|string $part): string => is_string($part) ? "“{$part}”" : $part->value, $line->name->parts);

        return 'named by '.implode(', ', $parts);
    }
}
