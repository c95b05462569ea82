<?php

declare(strict_types=1);

namespace Planisher\Imaging\Inspect;

use Planisher\Colour\CieLab;
use Planisher\Colour\PaperProfile;
use Planisher\Colour\Space;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\Colour\ThroughProfile;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\IccIntent;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Plan\PlannedFile;

/** What becomes of a file's tones on a paper, measured on a small preview: its darkest and lightest, its three-quarter tones. */
final readonly class Tones
{
    private const SIDE = 320;

    /** The share of the picture that may be darker than its darkest tone, and lighter than its lightest. */
    private const SHARE = 0.005;

    /** Three-quarter tones: lightness in L* */
    private const THREE_QUARTER = [12.0, 35.0];

    /**
     * @param  float  $darkest  L* of the file, and on paper
     * @param  float  $lost  how much lighter the three-quarter tones would have to be to keep their distance from the darkest, in L*
     * @param  float  $paperWarmth  b* of the paper's white
     */
    private function __construct(
        public float $darkest,
        public float $darkestOnPaper,
        public float $lost,
        public float $paperLightness,
        public float $paperWarmth,
    ) {}

    public static function measure(PlannedFile $file, PaperProfile $paper, Sources $proxies): self
    {
        $small = Preview::image($file, $proxies, self::SIDE)->held(PHP_INT_MAX);
        $lightness = fn (Image $of, string $profile): array => array_map(
            fn (CieLab $lab): float => $lab->lightness,
            ThroughProfile::lab($of, $profile),
        );
        $before = $lightness($small, $proxies->profiles->path($file->encoding->target()));
        $after = $lightness((new Proof($file->encoding, $paper, $proxies->profiles))->onPaper($small), ShippedProfiles::path(Space::Srgb));
        [$darkest, $darkestOnPaper] = [self::darkest($before), self::darkest($after)];
        [$from, $to] = self::THREE_QUARTER;
        $tones = array_keys(array_filter($before, fn (float $l): bool => $l >= $from && $l <= $to));
        // What a tone stands off the darkest, before and on paper: that is what the eye reads as shadow detail.
        $lost =
            $tones === []
                ? 0.0
                : array_sum(array_map(fn (int $i): float => $before[$i] - $darkest - ($after[$i] - $darkestOnPaper), $tones)) /
                    count($tones);
        [$white] = ThroughProfile::lab(
            Image::fromPixels("\xFF\xFF\xFF", 1, 1, 3)->as(Interpretation::Srgb),
            $proxies->profiles->path($paper),
            IccIntent::Absolute,
        );

        return new self($darkest, $darkestOnPaper, $lost, $white->lightness, $white->b);
    }

    /** @param  list<float>  $lightness */
    private static function darkest(array $lightness): float
    {
        sort($lightness);

        return $lightness[(int) (self::SHARE * count($lightness))] ?? 0.0;
    }
}
