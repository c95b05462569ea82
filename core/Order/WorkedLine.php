<?php

declare(strict_types=1);

namespace Planisher\Order;

use Planisher\Finding\Checks;
use Planisher\Finding\Finding;
use Planisher\Finding\Level;
use Planisher\Finish\Finishes;
use Planisher\Finish\Gathers;
use Planisher\Finish\LineReader;
use Planisher\Lab\LabCard;
use Planisher\Line\Line;
use Planisher\Naming\FileName;
use Planisher\OrderFile\MergePatch;
use Planisher\OrderFile\Node;
use Planisher\Picture\ColourLoss;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureTrouble;
use Planisher\Plan\Plan;
use Planisher\Plan\ScreenCopies;
use Planisher\Plan\Situation;
use Planisher\Studio\Desk;

/** A line taken through the whole computation: what is wanted + picture facts + lab card → plan and findings. */
final readonly class WorkedLine
{
    /**
     * @param  Situation  $at  all that the rest came from
     * @param  non-empty-list<Finding>  $findings  worst first
     */
    private function __construct(
        public Situation $at,
        public Line $line,
        public LabCard $lab,
        public FileName $name,
        public ?Plan $plan,
        public array $findings,
    ) {}

    /**
     * @param  list<PictureFacts|PictureTrouble>  $pictures  of its places, in their order
     * @param  Desk  $desk  what the order has beside them
     * @param  ?callable(Plan): ?ColourLoss  $measure  gives what was measured of a plan's pixels, where somebody has looked
     */
    public static function work(
        Line $line,
        array $pictures,
        LabCard $lab,
        FileName $name,
        ?callable $measure = null,
        Desk $desk = new Desk(),
    ): self {
        $at = self::situation($line, $pictures, $lab, $name, $measure, $desk);
        $finish = Finishes::of($line);

        return new self($at, $line, $at->lab, $name, $at->plan, Checks::judge($at, $finish->checks(), $finish->cells($at)));
    }

    /**
     * The same without its findings: what there is to tell of it.
     *
     * @param  list<PictureFacts|PictureTrouble>  $pictures  of its places, in their order
     * @param  ?callable(Plan): ?ColourLoss  $measure
     */
    public static function situation(
        Line $line,
        array $pictures,
        LabCard $lab,
        FileName $name,
        ?callable $measure = null,
        Desk $desk = new Desk(),
    ): Situation {
        $lab = $lab->of($line->product, $line->paper);
        $plan = self::plan($line, $pictures, $lab, $name, $desk);
        $seen = $plan === null || $measure === null ? null : $measure($plan);
        $changed = fn (array $change): ?Plan => self::plan(
            LineReader::read(Node::root(MergePatch::apply($line->toArray(), $change))),
            $pictures,
            $lab,
            $name,
            $desk,
        );

        return new Situation($line, $lab, $pictures, $name, $plan, $seen, $changed, $desk);
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

    /** Whether a finding stops the print. */
    public function isStopped(): bool
    {
        return $this->worst()->level === Level::Stops;
    }

    /**
     * @param  list<PictureFacts|PictureTrouble>  $pictures
     * @return ?Plan null for what can't be made yet, or drawn without a picture that can't be used
     */
    private static function plan(Line $line, array $pictures, LabCard $lab, FileName $name, Desk $desk): ?Plan
    {
        $facts = array_map(fn ($picture): ?PictureFacts => $picture instanceof PictureFacts ? $picture : null, $pictures);

        $finish = Finishes::of($line);
        $plan = $facts === [] ? null : $finish->plan($line, $facts, $lab, $name, $desk);
        $size = $line->crop?->size;
        $plan = $plan?->readIn($size === null || $size->name !== null ? $desk->unit : $size->unit());
        if ($plan === null || $line->screenCopy === null || $name->copies === []) {
            return $plan;
        }

        return $plan->besides(ScreenCopies::of($plan, $line->screenCopy, $name->copies, $desk, $finish instanceof Gathers));
    }
}
