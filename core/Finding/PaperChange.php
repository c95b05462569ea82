<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Colour\ToneCurve;
use Planisher\Line\LineChange;
use Planisher\Line\LineSpec;
use Planisher\Measure\Figure;
use Planisher\Phrase\WordRow;

/** What changes on paper, in a few words: “darkest tone 16 instead of 3; white a little warm; 2 % of the colours drawn in”. */
final class PaperChange
{
    /** b* of a white from which it is told, and from which it is more than a little */
    private const TINTED = 1.5;

    private const MUCH = 5.0;

    /** Three-quarter tones that lose more than this of their distance from the darkest, in L*, want opening. */
    private const LOSES = 2.5;

    /** A colour's share below which nothing is told */
    private const LEAST_SHARE = 0.0005;

    /**
     * @param  ?array<string, float>  $tones  darkest, darkestOnPaper, lost, paperLightness, paperWarmth; null without a profile
     * @param  float  $share  of the picture whose colours are drawn in, 0 to 1
     * @param  list<string>  $hues  of those, in words
     * @return array{note: string, share: float, remedy: ?array{label: string, change: array<string, mixed>}}
     */
    public static function told(?array $tones, float $share, array $hues, LineSpec $line): array
    {
        $drawnIn =
            $share < self::LEAST_SHARE
                ? 'all colours fit'
                : Figure::percent($share).' of the colours drawn in'.($hues === [] ? '' : ', mostly '.WordRow::list($hues));
        if ($tones === null) {
            return ['note' => ucfirst($drawnIn).'.', 'share' => $share, 'remedy' => null];
        }
        $warmth = abs($tones['paperWarmth']);
        $white =
            $warmth < self::TINTED
                ? 'white neutral'
                : 'white '.($warmth < self::MUCH ? 'a little ' : '').($tones['paperWarmth'] > 0 ? 'warm' : 'cool');

        $remedy = self::opening($tones['lost'], $line);

        return [
            'note' => 'Darkest tone '.
                Figure::decimal($tones['darkestOnPaper'], 0).
                ' instead of '.
                Figure::decimal($tones['darkest'], 0).
                "; {$white}; {$drawnIn}.",
            'share' => $share,
            'remedy' => $remedy === null ? null : ['label' => $remedy->label, 'change' => $remedy->change->toArray()],
        ];
    }

    /** What would give the three-quarter tones back what they lose, or null when that is little, or they are opened so far already. */
    public static function opening(float $lost, LineSpec $line): ?Remedy
    {
        $open = round(min(1.0, $line->forPaper->open + $lost / ToneCurve::MOST_LIFT), 2);

        return $lost > self::LOSES && $open > $line->forPaper->open
            ? new Remedy('Open the three-quarter tones by '.Figure::percent($open), LineChange::of(['forPaper' => ['open' => $open]]))
            : null;
    }
}
