<?php

declare(strict_types=1);

namespace Planisher\Measure;

/**
 * Paper sizes that have a name. A and B: ISO 216:2007, table 1, trimmed sizes in mm, shorter side first.
 */
final class NamedSizes
{
    private const MILLIMETRES = [
        'A0' => [841, 1189],
        'A1' => [594, 841],
        'A2' => [420, 594],
        'A3' => [297, 420],
        'A4' => [210, 297],
        'A5' => [148, 210],
        'A6' => [105, 148],
        'A7' => [74, 105],
        'A8' => [52, 74],
        'B1' => [707, 1000],
        'B2' => [500, 707],
        'B3' => [353, 500],
        'B4' => [250, 353],
        'B5' => [176, 250],
        'B6' => [125, 176],
    ];

    public static function find(string $name): ?Size
    {
        $name = strtoupper(trim($name));
        $sides = self::MILLIMETRES[$name] ?? null;

        return $sides === null
            ? null
            : Size::of(Length::of((string) $sides[0], Unit::Millimetre), Length::of((string) $sides[1], Unit::Millimetre), $name);
    }
}
