<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\Wanted;
use Planisher\Phrase\SentenceSegments;
use Planisher\Plan\LineContext;
use Planisher\Plan\OfFinish;
use Planisher\Plan\Plan;

/**
 * What is said of a finish in words.
 *
 * @template-contravariant W of Wanted = Wanted  what is wanted of it
 * @template-contravariant O of OfFinish|null = OfFinish|null  what of its layout only it knows
 */
interface Wording
{
    /**
     * How it has its size: “cropped to 8 × 10 in”
     *
     * @param  LineContext<W, O>  $at
     */
    public function size(LineContext $at): string;

    /**
     * Adds its own words to the sentence: only what there is to say.
     *
     * @param  LineContext<W, O>  $at
     */
    public function words(SentenceSegments $sentence, LineContext $at): void;

    /**
     * In a few words, for the order sheet, behind the picture's name.
     *
     * @param  LineContext<W, O>  $at
     */
    public function short(LineContext $at): string;

    /**
     * The facts under the drawing that are its own.
     *
     * @param  LineContext<W, O>  $at
     * @param  Plan<O>  $plan  its plan: without one there are none
     * @return list<?array{figure: string, note: string}>
     */
    public function facts(LineContext $at, Plan $plan): array;
}
