<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Finding\Checks;
use Planisher\Finding\Finding;
use Planisher\Finding\Level;
use Planisher\Finding\Situation;
use Planisher\Lab\LabCard;
use Planisher\Line\Line;
use Planisher\Line\Make;
use Planisher\Naming\FileName;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureTrouble;
use Planisher\Picture\Seen;

/** A line taken through the whole computation: what is wanted + picture facts + lab card → plan and findings. */
final readonly class WorkedLine
{
    /**
     * @param  ?Plan  $plan  null when the line has no usable picture, or asks for what can't be made
     * @param  non-empty-list<Finding>  $findings  worst first
     */
    private function __construct(
        public Line $line,
        public LabCard $lab,
        public PictureFacts|PictureTrouble $picture,
        public FileName $name,
        public ?Plan $plan,
        public array $findings,
    ) {}

    /** @param  ?callable(Plan): ?Seen  $look  gives what was measured of a plan's pixels, where somebody has looked */
    public static function work(Line $line, PictureFacts|PictureTrouble $picture, LabCard $lab, FileName $name, ?callable $look = null): self
    {
        $plan = $picture instanceof PictureFacts ? self::plan($line, $picture, $lab, $name) : null;

        return new self($line, $lab, $picture, $name, $plan, Checks::judge(new Situation($line, $lab, $picture, $name, $plan, $plan === null || $look === null ? null : $look($plan))));
    }

    /** The register of planners: one a finish. Null for what can't be made yet. */
    public static function plan(Line $line, PictureFacts $picture, LabCard $lab, FileName $name): ?Plan
    {
        return match ($line->make) {
            Make::Print => PrintPlanner::plan($line, $picture, $lab, $name),
            Make::Canvas => CanvasPlanner::plan($line, $picture, $lab, $name),
            Make::Panels => PanelsPlanner::plan($line, $picture, $lab, $name),
            Make::SharedSheet, Make::ScreenCopy => null,
        };
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
}
