<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Measure\Size;
use Planisher\Phrase\SidesPhrase;
use Planisher\Plan\LineContext;

/**
 * Says whether the lab lists the size, and what it is laid on when it doesn't.
 *
 * @implements Check<PrintWanted, PrintLayout>
 */
final class SizeListed implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $size = $at->line->crop?->size;
        if ($size === null) {
            return null;
        }
        $lab = $at->lab;
        $layout = $at->plan?->layout->own;
        $carrier = $at->line->wanted->carrier->size;
        if ($carrier !== null && $layout?->has(PrintFlaw::CarrierTooSmall) === true) {
            return Finding::stops(
                'carrier-too-small',
                "{$carrier->label()} is too small a sheet",
                "It can’t hold {$size->label()} either way up.",
                new Remedy('Choose the sheet that suits', LineChange::without('carrier')),
            );
        }
        if ($carrier !== null && $lab->lists($carrier) === null) {
            return Finding::look(
                'carrier-not-listed',
                "{$carrier->label()} isn’t on the lab’s list",
                "{$lab->name} may cut or refuse the sheet.",
                new Remedy('Choose the sheet that suits', LineChange::without('carrier')),
            );
        }
        $used = PrintWording::carrier($at);
        if ($used !== null && $at->plan !== null) {
            return self::carried($at, $size, $used, PrintWording::surplus($at->plan->layout));
        }
        if ($lab->lists($size) !== null) {
            $asked = $at->line->crop->asked;
            $as = $asked === null ? "{$size->label()} is" : "{$asked->label()} is its {$size->label()},";

            return Finding::fine('size-listed', 'The lab lists this size', "{$as} on {$lab->name}’s list.");
        }
        $sheet = $lab->smallestThatHolds($size);
        if ($sheet === null) {
            $largest = $lab->largest();

            return Finding::look(
                'no-sheet-holds',
                'No sheet of the lab is large enough',
                "{$size->label()} isn’t listed, and the largest sheet {$lab->name} lists is {$largest->label()}. It may cut or refuse it.",
                new Remedy("Make it {$largest->label()}", LineChange::of(['size' => (string) $largest])),
            );
        }

        return self::orAlike(
            $at,
            $size,
            Finding::look(
                'size-not-listed',
                "{$size->label()} isn’t on the lab’s list",
                "{$lab->name} may cut or refuse it. {$sheet->label()} is the smallest sheet that holds it.",
                new Remedy("Lay it on the {$sheet->label()} sheet", LineChange::without('carrier')),
            ),
        );
    }

    /** What is nearly a listed size may have been meant so: that is offered first, with what it changes. */
    private static function orAlike(LineContext $at, Size $size, Finding $finding): Finding
    {
        $alike = $at->lab->resembles($size);
        if ($alike === null || $at->line->oneSide !== null) {
            return $finding;
        }
        [$was, $is] = [$size->portrait(), $alike->portrait()];
        $unit = SidesPhrase::fine($size->width->unit);
        $by = fn (int $more, string $side): ?string => $more === 0
            ? null
            : SidesPhrase::length(abs($more), $unit).' '.($more > 0 ? 'more' : 'less')." on the {$side} side";
        $changes = implode(
            ' and ',
            array_filter([
                $by($is->width->nanometres - $was->width->nanometres, 'short'),
                $by($is->height->nanometres - $was->height->nanometres, 'long'),
            ]),
        );
        $take = new Remedy("Take the lab’s {$alike->label()}: {$changes}", LineChange::of(['size' => (string) $alike]));

        return $finding->mendedBy([$take, ...$finding->remedy === null ? [] : [$finding->remedy], ...$finding->others]);
    }

    /** @param  LineContext<PrintWanted, PrintLayout>  $at */
    private static function carried(LineContext $at, Size $size, Size $listed, string $trim): Finding
    {
        if (! $at->line->wanted->carrier->auto) {
            return Finding::fine('carrier-kept', "Laid on {$listed->label()}", "White to trim away: {$trim}.");
        }

        $keep = new Remedy("Keep the {$listed->label()} sheet", LineChange::of(['carrier' => (string) $listed]));

        return self::orAlike(
            $at,
            $size,
            Finding::look(
                'carrier-used',
                "{$size->label()} isn’t on the lab’s list",
                "{$listed->label()} is the smallest sheet that holds it. White to trim away: {$trim}.",
                $keep,
            ),
        );
    }
}
