<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Drawing\TypedPaper;
use Planisher\Line\LineChange;
use Planisher\Line\LineSpec;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Plan\Layout;

/** What a figure typed into the drawing changes of the line. */
final class TypedFigure
{
    /**
     * @param  ?Layout  $layout  null while the line has no picture
     *
     * @throws MeasureError when the text is no length, or there is no such figure
     */
    public static function change(LineSpec $line, ?Layout $layout, string $name, string $typed): LineChange
    {
        $paper = $layout->size ?? ($line->crop->size ?? throw MeasureError::noDrawing());
        if (preg_match('/^paper-(width|height)$/', $name, $side) === 1 && $line->oneSide !== null) {
            $length = Length::parse($typed, $line->oneSide->length->unit);

            return LineChange::of(['size' => $length.($side[1] === 'width' ? ' wide' : ' high'), 'turn' => null]);
        }
        if (preg_match('/^paper-(width|height)$/', $name, $side) === 1 && $line->crop?->follows !== true) {
            return TypedPaper::change($paper, $side[1], Length::parse($typed, $paper->width->unit));
        }
        if ($layout === null) {
            throw MeasureError::noPictureYet();
        }

        $drawn = Finishes::dimensioning(Finishes::of($line));

        return $drawn instanceof TakesFigures ? $drawn->typed($line, $layout, $name, $typed) : throw self::unknown($name);
    }

    public static function unknown(string $name): MeasureError
    {
        return MeasureError::notTyped($name);
    }
}
