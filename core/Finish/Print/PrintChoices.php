<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Colour\Rgb;
use Planisher\Finish\Choice;
use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec;

/** What of a print house finishes can settle, one by one. */
final class PrintChoices
{
    /** @return list<Choice> */
    public static function all(): array
    {
        return [
            self::choice('fit', ['fit'], fn (PrintWanted $of): string => $of->fit === Fit::Whole ? 'the whole picture' : 'cropped to fill'),
            self::choice('border', ['border', 'paperColour'], self::border(...)),
            self::choice(
                'image',
                ['image'],
                fn (PrintWanted $of): string => $of->image === null ? 'the image as large as fits' : "the image {$of->image->label()}",
            ),
            self::choice(
                'opening',
                ['opening'],
                fn (PrintWanted $of): string => $of->opening === null
                    ? 'no opening before it'
                    : "behind an opening of {$of->opening->label()}",
            ),
            self::choice('raise', ['raise'], self::raise(...)),
            self::choice('keyline', ['keyline'], self::keyline(...)),
            self::choice('carrier', ['carrier', 'trimMarks'], self::carrier(...), self::carrierLacking(...)),
            self::choice(
                'frame',
                ['frameCover'],
                fn (PrintWanted $of): string => $of->frameCover->nanometres === 0
                    ? 'no frame'
                    : "{$of->frameCover->label()} under the frame",
            ),
        ];
    }

    /**
     * @param  non-empty-list<string>  $keys
     * @param  \Closure(PrintWanted): string  $words
     * @param  ?\Closure(LineSpec, LabCard): ?string  $lacks
     */
    private static function choice(string $name, array $keys, \Closure $words, ?\Closure $lacks = null): Choice
    {
        $said = function (LineSpec $line) use ($words): string {
            return $line->wanted instanceof PrintWanted ? $words($line->wanted) : '';
        };

        return new Choice($name, $keys, $said, $lacks, PrintFinish::NAME);
    }

    private static function border(PrintWanted $of): string
    {
        return match (true) {
            ! $of->border->isNone() => "a {$of->paperColour->label()} border of {$of->border->label()}",
            $of->paperColour->equals(Rgb::white()) => 'no border',
            default => "no border, on {$of->paperColour->label()} paper",
        };
    }

    private static function raise(PrintWanted $of): string
    {
        return match (true) {
            $of->raise->optical => 'at the optical centre',
            $of->raise->isNone() => 'in the middle',
            default => "raised {$of->raise->by->label()}",
        };
    }

    private static function keyline(PrintWanted $of): string
    {
        return $of->keyline === null
            ? 'no line round it'
            : "a {$of->keyline->colour->label()} line of {$of->keyline->width->label()} round it";
    }

    private static function carrier(PrintWanted $of): string
    {
        $sheet = match (true) {
            $of->carrier->size !== null => "on the {$of->carrier->size->label()} sheet",
            $of->carrier->auto => 'a larger sheet where the size isn’t listed',
            default => 'no larger sheet',
        };

        return $sheet.($of->trimMarks ? '' : ', no trim ticks');
    }

    private static function carrierLacking(LineSpec $line, LabCard $lab): ?string
    {
        $sheet = $line->wanted instanceof PrintWanted ? $line->wanted->carrier->size : null;

        return $sheet === null || $lab->lists($sheet) !== null ? null : "the sheet {$sheet->label()}";
    }
}
