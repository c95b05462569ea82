<?php

declare(strict_types=1);

namespace Planisher\House;

use Planisher\Colour\Rgb;
use Planisher\Line\Fit;
use Planisher\Line\Line;

/** One thing a house finish may settle; each can be left out. */
enum Choice: string
{
    case Size = 'size';
    case Turn = 'turn';
    case Fit = 'fit';
    case Border = 'border';
    case Image = 'image';
    case Raise = 'raise';
    case Keyline = 'keyline';
    case Carrier = 'carrier';
    case Frame = 'frame';
    case Ppi = 'ppi';
    case Colour = 'colour';
    case File = 'file';
    case Name = 'name';

    /** @return non-empty-list<string> places in the order file's line, a dot goes deeper */
    public function keys(): array
    {
        return match ($this) {
            self::Border => ['border', 'paperColour'],
            self::Carrier => ['carrier', 'trimMarks'],
            self::Frame => ['frameCover'],
            self::Ppi => ['output.ppi'],
            self::Colour => ['output.colour', 'output.intent'],
            self::File => ['output.format', 'output.quality', 'output.bits'],
            default => [$this->value],
        };
    }

    /** What a line has chosen here, in words. */
    public function words(Line $line): string
    {
        $print = $line->print;
        $output = $line->output;
        if ($print === null) {
            return '';
        }

        return match ($this) {
            self::Size => $print->size->label(),
            self::Turn => $print->turn->value === 'auto' ? 'whichever way up suits' : $print->turn->value,
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
            self::Ppi => $output->ownPixels ? 'its own pixels' : ($output->resolution?->label() ?? 'the lab’s ppi'),
            self::Colour => $output->colour === null ? 'the lab’s colour space' : $output->colour->value,
            self::File => $output->format === null && $output->quality === null
                ? 'the lab’s kind of file'
                : trim(($output->format?->label() ?? 'the lab’s kind').($output->quality === null ? '' : " at quality {$output->quality}").($output->bits === 16 ? ', 16 bits' : '')),
            self::Name => 'named by '.implode(', ', array_map(fn ($part): string => is_string($part) ? "“{$part}”" : $part->value, $line->name->parts)),
        };
    }
}
