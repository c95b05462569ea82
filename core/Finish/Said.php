<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Phrase\Segments;
use Planisher\Plan\Situation;

/** What is said of a finish in words. */
interface Said
{
    /**
     * What it is made of, where that isn't the one picture of its line: the word of the sentence, and what that says.
     *
     * @return ?array{string, string}
     */
    public function madeOf(Situation $at): ?array;

    /** How it has its size: “cropped to 8 × 10 in” */
    public function size(Situation $at): string;

    /** Adds its own words to the sentence: only what there is to say. */
    public function words(Segments $sentence, Situation $at): void;

    /**
     * Its words that “add…” offers while there is nothing to say of them.
     *
     * @return array<string, string> by word
     */
    public function addable(Situation $at): array;

    /** In a few words, for the order sheet, behind the picture's name. */
    public function short(Situation $at): string;

    /**
     * The facts under the drawing that are its own.
     *
     * @return list<?array{figure: string, note: string}>
     */
    public function facts(Situation $at): array;

    /**
     * What is left to be done to it by hand, for whoever cuts or mounts it.
     *
     * @return list<string> a sentence each
     */
    public function byHand(Situation $at): array;
}
