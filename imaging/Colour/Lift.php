<?php

declare(strict_types=1);

namespace Planisher\Imaging\Colour;

use Planisher\Colour\CieLab;
use Planisher\Colour\IccBytes;
use Planisher\Colour\Matrix;
use Planisher\Colour\MatrixProfile;
use Planisher\Colour\MatrixShaper;
use Planisher\Colour\PaperProfile;
use Planisher\Colour\Space;
use Planisher\Imaging\Vips\BandFormat;
use Planisher\Imaging\Vips\IccIntent;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Imaging\Vips\Math2;
use Planisher\Plan\Encoding;

/**
 * The whole way of a colour that is lifted for its paper, out of the picture's space, through the curve, into the file's, as one
 * table of 33 × 33 × 33 places, which LittleCMS interpolates as fast as it converts into a paper. It is nearer to the formulas
 * than the same steps one after the other, each of which LittleCMS interpolates by itself; measured in docs/imaging.md.
 *
 * Between places colours go by straight lines. So that these are hardly bent, places lie evenly in lifted lightness and not in
 * codes, and what stands in them is lightness, too, channel by channel: greys then come out as they would without the table.
 * Results beyond a space's codes are kept until they have been interpolated, and only then clipped.
 *
 * LittleCMS reads the table as a profile of XYZ (ICC.1:2001-04, lut16Type), and writes it through one whose primaries are X, Y and
 * Z themselves and whose curve is a square: with a straight curve it would not interpolate but compute every pixel.
 */
final readonly class Lift
{
    private const GRID = 33;

    private const STEPS = 65_535;

    /** Results from -0.5 to 1.5: from 0 to 1 with room on both sides. */
    private const FROM = -0.5;

    private const SPAN = 2.0;

    /** A result as near as this to an end is the end: two steps of 16 bits, so that white and black stay what they are. */
    private const AT_AN_END = (2 * self::SPAN) / self::STEPS;

    /** The largest number of XYZ in a profile's table (u1Fixed15Number) */
    private const MOST_XYZ = 65_535 / 32_768;

    /** Channels of a grey differ by less than this of lightness by rounding alone, of 1. */
    private const NEUTRAL = 0.002;

    /** How much of where places lie goes by the code alone, so that no two of them fall together. */
    private const EVEN = 0.1;

    /** @param  list<float>  $spread  of 256 codes, rising from 0 to 1: where each lies among the places */
    private function __construct(private Encoding $encoding, private Profiles $profiles, private array $spread, private string $source) {}

    /** @param  string  $source  the bytes of an RGB profile */
    public static function from(string $source, Encoding $encoding, Profiles $profiles): self
    {
        return new self($encoding, $profiles, self::spread($source, $encoding), $source);
    }

    /**
     * @param  Image  $image  RGB of 8 or 16 bits, in the source's colours
     * @return Image of the file's bits and in its colours
     */
    public function of(Image $image): Image
    {
        $deep = $this->encoding->bits === 16;

        return $image
            ->mapped($image->format() === BandFormat::Bits16 ? $this->spreadOf(self::STEPS) : $this->spreadOf(255))
            ->as(Interpretation::Rgb16)
            ->run(
                'icc_transform',
                [$this->roots()],
                // absolute, since by any other intent LittleCMS sets white to white
                ['input_profile' => $this->table(), 'intent' => IccIntent::Absolute, 'depth' => 16],
            )
            ->mapped($this->codes())
            ->as($deep ? Interpretation::Rgb16 : Interpretation::Srgb)
            ->withProfile($this->profiles->bytes($this->encoding->target()));
    }

    /** Where the table lies. */
    public function table(): string
    {
        $target = $this->encoding->target();
        $what = [$this->encoding->intent->value, $this->encoding->tone->open, $this->encoding->tone->contrast];
        $name = hash('sha256', $this->source.$this->profiles->bytes($target).json_encode($what));

        return $this->profiles->tables->named("lift-{$name}", function () use ($target): string {
            $lifted = Lightness::lifted($this->gridInLab(), $this->encoding->tone);
            $results = $target instanceof Space ? self::greysKept(self::inSpace($lifted, $target)) : $this->onPaper($lifted, $target);
            foreach ($results as $i => $result) {
                $root = max(0.0, min(1.0, ($result - self::FROM) / self::SPAN));
                $results[$i] = (int) round($root ** 2 * self::STEPS);
            }

            return IccBytes::of('scnrRGB ', 'XYZ ', 'lift', [
                'wtpt' => IccBytes::xyz(IccBytes::D50),
                'A2B1' => IccBytes::table(self::GRID, pack('n*', ...$results)),
            ]);
        });
    }

    /** Where the profile lies that its results are written through. */
    public function roots(): string
    {
        return $this->rootsTo('roots-of-codes', [self::MOST_XYZ, self::MOST_XYZ, self::MOST_XYZ]);
    }

    /** The places' colours: by the profile's own curves and matrix where it is no more than that, else as LittleCMS reads it. */
    private function gridInLab(): Image
    {
        $codes = $this->places();
        $plain = MatrixShaper::of($this->source);

        return Lightness::ofXyz($plain === null ? $this->read($codes) : self::computed($plain, $codes));
    }

    /**
     * Every place, blue fastest.
     *
     * @param  list<float>  $codes  of the source from 0 to 1, one a place
     */
    private static function computed(MatrixShaper $profile, array $codes): Image
    {
        $parts = array_map(
            fn (int $channel): array => array_map(
                fn (float $code): array => $profile->xyz(
                    array_replace([0.0, 0.0, 0.0], [$channel => 100 * $profile->light($channel, $code)]),
                ),
                $codes,
            ),
            [0, 1, 2],
        );
        $numbers = [];
        foreach ($parts[0] as $red) {
            foreach ($parts[1] as $green) {
                foreach ($parts[2] as $blue) {
                    $numbers[] = $red[0] + $green[0] + $blue[0];
                    $numbers[] = $red[1] + $green[1] + $blue[1];
                    $numbers[] = $red[2] + $green[2] + $blue[2];
                }
            }
        }

        return Image::ofFloats($numbers, self::GRID ** 2, self::GRID)->as(Interpretation::Xyz);
    }

    /** @param  list<float>  $codes  of the source from 0 to 1, one a place */
    private function read(array $codes): Image
    {
        $pixels = '';
        $deep = array_map(fn (float $code): int => (int) round(self::STEPS * $code), $codes);
        foreach ($deep as $red) {
            foreach ($deep as $green) {
                foreach ($deep as $blue) {
                    $pixels .= pack('v3', $red, $green, $blue);
                }
            }
        }
        $roots = Image::fromDeepPixels($pixels, self::GRID ** 2, self::GRID)
            ->as(Interpretation::Rgb16)
            ->withProfile($this->source)
            ->run(
                'icc_transform',
                [$this->rootsTo('roots-of-white', IccBytes::D50)],
                ['embedded' => true, 'depth' => 16] + Conversion::how($this->encoding->intent),
            );
        $parts = $roots
            ->run('extract_band', [0], ['n' => 3])
            ->run('linear1', [10 / self::STEPS, 0.0])
            ->run('math2_const1', [Math2::Power, 2.0]);

        return $parts->recombined(Matrix::scaling(IccBytes::D50)->rows);
    }

    /**
     * @param  Image  $lifted  CIE Lab
     * @return list<float> lightness of each channel, from 0 to 1, and beyond where the space ends
     */
    private static function inSpace(Image $lifted, Space $target): array
    {
        $light = Lightness::light($lifted, MatrixProfile::toXyz($target->chromaticities())->inverse());

        $results = array_values((array) unpack('g*', $light->pixels()));
        foreach ($results as $i => $of) {
            $results[$i] = $of < 0 ? -CieLab::lightnessOf(-$of / 100) / 100 : CieLab::lightnessOf($of / 100) / 100;
        }

        return $results;
    }

    /**
     * @param  Image  $lifted  CIE Lab
     * @return list<float> the paper's codes, from 0 to 1
     */
    private function onPaper(Image $lifted, PaperProfile $target): array
    {
        $how = Conversion::how($this->encoding->intent);
        $codes = Lightness::fromLab($lifted)->run(
            'icc_transform',
            [$this->profiles->path($target)],
            ['input_profile' => ShippedProfiles::widest(), 'depth' => 16] + $how,
        );

        return array_map(fn (int $code): float => $code / self::STEPS, array_values((array) unpack('S*', $codes->pixels())));
    }

    /**
     * Greys that are neutral but for rounding, made so.
     *
     * @param  list<float>  $results
     * @return list<float>
     */
    private static function greysKept(array $results): array
    {
        $kept = [];
        for ($place = 0; $place < self::GRID; $place++) {
            $at = 3 * $place * (self::GRID ** 2 + self::GRID + 1);
            $grey = array_slice($results, $at, 3);
            if (max($grey) - min($grey) < self::NEUTRAL) {
                $kept += array_fill($at, 3, array_sum($grey) / 3);
            }
        }

        return array_values(array_replace($results, $kept));
    }

    /** What becomes of a result: the file's code. */
    private function codes(): Image
    {
        $target = $this->encoding->target();
        if ($this->encoding->bits === 8) {
            // for each code the steps up to half-way to the next
            [$codes, $from] = ['', 0];
            for ($code = 0; $code <= 255; $code++) {
                $half = ($code + 0.5) / 255;
                $result = $target instanceof Space ? CieLab::lightnessOf($target->light($half)) / 100 : $half;
                $result = max(self::AT_AN_END, min(1 - self::AT_AN_END, $result));
                $to = $code === 255 ? self::STEPS + 1 : (int) ceil((($result - self::FROM) / self::SPAN) * self::STEPS);
                $codes .= str_repeat(chr($code), $to - $from);
                $from = $to;
            }

            return Image::fromPixels($codes, self::STEPS + 1, 1, 1);
        }
        $codes = [];
        for ($step = 0; $step <= self::STEPS; $step++) {
            $result = self::FROM + (self::SPAN * $step) / self::STEPS;
            $result = $result < self::AT_AN_END ? 0.0 : ($result > 1 - self::AT_AN_END ? 1.0 : $result);
            $code = $target instanceof Space ? $target->code(CieLab::lightOf(100 * $result)) : $result;
            $codes[] = (int) round(self::STEPS * $code);
        }

        return Image::ofNumbers($codes, self::STEPS + 1, 1);
    }

    /** @return list<float> the source's code at each place, from 0 to 1 */
    private function places(): array
    {
        $codes = [];
        for ($place = 0, $at = 1; $place < self::GRID; $place++) {
            $wanted = $place / (self::GRID - 1);
            while ($at < 255 && $this->spread[$at] < $wanted) {
                $at++;
            }
            [$low, $high] = [$this->spread[$at - 1], $this->spread[$at]];
            $codes[] = max(0.0, min(1.0, ($at - 1 + ($wanted - $low) / ($high - $low)) / 255));
        }

        return $codes;
    }

    /** Where codes up to this one lie among the places, in 16 bits. */
    private function spreadOf(int $most): Image
    {
        $numbers = [];
        for ($code = 0; $code <= $most; $code++) {
            $at = ($code * 255) / $most;
            $low = min(254, (int) $at);
            $numbers[] = (int) round(self::STEPS * ($this->spread[$low] + ($at - $low) * ($this->spread[$low + 1] - $this->spread[$low])));
        }

        return Image::ofNumbers($numbers, $most + 1, 1);
    }

    /**
     * How light each grey comes out, lifted, so that places lie evenly in that.
     *
     * @return list<float>
     */
    private static function spread(string $source, Encoding $encoding): array
    {
        $tone = $encoding->tone;
        $lifted = array_map(fn (float $lightness): float => $tone->at(max(0.0, $lightness)), self::greys($source));
        [$dark, $reach] = [$lifted[0], max(1.0, max($lifted) - $lifted[0])];
        [$spread, $highest] = [[], 0.0];
        foreach ($lifted as $code => $lightness) {
            $highest = max($highest, min(1.0, ($lightness - $dark) / $reach));
            $spread[] = (1 - self::EVEN) * $highest + (self::EVEN * $code) / 255;
        }

        return [...array_slice($spread, 0, 255), 1.0];
    }

    /** @return list<float> lightness of the greys of 256 codes */
    private static function greys(string $source): array
    {
        $plain = MatrixShaper::of($source);
        if ($plain !== null) {
            $light = fn (int $code): array => array_map(fn (int $channel): float => $plain->light($channel, $code / 255), [0, 1, 2]);

            return array_map(fn (int $code): float => CieLab::lightnessOf($plain->xyz($light($code))[1]), range(0, 255));
        }
        $pixels = implode('', array_map(fn (int $code): string => str_repeat(chr($code), 3), range(0, 255)));
        $image = Image::fromPixels($pixels, 256, 1, 3)->as(Interpretation::Srgb)->withProfile($source);

        return array_map(fn (CieLab $grey): float => $grey->lightness, ThroughProfile::lab($image, null));
    }

    /**
     * Where a profile lies whose codes are the square roots of X, Y and Z.
     *
     * @param  list<float>  $most  X, Y and Z of the highest code
     */
    private function rootsTo(string $name, array $most): string
    {
        $curve = IccBytes::gamma(2.0);
        $profile = fn (): string => IccBytes::of('mntrRGB ', 'XYZ ', $name, [
            'wtpt' => IccBytes::xyz(IccBytes::D50),
            'rXYZ' => IccBytes::xyz([$most[0], 0.0, 0.0]),
            'gXYZ' => IccBytes::xyz([0.0, $most[1], 0.0]),
            'bXYZ' => IccBytes::xyz([0.0, 0.0, $most[2]]),
            'rTRC' => $curve,
            'gTRC' => null,
            'bTRC' => null,
        ]);

        return $this->profiles->tables->named($name, $profile);
    }
}
