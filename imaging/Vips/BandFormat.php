<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** What a sample is (VipsBandFormat). */
enum BandFormat: int
{
    case Bits8 = 0;
    case SignedBits8 = 1;
    case Bits16 = 2;
    case SignedBits16 = 3;
    case Bits32 = 4;
    case SignedBits32 = 5;
    case Float = 6;
    case Complex = 7;
    case Double = 8;
    case DoubleComplex = 9;

    /** Bytes a sample */
    public function bytes(): int
    {
        return match ($this) {
            self::Bits8, self::SignedBits8 => 1,
            self::Bits16, self::SignedBits16 => 2,
            self::Bits32, self::SignedBits32, self::Float => 4,
            self::Complex, self::Double => 8,
            self::DoubleComplex => 16,
        };
    }
}
