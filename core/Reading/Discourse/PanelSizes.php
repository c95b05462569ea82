<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\Reading\Chart\Item;
use Planisher\Reading\Reading;

/** The size of all where that of each panel was said, and the other way round. */
final class PanelSizes
{
    /**
     * @param  array<string, mixed>  $change
     * @param  array<string, mixed>  $on
     * @param  list<Item>  $wishes  told at the last of them
     * @return array<string, mixed>
     */
    public static function settled(array $change, array $on, array $wishes, Unit $unit): array
    {
        if (! isset($change[Reading::EACH_SIZE])) {
            return $change;
        }
        $each = Size::parse((string) $change[Reading::EACH_SIZE], $unit);
        unset($change[Reading::EACH_SIZE]);
        $columns = count($change['panels']['columns'] ?? ($on['panels']['columns'] ?? [1]));
        $rows = count($change['panels']['rows'] ?? ($on['panels']['rows'] ?? [1]));
        $gap = $change['panels']['gap'] ?? ($on['panels']['gap'] ?? null);
        $times = fn (Length $length, int $many): Length => Length::exact($length->nanometres * $many, $length->unit);
        $all = Size::of($times($each->width, $columns), $times($each->height, $rows));
        $said = isset($change['size'])
            ? Size::parse((string) $change['size'], $unit)
            : (isset($change[Reading::SIZE])
                ? Size::parse((string) $change[Reading::SIZE], $unit)
                : null);
        if ($said !== null && ! $said->sameAs($all)) {
            end($wishes) === false || end($wishes)->doubt("Together that is {$all->label()}, not {$said->label()}.");
        }

        return ['size' => (string) $all] + $change;
    }
}
