<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Unit;

/** Picture beyond the edge that is trimmed away. */
final class BleedRule implements RequirementRule
{
    public const LENGTH = '(?:(?:\d+[\s-])?\d+\s*\/\s*\d+|\d+(?:[.,]\d+)?|[½¼¾⅛⅜⅝⅞])\s*(?:mm|cm|inch(?:es)?|in\b|"|″|”)';

    public function read(Statement $statement, Unit $bare): array
    {
        if (! $statement->isAbout('\bbleed') || $statement->isAbout('\bcanvas')) {
            return [];
        }
        if ($statement->says('\b(?:no|without|don’t (?:need|add)|don\'t (?:need|add))\b[^.;]{0,20}\bbleed')) {
            return ['bleed' => 'none'];
        }
        $m =
            $statement->match('('.self::LENGTH.')[^.;]{0,40}\bbleed') ??
            ($statement->match('\bbleed\b[^.;]{0,40}?('.self::LENGTH.')') ?? $statement->match('('.self::LENGTH.')'));
        try {
            return $m === null ? [] : ['bleed' => (string) Length::parse($m[1], $bare)];
        } catch (MeasureError) {
            return [];
        }
    }
}
