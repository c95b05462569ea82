<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\PaperProfile;
use Planisher\Picture\Seen;
use Planisher\Plan\PlannedFile;

/** All that is measured of a file's pixels before it is made, from a proxy of its picture. */
final readonly class SeenOnPaper
{
    private const SIDE = 1600;

    private function __construct(public Seen $seen, public ?Tones $tones) {}

    /** @param  ?PaperProfile  $paper  null to look at the file's own colour space only */
    public static function measure(PlannedFile $file, ?PaperProfile $paper, string $proxy): self
    {
        $share = Proof::share($file, $paper, $proxy, self::SIDE);
        $tones = $paper === null ? null : Tones::measure($file, $paper, $proxy);

        return new self(new Seen($share, $share > 0 ? Proof::drawnIn($file, $paper, $proxy) : [], Histogram::clipped($file, $proxy), $tones?->lost), $tones);
    }
}
