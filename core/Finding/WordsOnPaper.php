<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\LineChange;
use Planisher\Measure\Box;
use Planisher\Measure\Unit;
use Planisher\Phrase\SidesPhrase;
use Planisher\Plan\LineContext;
use Planisher\Words\Lettering;
use Planisher\Words\SetBlock;

/** Whether lettering lies on its paper, and fits the width it was given. */
final class WordsOnPaper implements Check
{
    /** Less than a hundredth of a millimetre is rounding. */
    private const SEEN = 10_000;

    public const TOO_MUCH = 'lettering-too-much';

    /** More than anybody would letter, and drawn within seconds. */
    private const COVERS_AT_MOST = 10;

    public function judge(LineContext $at): ?Finding
    {
        $plan = $at->plan;
        if ($plan === null) {
            return null;
        }
        $paper = $plan->layout->box();
        $covers = self::covers($plan->added->lettering, $paper);
        if ($covers > self::COVERS_AT_MOST) {
            return Finding::stops(
                self::TOO_MUCH,
                'There is too much lettering',
                'All of it together would cover the print '.
                    round($covers).
                    ' times; up to '.
                    self::COVERS_AT_MOST.
                    ' times can be drawn. Take some of it away, or make it smaller.',
            );
        }
        $smaller = null;
        foreach ($plan->added->lettering as $i => $block) {
            $name = $at->line->additions->lettering[$i]->start();
            if (! $block->box->meets($paper)) {
                return Finding::stops(
                    'lettering-off-paper',
                    "“{$name}” is off the paper",
                    'Nothing of it would be printed.',
                    self::in($at, $i),
                );
            }
            $beyond = max(
                $paper->x - $block->box->x,
                $paper->y - $block->box->y,
                $block->box->right() - $paper->right(),
                $block->box->bottom() - $paper->bottom(),
            );
            if ($beyond > self::SEEN) {
                return Finding::look(
                    'lettering-over-edge',
                    "“{$name}” goes over the edge",
                    SidesPhrase::length($beyond, SidesPhrase::fine($plan->size()->width->unit)).' of it would be cut off.',
                    self::in($at, $i),
                );
            }
            if ($block->isTooLong) {
                return Finding::look(
                    'lettering-too-wide',
                    "“{$name}” is wider than it should be",
                    'A word of it is too long for the width given, even at '.
                        SidesPhrase::length((int) round($block->height), Unit::Millimetre).
                        '.',
                );
            }
            $smaller ??= $block->isSmaller
                ? Finding::fine(
                    'lettering-smaller',
                    "“{$name}” is made smaller",
                    'It stands at '.
                        SidesPhrase::length((int) round($block->height), Unit::Millimetre).
                        ', so that its longest word fits the width given.',
                )
                : null;
        }

        return $smaller;
    }

    /**
     * How many times the blocks would cover the paper.
     *
     * @param  list<SetBlock>  $lettering
     */
    private static function covers(array $lettering, Box $paper): float
    {
        $area = fn (Box $box): float => (float) $box->width * $box->height;

        return array_sum(array_map(fn (SetBlock $block): float => $area($block->box), $lettering)) / max(1.0, $area($paper));
    }

    /** Moved by as little as can be; a block that is larger than the paper to its middle. */
    private static function in(LineContext $at, int $which): ?Remedy
    {
        $plan = $at->plan;
        $block = $plan?->added->lettering[$which] ?? null;
        if ($plan === null || $block === null) {
            return null;
        }
        $paper = $plan->layout->box();
        $moved = fn (int $from, int $long, int $side): int => $long > $side ? intdiv($side - $long, 2) : max(0, min($from, $side - $long));
        $there = new Box(
            $moved($block->box->x, $block->box->width, $paper->width),
            $moved($block->box->y, $block->box->height, $paper->height),
            $block->box->width,
            $block->box->height,
        );
        $lettering = array_map(fn (Lettering $one): array => $one->toArray(), $at->line->additions->lettering);
        $fraction = fn (float $of): float => round(max(0.0, min(1.0, $of)), 6);
        $lettering[$which]['x'] = $fraction(($there->x + $block->align->share() * $there->width) / $paper->width);
        $lettering[$which]['y'] = $fraction(($there->y + $there->height / 2) / $paper->height);

        return new Remedy('Move it onto the paper', LineChange::of(['lettering' => $lettering]));
    }
}
