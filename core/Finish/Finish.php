<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Finding\Cells;
use Planisher\Finding\Check;
use Planisher\Lab\LabCard;
use Planisher\Language\Rule\Rule;
use Planisher\Language\Unsure;
use Planisher\Line\Crop;
use Planisher\Line\Line;
use Planisher\Line\Wanted;
use Planisher\Measure\Unit;
use Planisher\Naming\FileName;
use Planisher\OrderFile\Node;
use Planisher\OrderFile\OrderFileError;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Plan;
use Planisher\Plan\Situation;
use Planisher\Studio\Desk;

/**
 * What a line can be made into. One folder beside this file holds all of a finish: what is wanted of it, its planner, what is
 * checked, said and drawn of it, and its choices for house finishes. The register is Finishes.
 */
interface Finish
{
    /** Its name in the order file, under “make” */
    public function name(): string;

    /** “print”, or “prints” of several: what one makes, without the number */
    public function label(int $copies): string;

    /**
     * The keys of an order file's line that only this finish reads.
     *
     * @return list<string>
     */
    public function keys(): array;

    /**
     * Where the names of its pictures stand in an order file's line, or in a change of one, place by place.
     *
     * @param  array<string, mixed>  $wanted
     * @return list<non-empty-list<string|int>> keys, each deeper than the one before
     */
    public function places(array $wanted): array;

    /** @throws OrderFileError */
    public function wanted(Node $line): Wanted;

    /**
     * @return ?Crop null for what has no size on paper, or not yet
     *
     * @throws OrderFileError
     */
    public function crop(Node $line): ?Crop;

    /**
     * @param  non-empty-list<?PictureFacts>  $pictures  place by place; null where there is none that can be used
     * @param  Desk  $desk  what the order has beside them
     * @return ?Plan null for what can't be made yet, or can't be drawn without a picture that is missing
     */
    public function plan(Line $line, array $pictures, LabCard $lab, FileName $name, Desk $desk): ?Plan;

    /**
     * What is judged of it, between the checks of its pictures and those of its colours and files.
     *
     * @return list<Check>
     */
    public function checks(): array;

    /** The prints that it carries, each as if it were a line of its own, where it carries several. */
    public function cells(Situation $at): ?Cells;

    /** Whether its size should be one that the lab lists; others are made to measure. */
    public function needsListedSize(): bool;

    /** Whether it is ordered in a size on paper. */
    public function needsSize(): bool;

    public function said(): Said;

    public function drawn(): Drawn;

    /**
     * What of it house finishes can settle one by one; what has none goes with the finish itself.
     *
     * @return list<Choice>
     */
    public function choices(): array;

    /**
     * How people say what is wanted of it.
     *
     * @return list<Rule>
     */
    public function rules(): array;

    /**
     * Words that say by themselves that a picture is made into it: “canvas”.
     *
     * @return list<string>
     */
    public function calledIn(): array;

    /**
     * What was said of it, completed by what can only be known when all of it was heard.
     *
     * @param  array<string, mixed>  $change  a merge patch of the line, and special keys (Says)
     * @param  array<string, mixed>  $on  the line it is said of, in its order-file form; empty where there is none yet
     * @return array<string, mixed>|Unsure
     */
    public function completed(array $change, array $on, Unit $unit): array|Unsure;
}
