<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\Colour\ToneCurve;
use Planisher\Measure\Figure;
use Planisher\OrderFile\JsonNode;

/** What is done to a print's lightness for its paper, from 0 to 1 each. */
final class ForPaper
{
    public static function fromNode(?JsonNode $node): ToneCurve
    {
        $node?->object(['open', 'contrast']);

        return new ToneCurve($node?->maybe('open')?->number(0, 1) ?? 0.0, $node?->maybe('contrast')?->number(0, 1) ?? 0.0);
    }

    /** “opened by 30 %, 10 % more contrast” */
    public static function label(ToneCurve $tone): string
    {
        return implode(
            ', ',
            array_filter([
                $tone->open > 0 ? 'opened by '.Figure::percent($tone->open) : null,
                $tone->contrast > 0 ? Figure::percent($tone->contrast).' more contrast' : null,
            ]),
        );
    }

    /** @return array<string, float> as in the order file, only what differs from 0 */
    public static function toArray(ToneCurve $tone): array
    {
        return array_filter(['open' => $tone->open, 'contrast' => $tone->contrast]);
    }
}
