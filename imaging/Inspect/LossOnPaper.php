<?php

declare(strict_types=1);

namespace Planisher\Imaging\Inspect;

use Planisher\Colour\PaperProfile;
use Planisher\Imaging\Sources\Sources;
use Planisher\Picture\ColourLoss;
use Planisher\Plan\PlannedFile;

/** All that is measured of a file's pixels before it is made, from proxies of its pictures. */
final readonly class LossOnPaper
{
    private const SIDE = 1600;

    private function __construct(public ColourLoss $loss, public ?Tones $tones) {}

    /** @param  ?PaperProfile  $paper  null to look at the file's own colour space only */
    public static function measure(PlannedFile $file, ?PaperProfile $paper, Sources $proxies): self
    {
        $drawnIn = new DrawnIn($file, $paper, $proxies);
        $share = $drawnIn->share(self::SIDE);
        $tones = $paper === null ? null : Tones::measure($file, $paper, $proxies);

        return new self(
            new ColourLoss($share, $share > 0 ? $drawnIn->hues() : [], Histogram::clipped($file, $proxies), $tones?->lost),
            $tones,
        );
    }
}
