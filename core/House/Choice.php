<?php

declare(strict_types=1);

namespace Planisher\House;

use Planisher\Colour\Rgb;
use Planisher\Colour\Strength;
use Planisher\Line\CanvasFinish;
use Planisher\Line\EdgeFill;
use Planisher\Line\Fit;
use Planisher\Line\ForPaper as WantedForPaper;
use Planisher\Line\KeptData;
use Planisher\Line\Line;
use Planisher\Line\PrintFinish;
use Planisher\Line\Turn;
use Planisher\Measure\Figure;
use Planisher\Telling\Sentence;

/** One thing a house finish may settle; each can be left out. */
enum Choice: string
{
    case Make = 'make';
    case Size = 'size';
    case Turn = 'turn';
    case Fit = 'fit';
    case Border = 'border';
    case Image = 'image';
    case Raise = 'raise';
    case Keyline = 'keyline';
    case Carrier = 'carrier';
    case Frame = 'frame';
    case Product = 'product';
    case Paper = 'paper';
    case ForPaper = 'forPaper';
    case Sharpen = 'sharpen';
    case Ppi = 'ppi';
    case Colour = 'colour';
    case File = 'file';
    case Name = 'name';

    /** @return non-empty-list<string> places in the order file's line, a dot goes deeper */
    public function keys(): array
    {
        return match ($this) {
            self::Make => ['make', 'canvas', 'panels'],
            self::Border => ['border', 'paperColour'],
            self::Carrier => ['carrier', 'trimMarks'],
            self::Frame => ['frameCover'],
            self::Sharpen => ['output.sharpen'],
            self::Ppi => ['output.ppi'],
            self::Colour => ['output.colour', 'output.intent'],
            self::File => ['output.format', 'output.quality', 'output.bits', 'output.keep'],
            default => [$this->value],
        };
    }

    /** What a line has chosen here, in words. */
    public function words(Line $line): string
    {
        $output = $line->output;
        if ($this->isOfPrints()) {
            return $line->print === null ? '' : $this->wordsOfPrint($line->print);
        }

        return match ($this) {
            self::Make => match (true) {
                $line->canvas !== null => self::canvas($line->canvas),
                $line->panels !== null => Sentence::panels($line->panels).($line->panels->gap->nanometres > 0 ? ", {$line->panels->gap->label()} apart" : ''),
                default => 'a '.$line->make->label(1),
            },
            self::Size => (string) $line->crop?->size->label(),
            self::Turn => $line->crop === null || $line->crop->turn === Turn::Auto ? 'whichever way up suits' : $line->crop->turn->value,
            self::Product => $line->product === null ? 'on what the lab uses' : "on {$line->product}",
            self::Paper => $line->paper === null ? 'on the lab’s first paper' : "on {$line->paper} paper",
            self::ForPaper => $line->forPaper->isStraight() ? 'not lifted for paper' : WantedForPaper::label($line->forPaper),
            self::Sharpen => $output->sharpen === null || $output->sharpen->strength === Strength::None ? 'not sharpened' : 'sharpened'.($output->sharpen->strength === Strength::Gentle ? ' gently' : '').($output->sharpen->surface === null ? '' : " for {$output->sharpen->surface->value}"),
            self::Ppi => $output->ownPixels ? 'its own pixels' : ($output->resolution?->label() ?? 'the lab’s ppi'),
            self::Colour => $output->forItsPaper ? 'its paper’s profile' : ($output->profile ?? $output->colour->value ?? 'the lab’s colour space'),
            self::File => ($output->format === null && $output->quality === null
                ? 'the lab’s kind of file'
                : trim(($output->format?->label() ?? 'the lab’s kind').($output->quality === null ? '' : " at quality {$output->quality}").($output->bits === 16 ? ', 16 bits' : '')))
                .($output->keep === KeptData::Credits ? '' : ", with {$output->keep->label()}"),
            self::Name => 'named by '.implode(', ', array_map(fn ($part): string => is_string($part) ? "“{$part}”" : $part->value, $line->name->parts)),
            default => throw new \LogicException("{$this->value} is a choice of prints."),
        };
    }

    /** Whether it says something of prints only. */
    public function isOfPrints(): bool
    {
        return in_array($this, [self::Fit, self::Border, self::Image, self::Raise, self::Keyline, self::Carrier, self::Frame], true);
    }

    private static function canvas(CanvasFinish $canvas): string
    {
        return implode(', ', array_filter([
            'a canvas',
            $canvas->depth === null ? null : "{$canvas->depth->label()} deep",
            $canvas->edge === EdgeFill::OneColour ? "its edge in {$canvas->colour->label()}" : 'its edge '.$canvas->edge->label(),
            $canvas->soften > 0 ? 'softened by '.Figure::percent($canvas->soften) : null,
            $canvas->darken?->label(),
        ]));
    }

    private function wordsOfPrint(PrintFinish $print): string
    {
        return match ($this) {
            self::Fit => $print->fit === Fit::Whole ? 'the whole picture' : 'cropped to fill',
            self::Border => match (true) {
                ! $print->border->isNone() => "a {$print->paperColour->label()} border of {$print->border->label()}",
                $print->paperColour->equals(Rgb::white()) => 'no border',
                default => "no border, on {$print->paperColour->label()} paper",
            },
            self::Image => $print->image === null ? 'the image as large as fits' : "the image {$print->image->label()}",
            self::Raise => match (true) {
                $print->raise->optical => 'at the optical centre',
                $print->raise->isNone() => 'in the middle',
                default => "raised {$print->raise->by->label()}",
            },
            self::Keyline => $print->keyline === null ? 'no line round it' : "a {$print->keyline->colour->label()} line of {$print->keyline->width->label()} round it",
            self::Carrier => match (true) {
                $print->carrier->size !== null => "on the {$print->carrier->size->label()} sheet",
                $print->carrier->auto => 'a larger sheet where the size isn’t listed',
                default => 'no larger sheet',
            }.($print->trimMarks ? '' : ', no trim ticks'),
            self::Frame => $print->frameCover->nanometres === 0 ? 'no frame' : "{$print->frameCover->label()} under the frame",
            default => throw new \LogicException("{$this->value} is no choice of prints."),
        };
    }
}
