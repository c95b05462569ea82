<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Language\Says;
use Planisher\Language\Unsure;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;

/** The size of all where that of each panel was said, and whether gaps are counted in. */
final class PanelSizes
{
    /**
     * @param  array<string, mixed>  $change
     * @param  array<string, mixed>  $on
     * @return array<string, mixed>|Unsure
     */
    public static function settled(array $change, array $on, Unit $unit): array|Unsure
    {
        $why = self::isGapOpen($change, $on) ? 'Does the size count the gaps in? It was read as that of the picture.' : null;
        if (isset($change[Says::EACH_SIZE])) {
            $each = Size::parse((string) $change[Says::EACH_SIZE], $unit);
            unset($change[Says::EACH_SIZE]);
            $all = self::together($each, $change, $on);
            $said = $change['size'] ?? ($change[Says::SIZE] ?? null);
            $said = $said === null ? null : Size::parse((string) $said, $unit);
            if ($said !== null && ! $said->sameAs($all)) {
                $why = "Together that is {$all->label()}, not {$said->label()}.";
            }
            $change = ['size' => (string) $all] + $change;
        }

        return $why === null ? $change : new Unsure($change, $why);
    }

    /**
     * @param  array<string, mixed>  $change
     * @param  array<string, mixed>  $on
     */
    private static function together(Size $each, array $change, array $on): Size
    {
        $many = fn (string $of): int => count($change['panels'][$of] ?? ($on['panels'][$of] ?? [1]));
        $times = fn (Length $length, int $many): Length => Length::exact($length->nanometres * $many, $length->unit);

        return Size::of($times($each->width, $many('columns')), $times($each->height, $many('rows')));
    }

    /**
     * @param  array<string, mixed>  $change
     * @param  array<string, mixed>  $on
     */
    private static function isGapOpen(array $change, array $on): bool
    {
        return isset($change['panels']['gap'], $change['panels']['columns']) && ! isset($change['panels']['behindGap']) && $on === [];
    }
}
