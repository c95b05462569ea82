<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Phrase\SentenceSegments;
use Planisher\Plan\LineContext;

/** What is said of a finish in words. */
interface Wording
{
    /**
     * What it is made of, where that isn't the one picture of its line: the word of the sentence, and what that says.
     *
     * @return ?array{string, string}
     */
    public function madeOf(LineContext $at): ?array;

    /** How it has its size: “cropped to 8 × 10 in” */
    public function size(LineContext $at): string;

    /** Adds its own words to the sentence: only what there is to say. */
    public function words(SentenceSegments $sentence, LineContext $at): void;

    /**
     * Its words that “add…” offers while there is nothing to say of them.
     *
     * @return array<string, string> by word
     */
    public function addable(LineContext $at): array;

    /** In a few words, for the order sheet, behind the picture's name. */
    public function short(LineContext $at): string;

    /**
     * The facts under the drawing that are its own.
     *
     * @return list<?array{figure: string, note: string}>
     */
    public function facts(LineContext $at): array;

    /**
     * What is left to be done to it by hand, for whoever cuts or mounts it.
     *
     * @return list<string> a sentence each
     */
    public function byHand(LineContext $at): array;
}
