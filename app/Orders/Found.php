<?php

declare(strict_types=1);

namespace App\Orders;

use App\Lines\SizeKey;
use Illuminate\Support\Carbon;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;

/** What somebody looks for, read as a size or as a day. */
final class Found
{
    private const DAYS = ['!Y-m-d', '!d.m.Y', '!j M Y', '!j F Y', '!M j Y', '!F j Y'];

    private const DAYS_OF_THIS_YEAR = ['!j M', '!j F', '!M j', '!F j', '!d.m.'];

    /** As lines keep it; null where it is none. */
    public static function size(string $words, Unit $bare): ?string
    {
        try {
            return SizeKey::of(['size' => (string) Size::parse($words, $bare)]);
        } catch (MeasureError) {
            return null;
        }
    }

    /** YYYY-MM-DD; null where it is none. */
    public static function day(string $words): ?string
    {
        $words = mb_strtolower(trim($words));
        if (in_array($words, ['today', 'tomorrow', 'yesterday'], true)) {
            return Carbon::parse($words)->format('Y-m-d');
        }
        foreach ([...self::DAYS, ...self::DAYS_OF_THIS_YEAR] as $format) {
            $day = \DateTimeImmutable::createFromFormat($format, ucwords($words));
            if ($day !== false && \DateTimeImmutable::getLastErrors() === false) {
                return in_array($format, self::DAYS, true) ? $day->format('Y-m-d') : Carbon::today()->format('Y-').$day->format('m-d');
            }
        }

        return null;
    }
}
