<?php

declare(strict_types=1);

namespace Planisher\Imaging\Inspect;

use Planisher\Colour\DeltaE;
use Planisher\Imaging\Colour\ThroughProfile;
use Planisher\Imaging\Paint\Renderer;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Subsampling;
use Planisher\Plan\PlannedFile;

/**
 * How large a JPEG will be before it is made, and what its quality costs: bands of the file's own pixels, spread evenly over
 * it, are packed as it will be and at quality 100, and held against each other.
 */
final readonly class Weight
{
    private const BANDS = 10;

    /** Rows of a band: whole blocks of a JPEG (ISO 10918-1) */
    private const ROWS = 48;

    /** Pixels that are compared in ΔE2000. */
    private const COMPARED = 6000;

    /** @param  float  $mean  ΔE2000 to quality 100, and what 99 of 100 pixels stay below */
    private function __construct(public int $bytes, public float $mean, public float $most) {}

    /** What takes longer than somebody waits isn't begun. */
    private const MOST_PIXELS = 60_000_000;

    public static function canBeEstimated(PlannedFile $file): bool
    {
        return $file->width * min($file->height, self::BANDS * self::ROWS) <= self::MOST_PIXELS;
    }

    public static function estimate(PlannedFile $file, Sources $originals): self
    {
        $sample = self::sample($file, $originals);
        [$bytes, $as] = self::packed($sample, $file->encoding->quality);
        [, $best] = self::packed($sample, 100);
        $differences = self::differences($as, $best, $originals->profiles->path($file->encoding->target()));
        $share = ($file->width * $file->height) / ($sample->width() * $sample->height());

        return new self(
            (int) round($bytes * $share),
            array_sum($differences) / count($differences),
            $differences[(int) (0.99 * (count($differences) - 1))],
        );
    }

    /** @return array{bytes: int, mean: float, most: float} */
    public function toArray(): array
    {
        return ['bytes' => $this->bytes, 'mean' => round($this->mean, 3), 'most' => round($this->most, 3)];
    }

    private static function sample(PlannedFile $file, Sources $originals): Image
    {
        $whole = Renderer::compose($file, $originals);
        if ($file->height <= self::BANDS * self::ROWS) {
            return $whole->held(PHP_INT_MAX);
        }
        $sample = null;
        for ($band = 0; $band < self::BANDS; $band++) {
            $top = (int) round((($file->height - self::ROWS) * ($band + 0.5)) / self::BANDS);
            $part = $whole->run('crop', [0, $top, $file->width, self::ROWS]);
            $sample = $sample === null ? $part : $sample->over($part);
        }

        return $sample->held(PHP_INT_MAX);
    }

    /** @return array{int, Image} its bytes, and what comes out of them */
    private static function packed(Image $image, int $quality): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'planisher-weight-');
        try {
            $image->save('jpegsave', $path, ['Q' => $quality, 'subsample_mode' => Subsampling::Never, 'strip' => true]);
            clearstatcache(true, $path);

            return [(int) filesize($path), Image::open($path)->held(PHP_INT_MAX)];
        } finally {
            @unlink($path);
        }
    }

    /** @return non-empty-list<float> ΔE2000 of places spread over both, the smallest first */
    private static function differences(Image $one, Image $other, string $profile): array
    {
        [$width, $height] = [$one->width(), $one->height()];
        $step = max(1, (int) sqrt(($width * $height) / self::COMPARED));
        $labs = array_map(fn (Image $of): array => ThroughProfile::lab($of->run('subsample', [$step, $step]), $profile), [$one, $other]);
        $differences = array_map(DeltaE::between(...), ...$labs);
        sort($differences);

        return $differences ?: [0.0];
    }
}
