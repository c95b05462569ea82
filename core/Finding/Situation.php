<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Lab\LabCard;
use Planisher\Line\Line;
use Planisher\Naming\FileName;
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
     * @param  array<string, mixed>  $change  of the line; null takes a key away, an object is merged one deep
     * @param  callable(Plan, PictureFacts): bool  $isWanted
     */
    public function changedBy(array $change, callable $isWanted): bool
    {
        $picture = $this->facts();
        if ($picture === null) {
            return false;
        }
        $wanted = $this->line->toArray();
        foreach ($change as $key => $value) {
            $merged = is_array($value) && ! array_is_list($value) ? [...$wanted[$key] ?? [], ...$value] : $value;
            $wanted[$key] = is_array($merged) && ! array_is_list($merged) ? array_filter($merged, fn (mixed $one): bool => $one !== null) : $merged;
        }
        $line = Line::fromNode(Node::root(array_filter($wanted, fn (mixed $value): bool => $value !== null)));
        $plan = WorkedLine::plan($line, $picture, $this->lab, $this->name);

        return $plan !== null && $isWanted($plan, $picture);
    }

    public function facts(): ?PictureFacts
    {
        return $this->picture instanceof PictureFacts ? $this->picture : null;
    }
}
