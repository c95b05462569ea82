<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Phrase\SidesPhrase;
use Planisher\Plan\LineContext;
use Planisher\Plan\MarkedOnPaper;
use Planisher\Plan\Plan;

/**
 * Holds the image behind a mount's opening against the paper and the opening: it has to lie on the one, to fill the other, and nothing
 * that must stay in may lie behind the mount.
 *
 * @implements Check<PrintWanted, PrintLayout>
 */
final class OpeningCovered implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $opening = $at->line->wanted->opening;
        $layout = $at->plan?->layout;
        if ($opening === null || $layout === null) {
            return null;
        }
        $shown = $layout->own->opening;
        if ($shown === null) {
            return self::tooLarge($opening, $at);
        }
        $unit = SidesPhrase::fine($layout->size->width->unit);
        $image = $layout->image;
        $white = max($shown->width - $image->width, $shown->height - $image->height);
        if ($white > 0) {
            return Finding::look(
                'opening-not-covered',
                'White shows in the opening',
                'The whole picture is '.SidesPhrase::length($white, $unit)." smaller than the opening of {$opening->size->label()}.",
                new Remedy('Crop it to fill the opening', LineChange::without('fit')),
            );
        }
        $hidden = MarkedOnPaper::nearest(MarkedOnPaper::all($at->plan), $shown);
        if ($hidden !== null && $hidden[0] < 0) {
            $clear = new Remedy('Move the window so that it shows', LineChange::without('window'));

            return Finding::look(
                'must-stay-in-mounted',
                "The mount would cover “{$hidden[1]->area->label}”",
                SidesPhrase::length(-$hidden[0], $unit).' of it lies behind the mount '.SidesPhrase::on($hidden[2]).'.',
                Remedy::firstOf([$clear], $at, self::showsAll(...)),
            );
        }

        return Finding::fine(
            'opening-covered',
            'The image fills the opening',
            "It goes on behind the mount by {$opening->cover->label()} on each side.",
        );
    }

    /** @param  Plan<PrintLayout>  $plan */
    private static function showsAll(Plan $plan): bool
    {
        $shown = $plan->layout->own->opening;

        return $shown !== null && (MarkedOnPaper::nearest(MarkedOnPaper::all($plan), $shown)[0] ?? 0) >= 0;
    }

    /** @param  LineContext<PrintWanted, PrintLayout>  $at */
    private static function tooLarge(Opening $opening, LineContext $at): Finding
    {
        $paper = $at->plan?->size() ?? $opening->size;
        [$wide, $high] = $opening->image($opening->size);
        $lies = $opening->size->width->nanometres > $opening->size->height->nanometres;
        $as = $lies ? $paper->landscape() : $paper->portrait();
        $over = fn (int $by): string => SidesPhrase::length($by, SidesPhrase::fine($paper->width->unit));
        [$across, $down] = [$wide - $as->width->nanometres, $high - $as->height->nanometres];
        $unit = $opening->size->width->unit;
        $needed = Size::of(Length::ofNanometres($wide, $unit), Length::ofNanometres($high, $unit));
        $larger = $at->lab->smallestThatHolds($needed);

        return Finding::stops(
            'opening-too-large',
            'The image behind the opening is larger than the paper',
            "With {$opening->cover->label()} behind the mount it is {$needed->label()}, ".
                implode(
                    ' and ',
                    array_filter([$across > 0 ? $over($across).' wider' : null, $down > 0 ? $over($down).' higher' : null]),
                ).
                " than {$as->label()}.",
            $larger === null ? null : new Remedy("Print it on {$larger->label()}", LineChange::of(['size' => (string) $larger])),
        );
    }
}
