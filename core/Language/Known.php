<?php

declare(strict_types=1);

namespace Planisher\Language;

use Planisher\Lab\LabCard;
use Planisher\Measure\Unit;

/** What there is to be spoken of: lab, marks, unit, house finishes, and how large pictures are. */
final readonly class Known
{
    /**
     * @param  list<string>  $marks  file names of the studio's marks, the usual one first
     * @param  array<string, array{int, int}>  $pixels  width and height of pictures by name, where they are known
     * @param  array<string, \Closure(?string): (array<string, mixed>|Unsure)>  $finishes  by the names of house finishes, what one
     *                                                                                    settles of what is made, as a change of a
     *                                                                                    line; unsure where the lab doesn't have all
     * @param  OwnWords  $own  what the studio has taught
     */
    public function __construct(
        public LabCard $lab,
        public array $marks = [],
        public Unit $unit = Unit::Inch,
        public array $pixels = [],
        public array $finishes = [],
        public OwnWords $own = new OwnWords(),
    ) {}
}
