<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Finding\Check;
use Planisher\Lab\LabCard;
use Planisher\Line\LineKeys;
use Planisher\Line\LineSpec;
use Planisher\Line\Wanted;
use Planisher\Naming\FileName;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\OfFinish;
use Planisher\Plan\Plan;
use Planisher\Studio\OrderContext;

/**
 * What a line can be made into. One folder beside this file holds all of a finish: what is wanted of it, its planner, what is
 * checked, said and drawn of it. What only some can do, each is an interface of its own beside this one (SizedOtherwise, SaidInWords,
 * CarriesPrints, …), so a finish says only what it has. The register is Finishes.
 *
 * @template-contravariant W of Wanted = Wanted  what is wanted of it
 * @template-contravariant O of OfFinish|null = OfFinish|null  what of its layout only it knows
 */
interface Finish
{
    /** Its name in the order file, under “make” */
    public function name(): string;

    /** “print”, or “prints” of several: what one makes, without the number */
    public function label(int $copies): string;

    /** The keys of an order file's line that only this finish reads. */
    public function keys(): LineKeys;

    /** @throws OrderFileError */
    public function wanted(JsonNode $line): Wanted;

    /**
     * @param  LineSpec<W>  $line
     * @param  non-empty-list<?PictureFacts>  $pictures  place by place; null where there is none that can be used
     * @param  OrderContext  $orderContext  what the order has beside them
     * @return ?Plan null for what can't be made yet, or can't be drawn without a picture that is missing
     */
    public function plan(LineSpec $line, array $pictures, LabCard $lab, FileName $name, OrderContext $orderContext): ?Plan;

    /**
     * What is judged of it, between the checks of its pictures and those of its colours and files.
     *
     * @return list<Check<W, O>>
     */
    public function checks(): array;

    /** @return Wording<W, O> */
    public function wording(): Wording;
}
