<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\LineChange;
use Planisher\Line\LineSpec;
use Planisher\Measure\Figure;
use Planisher\Measure\Length;
use Planisher\Measure\Unit;
use Planisher\Plan\LineContext;

/** Has a number of prints looked at that is far beyond what anybody orders: a slip of the finger costs as many sheets. */
final class CopiesUsual implements Check
{
    /** Prints of one line (common practice, no source) */
    private const MANY = 200;

    /** Of large ones (common practice, no source) */
    private const MANY_LARGE = 60;

    public function judge(LineContext $at): ?Finding
    {
        return self::isFarBeyond($at->line)
            ? Finding::look(
                'copies-many',
                Figure::count($at->line->copies).' is far more than is usual',
                'Each of them is printed. See that so many are meant.',
                new Remedy('Make it 1', LineChange::of(['copies' => 1])),
            )
            : null;
    }

    /** Whether of what is printed so many are a slip rather than meant. */
    public static function isFarBeyond(LineSpec $line): bool
    {
        $side = $line->crop?->size->landscape()->width->nanometres ?? 0;

        return $line->isPrinted() &&
            ($line->copies > self::MANY || ($line->copies > self::MANY_LARGE && $side >= self::large()->nanometres));
    }

    private static function large(): Length
    {
        return Length::of('10', Unit::Inch);
    }
}
