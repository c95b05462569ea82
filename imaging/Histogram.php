<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\Lab;
use Planisher\Colour\Space;
use Planisher\Imaging\Vips\Image;
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
    public static function of(PlannedFile $file, string $proxy): array
    {
        $facts = Proxy::facts($proxy, $file->placements[0]->picture);
        $after = Preview::image($file, $proxy, self::SIDE)->held(PHP_INT_MAX);
        $before = Proof::window($file, $proxy, self::SIDE);

        return [
            'before' => self::counted($before, $before->blob('icc-profile-data') === null || $facts->profileFlaw !== null ? Profiles::path(Space::Srgb) : null),
            'after' => self::counted($after, Profiles::path(Profiles::target($file->encoding))),
            'clipped' => self::clipped($file, $proxy),
        ];
    }

    /** The share of a picture that comes to an end of the codes by the conversion alone. */
    public static function clipped(PlannedFile $file, string $proxy): float
    {
        $atAnEnd = function (Image $image): float {
            $codes = array_chunk(array_values((array) unpack('C*', $image->pixels())), 3);

            return count(array_filter($codes, fn (array $rgb): bool => min($rgb) <= self::END || max($rgb) >= 255 - self::END)) / max(1, count($codes));
        };
        $facts = Proxy::facts($proxy, $file->placements[0]->picture);
        $window = Proof::window($file, $proxy, intdiv(self::SIDE, 2));

        return max(0.0, $atAnEnd(Renderer::convert($window, $facts, $file->encoding->with(bits: 8, sharpening: null))) - $atAnEnd($window));
    }

    /** @return array{lightness: list<float>, red: list<float>, green: list<float>, blue: list<float>, dark: float, light: float, threeQuarter: float} */
    private static function counted(Image $image, ?string $profile): array
    {
        $codes = array_chunk(array_values((array) unpack('C*', $image->pixels())), 3);
        $lab = ThroughProfile::lab($image, $profile);
        $bins = fn (array $values, float $most): array => self::bins($values, $most);
        $count = max(1, count($codes));

        return [
            'lightness' => $bins(array_map(fn (Lab $one): float => $one->lightness, $lab), 100),
            'red' => $bins(array_column($codes, 0), 255),
            'green' => $bins(array_column($codes, 1), 255),
            'blue' => $bins(array_column($codes, 2), 255),
            // At an end: any channel is, so that it has lost what lay beyond
            'dark' => count(array_filter($codes, fn (array $rgb): bool => min($rgb) <= self::END)) / $count,
            'light' => count(array_filter($codes, fn (array $rgb): bool => max($rgb) >= 255 - self::END)) / $count,
            'threeQuarter' => count(array_filter($lab, fn (Lab $one): bool => $one->lightness >= 10 && $one->lightness <= 40)) / $count,
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
            $counts[max(0, min(self::BINS - 1, (int) ($value / $most * self::BINS)))]++;
        }
        $largest = max(1, max($counts));

        return array_map(fn (int $count): float => round($count / $largest, 4), $counts);
    }
}
