<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Lab\LabCard;
use Planisher\Line\Line;
use Planisher\Naming\FileName;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureTrouble;
use Planisher\Plan\Plan;

/** All that a check may look at. */
final readonly class Situation
{
    public function __construct(
        public Line $line,
        public LabCard $lab,
        public PictureFacts|PictureTrouble $picture,
        public FileName $name,
        public ?Plan $plan,
    ) {}

    public function facts(): ?PictureFacts
    {
        return $this->picture instanceof PictureFacts ? $this->picture : null;
    }
}
