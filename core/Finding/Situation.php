<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Lab\LabCard;
use Planisher\Line\Line;
use Planisher\Naming\FileName;
use Planisher\OrderFile\MergePatch;
use Planisher\OrderFile\Node;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureTrouble;
use Planisher\Picture\Seen;
use Planisher\Plan\Plan;
use Planisher\Plan\WorkedLine;

/** All that a check may look at. */
final readonly class Situation
{
    public function __construct(
        public Line $line,
        public LabCard $lab,
        public PictureFacts|PictureTrouble $picture,
        public FileName $name,
        public ?Plan $plan,
        public ?Seen $seen = null,
    ) {}

    /**
     * Whether a change to the line would bring about a plan that is as wanted: what a remedy promises is tried first.
     *
     * @param  array<string, mixed>  $change  of the line, as a merge patch
     * @param  callable(Plan, PictureFacts): bool  $isWanted
     */
    public function changedBy(array $change, callable $isWanted): bool
    {
        $picture = $this->facts();
        if ($picture === null) {
            return false;
        }
        $line = Line::fromNode(Node::root(MergePatch::apply($this->line->toArray(), $change)));
        $plan = WorkedLine::plan($line, $picture, $this->lab, $this->name);

        return $plan !== null && $isWanted($plan, $picture);
    }

    public function facts(): ?PictureFacts
    {
        return $this->picture instanceof PictureFacts ? $this->picture : null;
    }
}
