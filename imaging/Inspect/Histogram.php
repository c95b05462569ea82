<?php

declare(strict_types=1);

namespace Planisher\Imaging\Inspect;

use Planisher\Colour\CieLab;
use Planisher\Imaging\Colour\Conversion;
use Planisher\Imaging\Colour\ThroughProfile;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\Image;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\PlannedFile;

/** How often which lightness and which code stands in a picture, before its conversion and after: in 64 bins, as shares of the largest. */
final class Histogram
{
    private const BINS = 64;

    private const SIDE = 400;

    /** Codes this near to an end stand at it, of 255. */
    private const END = 1;

    /**
     * @return array{before: array<string, mixed>, after: array<string, mixed>, clipped: float}
     */
    public static function of(PlannedFile $file, Sources $proxies): array
    {
        $after = Preview::image($file, $proxies, self::SIDE)->held(PHP_INT_MAX);

        return [
            'before' => self::counted(
                array_map(
                    fn (PrintedPart $part): array => [$part->image, $part->assumedProfile()],
                    self::parts($file, $proxies, self::SIDE),
                ),
            ),
            'after' => self::counted([[$after, $proxies->profiles->path($file->encoding->target())]]),
            'clipped' => self::clipped($file, $proxies),
        ];
    }

    /** The share of what is printed that comes to an end of the codes by the conversion alone. */
    public static function clipped(PlannedFile $file, Sources $proxies): float
    {
        $conversion = new Conversion($file->encoding->with(bits: 8, sharpening: null), $proxies->profiles);
        $more = fn (PrintedPart $part): float => self::atAnEnd($conversion->into($part->image, $part->facts)) - self::atAnEnd($part->image);

        return PrintedPart::mean(
            self::parts($file, $proxies, intdiv(self::SIDE, 2)),
            fn (PrintedPart $part): float => max(0.0, $more($part)),
        );
    }

    private static function atAnEnd(Image $image): float
    {
        $codes = array_chunk(array_values((array) unpack('C*', $image->pixels())), 3);
        $ends = array_filter($codes, fn (array $rgb): bool => min($rgb) <= self::END || max($rgb) >= 255 - self::END);

        return count($ends) / max(1, count($codes));
    }

    /** @return list<PrintedPart> */
    private static function parts(PlannedFile $file, Sources $proxies, int $side): array
    {
        return array_map(fn (PictureLayer $placed): PrintedPart => PrintedPart::of($placed, $proxies, $side), $file->pictures());
    }

    /**
     * @param  list<array{Image, ?string}>  $images  each with the profile its colours are read by; null for its own
     * @return array<string, mixed> bins of lightness, red, green, blue; shares that are dark, light, threeQuarter
     */
    private static function counted(array $images): array
    {
        $codes = array_merge(
            ...array_map(fn (array $one): array => array_chunk(array_values((array) unpack('C*', $one[0]->pixels())), 3), $images),
        );
        $lab = array_merge(...array_map(fn (array $one): array => ThroughProfile::lab(...$one), $images));
        $share = fn (array $some): float => count($some) / max(1, count($codes));

        return [
            'lightness' => self::bins(array_map(fn (CieLab $one): float => $one->lightness, $lab), 100),
            'red' => self::bins(array_column($codes, 0), 255),
            'green' => self::bins(array_column($codes, 1), 255),
            'blue' => self::bins(array_column($codes, 2), 255),
            // At an end: any channel is, so that it has lost what lay beyond
            'dark' => $share(array_filter($codes, fn (array $rgb): bool => min($rgb) <= self::END)),
            'light' => $share(array_filter($codes, fn (array $rgb): bool => max($rgb) >= 255 - self::END)),
            'threeQuarter' => $share(array_filter($lab, fn (CieLab $one): bool => $one->lightness >= 10 && $one->lightness <= 40)),
        ];
    }

    /**
     * @param  list<float|int>  $values
     * @return list<float>
     */
    private static function bins(array $values, float $most): array
    {
        $counts = array_fill(0, self::BINS, 0);
        foreach ($values as $value) {
            $counts[max(0, min(self::BINS - 1, (int) (($value / $most) * self::BINS)))]++;
        }
        $largest = max(1, max($counts));

        return array_map(fn (int $count): float => round($count / $largest, 4), $counts);
    }
}
