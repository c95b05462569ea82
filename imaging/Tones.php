<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\PaperProfile;
use Planisher\Colour\Space;
use Planisher\Imaging\Vips\Image;
use Planisher\Plan\PlannedFile;

/** What becomes of a file's tones on a paper, measured on a small preview: its darkest and lightest, its three-quarter tones. */
final readonly class Tones
{
    private const SIDE = 320;

    /** The share of the picture that may be darker than its darkest tone, and lighter than its lightest. */
    private const SHARE = 0.005;

    /** libvips 8.14 reads the 16-bit Lab of a profile with the scale of its version 2 off by this, and a and b by half a unit. */
    private const IMPORT_SCALE = 65_535 / 65_280;

    /** Three-quarter tones: lightness in L* */
    private const THREE_QUARTER = [12.0, 35.0];

    /**
     * @param  float  $darkest  L* of the file, and on paper
     * @param  float  $lost  how much lighter the three-quarter tones would have to be to keep their distance from the darkest, in L*
     * @param  float  $paperWarmth  b* of the paper's white
     */
    private function __construct(public float $darkest, public float $darkestOnPaper, public float $lost, public float $paperLightness, public float $paperWarmth) {}

    public static function measure(PlannedFile $file, PaperProfile $paper, string $proxy): self
    {
        $small = Preview::image($file, $proxy, self::SIDE)->held(PHP_INT_MAX);
        $before = self::lightness($small, ['embedded' => true, 'input_profile' => Profiles::path(Profiles::target($file->encoding)), 'intent' => 1, 'black_point_compensation' => true]);
        $proof = Proof::onPaper($small, $file->encoding, $paper);
        $after = self::lightness($proof, ['input_profile' => Profiles::path(Space::Srgb), 'intent' => 1]);
        [$darkest, $darkestOnPaper] = [self::darkest($before), self::darkest($after)];
        [$from, $to] = self::THREE_QUARTER;
        $tones = array_keys(array_filter($before, fn (float $l): bool => $l >= $from && $l <= $to));
        // What a tone stands off the darkest, before and on paper: that is what the eye reads as shadow detail.
        $lost = $tones === [] ? 0.0 : array_sum(array_map(fn (int $i): float => ($before[$i] - $darkest) - ($after[$i] - $darkestOnPaper), $tones)) / count($tones);
        $white = Image::fromPixels("\xFF\xFF\xFF", 1, 1, 3)->run('copy', options: ['interpretation' => Image::SPACE_SRGB])->run('icc_import', [], ['input_profile' => Profiles::path($paper), 'intent' => 3]);
        [$l, $b] = array_map(fn (int $band): float => $white->run('extract_band', [$band])->mean() / self::IMPORT_SCALE, [0, 2]);

        return new self($darkest, $darkestOnPaper, $lost, $l, $b - 0.5 / self::IMPORT_SCALE);
    }

    /** @param  array<string, mixed>  $how @return list<float> L* of every pixel */
    private static function lightness(Image $image, array $how): array
    {
        $codes = $image->run('icc_import', [], $how)->run('extract_band', [0])->run('linear1', [2.55 / self::IMPORT_SCALE, 0.5])->run('cast', [Image::FORMAT_8_BIT])->pixels();

        return array_map(fn (int $code): float => $code / 2.55, array_values((array) unpack('C*', $codes)));
    }

    /** @param  list<float>  $lightness */
    private static function darkest(array $lightness): float
    {
        sort($lightness);

        return $lightness[(int) (self::SHARE * count($lightness))] ?? 0.0;
    }
}
