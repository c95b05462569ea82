<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Measure\Box;
use Planisher\Measure\Length;
use Planisher\Measure\Unit;
use Planisher\Phrase\SidesPhrase;
use Planisher\Plan\LineContext;

/** Tells of words and overlays that come nearer to the edge than can be relied on: where it is trimmed, folded or framed. */
final class AddedClearsEdges implements Check
{
    /**
     * @param  \Closure(LineContext): ?Length  $clear  how far inside the edge
     * @param  string  $edge  what lies there: “what a frame covers”
     */
    public function __construct(private readonly \Closure $clear, private readonly string $edge) {}

    /** Near an edge that is cut, as far as a trimmer may be off. */
    public static function ofCut(): self
    {
        return new self(fn (): Length => self::cutMayBeOff(), 'what a cut may take');
    }

    /** (common practice, no source) */
    public static function cutMayBeOff(): Length
    {
        return Length::of('2', Unit::Millimetre);
    }

    public function judge(LineContext $at): ?Finding
    {
        $clear = ($this->clear)($at);
        if ($at->plan === null || $clear === null || $clear->nanometres === 0) {
            return null;
        }
        $paper = $at->plan->layout->box();
        foreach ($at->plan->added->named($at->line) as [$name, $box, $coversAll]) {
            $inside = self::inside($box, $paper);
            // What covers the whole image is meant to; what goes beyond the edge is told already, and so is what is trimmed away.
            if (! $coversAll && $inside >= 0 && $inside < $clear->nanometres) {
                return Finding::look(
                    'added-near-edge',
                    "{$name} is close to the edge",
                    'It comes as near as '.
                        SidesPhrase::length($inside, SidesPhrase::fine($at->plan->size()->width->unit)).
                        " to it, within {$this->edge}, {$clear->label()}.",
                );
            }
        }

        return null;
    }

    private static function inside(Box $box, Box $paper): int
    {
        return min($box->x - $paper->x, $box->y - $paper->y, $paper->right() - $box->right(), $paper->bottom() - $box->bottom());
    }
}
