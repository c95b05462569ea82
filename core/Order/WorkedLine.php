<?php

declare(strict_types=1);

namespace Planisher\Order;

use Planisher\Finding\Checks;
use Planisher\Finding\Finding;
use Planisher\Finding\Severity;
use Planisher\Finish\CombinesPrints;
use Planisher\Finish\Finishes;
use Planisher\Finish\LineReader;
use Planisher\Lab\LabCard;
use Planisher\Line\LineChange;
use Planisher\Line\LineSpec;
use Planisher\Naming\FileName;
use Planisher\Picture\ColourLoss;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureTrouble;
use Planisher\Plan\LineContext;
use Planisher\Plan\Plan;
use Planisher\Plan\ScreenCopies;
use Planisher\Studio\OrderContext;

/** A line taken through the whole computation: what is wanted + picture facts + lab card → plan and findings. */
final readonly class WorkedLine
{
    /**
     * @param  LineContext  $at  all that the rest came from
     * @param  non-empty-list<Finding>  $findings  worst first
     */
    private function __construct(
        public LineContext $at,
        public LineSpec $line,
        public LabCard $lab,
        public FileName $name,
        public ?Plan $plan,
        public array $findings,
    ) {}

    /**
     * @param  list<PictureFacts|PictureTrouble>  $pictures  of its places, in their order
     * @param  OrderContext  $orderContext  what the order has beside them
     * @param  ?callable(Plan): ?ColourLoss  $measure  gives what was measured of a plan's pixels, where somebody has looked
     */
    public static function work(
        LineSpec $line,
        array $pictures,
        LabCard $lab,
        FileName $name,
        ?callable $measure = null,
        OrderContext $orderContext = new OrderContext(),
    ): self {
        $at = self::context($line, $pictures, $lab, $name, $measure, $orderContext);
        $finish = Finishes::of($line);

        return new self($at, $at->line, $at->lab, $name, $at->plan, Checks::judge($at, $finish->checks(), Finishes::cells($at)));
    }

    /**
     * The same without its findings: what there is to tell of it.
     *
     * @param  list<PictureFacts|PictureTrouble>  $pictures  of its places, in their order
     * @param  ?callable(Plan): ?ColourLoss  $measure
     */
    public static function context(
        LineSpec $line,
        array $pictures,
        LabCard $lab,
        FileName $name,
        ?callable $measure = null,
        OrderContext $orderContext = new OrderContext(),
    ): LineContext {
        $lab = $lab->of($line->printedOn(), $line->paper);
        $line = $line->sizedBy(self::first($pictures))->listedBy($lab);
        $plan = self::plan($line, $pictures, $lab, $name, $orderContext);
        $seen = $plan === null || $measure === null ? null : $measure($plan);
        $changed = fn (LineChange $change): ?Plan => self::plan(LineReader::changed($line, $change), $pictures, $lab, $name, $orderContext);

        return new LineContext($line, $lab, $pictures, $name, $plan, $seen, $changed, $orderContext);
    }

    /** @param  list<PictureFacts|PictureTrouble>  $pictures */
    private static function first(array $pictures): ?PictureFacts
    {
        $first = $pictures[0] ?? null;

        return $first instanceof PictureFacts ? $first : null;
    }

    /** @return list<PictureFacts> of the pictures that can be used */
    public function facts(): array
    {
        return $this->at->facts();
    }

    /** Whether a picture is still to be chosen. */
    public function isWaiting(): bool
    {
        return in_array(null, $this->line->pictures(), true);
    }

    public function worst(): Finding
    {
        return $this->findings[0];
    }

    /**
     * The same where some of its findings were said yes to.
     *
     * @param  list<string>  $keys  of them
     */
    public function settledBy(array $keys): self
    {
        if ($keys === []) {
            return $this;
        }
        $findings = array_map(fn (Finding $finding): Finding => $finding->settledBy($keys), $this->findings);

        return new self($this->at, $this->line, $this->lab, $this->name, $this->plan, Finding::worstFirst($findings));
    }

    /** Whether there is nothing to look at. */
    public function isFine(): bool
    {
        return $this->worst()->level->isFine();
    }

    /** Whether a finding stops the print. */
    public function isStopped(): bool
    {
        return $this->worst()->level === Severity::Error;
    }

    /**
     * @param  list<PictureFacts|PictureTrouble>  $pictures
     * @return ?Plan null for what can't be made yet, or drawn without a picture that can't be used
     */
    private static function plan(LineSpec $line, array $pictures, LabCard $lab, FileName $name, OrderContext $orderContext): ?Plan
    {
        $facts = array_map(fn ($picture): ?PictureFacts => $picture instanceof PictureFacts ? $picture : null, $pictures);

        $line = $line->sizedBy(self::first($pictures))->listedBy($lab);
        $finish = Finishes::of($line);
        $plan = $facts === [] ? null : $finish->plan($line, $facts, $lab, $name, $orderContext);
        $size = $line->crop?->size;
        $plan = $plan?->readIn($size === null || $size->name !== null ? $orderContext->unit : $size->unit());
        if ($plan === null || $line->screenCopy === null || $name->copies === []) {
            return $plan;
        }

        return $plan->besides(ScreenCopies::of($plan, $line->screenCopy, $name->copies, $orderContext, $finish instanceof CombinesPrints));
    }
}
