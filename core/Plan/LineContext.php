<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Lab\LabCard;
use Planisher\Line\LineChange;
use Planisher\Line\LineSpec;
use Planisher\Line\Wanted;
use Planisher\Naming\FileName;
use Planisher\Picture\ColourLoss;
use Planisher\Picture\MustStayIn;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureTrouble;
use Planisher\Studio\OrderContext;

/**
 * All that is known of a line: what is wanted, its pictures, its lab, its plan, and what was measured of that.
 *
 * @template-covariant W of Wanted = Wanted  what is wanted of its finish
 * @template-covariant O of OfFinish|null = OfFinish|null  what of its layout only its finish knows
 */
final readonly class LineContext
{
    /**
     * @param  LineSpec<W>  $line
     * @param  list<PictureFacts|PictureTrouble>  $pictures  of the line's places, in their order
     * @param  ?Plan<O>  $plan  null when a picture is missing or can't be used, or it asks for what can't be made
     * @param  \Closure(LineChange): ?Plan<O>  $changed  the plan of the line that is changed so
     */
    public function __construct(
        public LineSpec $line,
        public LabCard $lab,
        public array $pictures,
        public FileName $name,
        public ?Plan $plan,
        public ?ColourLoss $seen,
        private \Closure $changed,
        public OrderContext $orderContext = new OrderContext(),
    ) {}

    /**
     * Whether a change to the line would bring about a plan that is as wanted: what a remedy promises is tried first.
     *
     * @param  callable(Plan<O>): bool  $isWanted
     */
    public function changedBy(LineChange $change, callable $isWanted): bool
    {
        $plan = $this->planChangedBy($change);

        return $plan !== null && $isWanted($plan);
    }

    /** @return ?Plan<O> what the line would come to if it were changed so */
    public function planChangedBy(LineChange $change): ?Plan
    {
        return ($this->changed)($change);
    }

    /** @return list<PictureFacts> of the pictures that can be used */
    public function facts(): array
    {
        return array_values(array_filter($this->pictures, fn ($picture): bool => $picture instanceof PictureFacts));
    }

    /** @return list<PictureTrouble> why others can't */
    public function troubles(): array
    {
        return array_values(array_filter($this->pictures, fn ($picture): bool => $picture instanceof PictureTrouble));
    }

    /** @return list<MustStayIn> of all its pictures */
    public function marked(): array
    {
        return array_merge(...array_map(fn (PictureFacts $picture): array => $picture->mustStayIn, $this->facts()));
    }
}
