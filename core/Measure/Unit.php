<?php

declare(strict_types=1);

namespace Planisher\Measure;

/** A unit a length on paper may be typed in. One inch is 25.4 mm exactly (international inch, 1959). */
enum Unit: string
{
    case Inch = 'in';
    case Centimetre = 'cm';
    case Millimetre = 'mm';

    /** The unit that a photographer's spelling names, or null. */
    public static function spelled(string $word): ?self
    {
        return match (mb_strtolower(rtrim($word, '.'))) {
            'in', 'inch', 'inches', '"', '″', '”', "''" => self::Inch,
            'cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters' => self::Centimetre,
            'mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters' => self::Millimetre,
            default => null,
        };
    }

    public function nanometres(): int
    {
        return match ($this) {
            self::Inch => 25_400_000,
            self::Centimetre => 10_000_000,
            self::Millimetre => 1_000_000,
        };
    }
}
