<?php

declare(strict_types=1);

namespace Planisher\Picture;

/** What was measured of a plan's pixels once somebody looked: shares from 0 to 1, tones in L*. */
final readonly class ColourLoss
{
    /**
     * @param  float  $outOfGamut  the share whose colours are drawn in by the file's space or the paper
     * @param  list<string>  $hues  of those, in words
     * @param  float  $clipped  the share that comes to an end of the codes by the conversion alone
     * @param  ?float  $lost  what the three-quarter tones lose of their distance from the darkest on paper; null without its profile
     */
    public function __construct(public float $outOfGamut, public array $hues, public float $clipped, public ?float $lost) {}

    /** @return array{outOfGamut: float, hues: list<string>, clipped: float, lost: ?float} */
    public function toArray(): array
    {
        return ['outOfGamut' => $this->outOfGamut, 'hues' => $this->hues, 'clipped' => $this->clipped, 'lost' => $this->lost];
    }
}
