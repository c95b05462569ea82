<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Language\Offer;
use Planisher\Language\Says;
use Planisher\Reading\Chart\ChartItem;

/** What is wanted of files besides the print itself: alike in a list and said of a line that is there. */
final class Outputs
{
    /**
     * A copy for a screen besides a print, which has the print's own shape.
     *
     * @param  array<string, mixed>  $change
     * @param  array<string, mixed>  $on  the line it is said of, in its order-file form; empty where there is none yet
     * @param  ?ChartItem  $last  doubted where it isn't sure
     * @return array<string, mixed>
     */
    public static function besides(array $change, array $on, ?ChartItem $last): array
    {
        $of = $change[Says::SCREEN];
        if (isset($of['shape'])) {
            $of['longSide'] = max(array_map(intval(...), explode(' x ', (string) $of['shape'])));
            unset($of['shape']);
            $last?->doubt("A copy beside a print has the print’s own shape: {$of['longSide']} px on its long side.");
        }
        $before = is_array($on['screenCopy'] ?? null) ? $on['screenCopy'] : [];
        $change['screenCopy'] = Settler::merged(Settler::merged($before, $of), (array) ($change['screenCopy'] ?? []));

        return $change;
    }

    /**
     * A TIFF has no quality.
     *
     * @param  array<string, mixed>  $change
     * @param  array<string, mixed>  $on
     * @return array<string, mixed>
     */
    public static function withoutQuality(array $change, array $on, ?ChartItem $last): array
    {
        $format = $change['output']['format'] ?? ($on['output']['format'] ?? null);
        if (isset($change['output']['quality']) && $format === 'tiff') {
            $last?->doubt('A TIFF has no quality: it loses nothing. Is it to be a JPEG?', [new Offer('a JPEG', 'jpeg')]);
            unset($change['output']['quality']);
        }

        return $change;
    }
}
