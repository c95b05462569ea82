<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\Lab\LabCard;

/** What is wanted of the finish that a line is made into. Each finish has its own, beside its planner. */
interface Wanted
{
    /** “print”, or “prints” of several: what one makes, without the number */
    public function label(int $copies): string;

    /** In a few words, for a list of choices: “a canvas, 2 cm deep” */
    public function inWords(): string;

    /**
     * The names of its pictures, place by place.
     *
     * @param  ?string  $picture  the line's own
     * @return non-empty-list<?string> null where none is chosen
     */
    public function pictures(?string $picture): array;

    /** What the lab prints it on where the line doesn't say, by the lab's name; null for what it uses. */
    public function printedOn(): ?string;

    /** Whether a lab prints it; else it is for a screen, and never goes to the lab. */
    public function isPrinted(): bool;

    /** Whether it is for a wall: from where it is looked at decides how many pixels are enough, not the lab's least. */
    public function isForTheWall(): bool;

    /**
     * What the files of one line are told apart by, in their order; an empty text where there is one.
     *
     * @return non-empty-list<string>
     */
    public function apart(LabCard $lab): array;

    /** @return array<string, mixed> as in the order file's line, only what differs from the defaults */
    public function toArray(): array;
}
