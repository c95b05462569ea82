<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Colour\Channels;
use Planisher\Colour\CieLab;
use Planisher\Colour\DeltaE;
use Planisher\Colour\IccBytes;
use Planisher\Colour\Intent;
use Planisher\Colour\MatrixProfile;
use Planisher\Colour\Space;
use Planisher\Colour\ToneCurve;
use Planisher\Imaging\Colour\Conversion;
use Planisher\Imaging\Colour\Lift;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Lab\FileFormat;
use Planisher\Plan\Encoding;
use Tests\core\LineContexts;

/**
 * The table that lifts for paper, against the formulas themselves: IEC 61966-2-1 and Adobe RGB (1998) 2005-05 for the codes, CIE
 * 15:2004 for L*a*b* of ICC.1's D50; into papers against LittleCMS' own unoptimised floats (transicc).
 */
final class LiftTest extends TestCase
{
    use Colours;
    use Pictures;

    private const MANY = 5000;

    /** @return iterable<string, array{Space, Space, ToneCurve}> */
    public static function ways(): iterable
    {
        foreach ([[0.5, 0.2], [1.0, 0.0], [0.0, 1.0], [1.0, 1.0], [0.1, 0.0]] as [$open, $contrast]) {
            foreach (Space::cases() as $from) {
                foreach (Space::cases() as $to) {
                    yield "{$from->name} to {$to->name}, open {$open}, contrast {$contrast}" => [
                        $from,
                        $to,
                        new ToneCurve($open, $contrast),
                    ];
                }
            }
        }
    }

    #[DataProvider('ways')]
    public function test_colours_come_out_as_the_formulas_say(Space $from, Space $to, ToneCurve $tone): void
    {
        $colours = self::manyColours();
        $expected = array_map(fn (array $rgb): array => self::byFormula($rgb, $from, $to, $tone), $colours);
        $found = self::through($colours, ShippedProfiles::bytes($from), self::encoding($to, $tone, 16));
        $off = array_map(fn (array $a, array $b): float => DeltaE::between(self::lab($a, $to), self::lab($b, $to)), $expected, $found);
        self::assertLessThan(0.1, array_sum($off) / self::MANY);
        self::assertLessThan(0.7, max($off), 'ΔE2000 of any');

        $inCodes = self::through($colours, ShippedProfiles::bytes($from), self::encoding($to, $tone, 8));
        $off = array_map(fn (array $a, array $b): float => DeltaE::between(self::lab($a, $to), self::lab($b, $to)), $expected, $inCodes);
        self::assertLessThan(0.2, array_sum($off) / self::MANY, 'in 8 bits, most of it by their rounding');
        $codes = fn (array $colour): array => array_map(fn (float $one): float => round(255 * $one), $colour);
        self::assertSame(array_map($codes, $found), array_map($codes, $inCodes), 'the same as in 16, rounded');
    }

    /** A ramp of greys is neutral, keeps its ends, and has no step that the curve hasn't. */
    #[DataProvider('ways')]
    public function test_greys_stay_greys_without_a_step(Space $from, Space $to, ToneCurve $tone): void
    {
        $greys = array_map(fn (int $code): array => [$code, $code, $code], range(0, 255));
        $found = self::through($greys, ShippedProfiles::bytes($from), self::encoding($to, $tone, 16));
        self::assertSame([[0.0, 0.0, 0.0], [1.0, 1.0, 1.0]], [$found[0], $found[255]]);
        $before = null;
        foreach ($greys as $code => $grey) {
            self::assertSame([$found[$code][0], $found[$code][0]], [$found[$code][1], $found[$code][2]], "grey {$code}");
            $is = self::lab($found[$code], $to)->lightness;
            $wanted = self::lab(self::byFormula($grey, $from, $to, $tone), $to)->lightness;
            self::assertEqualsWithDelta($wanted, $is, 0.2, "grey {$code}");
            if ($before !== null) {
                self::assertEqualsWithDelta($wanted - $before[0], $is - $before[1], 0.06, "from grey {$code} to the one before");
            }
            $before = [$wanted, $is];
        }
    }

    #[DataProvider('papers')]
    public function test_colours_come_onto_a_paper_as_littlecms_brings_them_there(string $name): void
    {
        $tone = new ToneCurve(0.5, 0.2);
        $colours = array_slice(self::manyColours(), 0, 1000);
        $lifted = array_map(function (array $rgb) use ($tone): array {
            $lab = self::lab(array_map(fn (int $code): float => $code / 255, $rgb), Space::Srgb);

            return [$tone->at($lab->lightness), $lab->a, $lab->b];
        }, $colours);
        $paper = self::paper($name);
        $path = self::profiles()->path($paper);
        $encoding = self::encoding(Space::Srgb, $tone, 16)->with(profile: $paper);
        $found = self::through($colours, ShippedProfiles::bytes(Space::Srgb), $encoding);
        self::assertSameColours(
            self::transicc($lifted, '*Lab', $path),
            array_map(fn (array $rgb): array => array_map(fn (float $one): float => 255 * $one, $rgb), $found),
            $path,
            mean: 0.2,
            most: 2.0, // where the paper's own table is coarse
        );
    }

    /** @return iterable<array{string}> */
    public static function papers(): iterable
    {
        yield ['lustre'];
        yield ['matte'];
    }

    /** A picture of 16 bits, one without colours and one of inks come out as one of 8 bits with their colours does. */
    public function test_other_pictures_go_the_same_way(): void
    {
        $encoding = self::encoding(Space::AdobeRgb, new ToneCurve(0.5, 0.2), 16);
        $conversion = new Conversion($encoding, self::profiles());
        $codes = [[0, 0, 0], [60, 90, 140], [255, 255, 255], [128, 128, 128], [150, 110, 90]];
        $row = fn (array $pixels, int $bands): Image => Image::fromPixels(implode('', $pixels), count($pixels), 1, $bands);
        $deep = implode('', array_map(fn (array $rgb): string => pack('v3', ...array_map(fn (int $c): int => 257 * $c, $rgb)), $codes));
        $plain = $row(array_map(fn (array $rgb): string => pack('C3', ...$rgb), $codes), 3)->as(Interpretation::Srgb);
        $inks = $plain->run('icc_transform', ['cmyk'], ['input_profile' => ShippedProfiles::path(Space::Srgb)]);
        $back = $inks->run('icc_transform', [ShippedProfiles::path(Space::Srgb)], ['embedded' => true] + Conversion::how(Intent::Relative));
        $greys = $row(array_map(chr(...), [0, 128, 255]), 1)->as(Interpretation::Grey);
        $of = fn (Image $image, Channels $channels): array => self::numbers(
            $conversion->into($image, LineContexts::picture($image->width(), 1, profile: null, channels: $channels)),
        );
        $same = $of($plain, Channels::Rgb);
        $alike = [
            [$same, $of(Image::fromDeepPixels($deep, 5, 1)->as(Interpretation::Rgb16), Channels::Rgb), 15],
            [[$same[0], $same[3], $same[2]], $of($greys, Channels::Grey), 15],
            // but for black: inks' is a little lighter, and one code there is much of 16 bits
            [array_slice($of($back, Channels::Rgb), 1), array_slice($of($inks->withoutProfile(), Channels::Cmyk), 1), 400],
        ];
        foreach ($alike as [$wanted, $is, $most]) {
            foreach ($wanted as $i => $rgb) {
                foreach ($rgb as $band => $code) {
                    self::assertEqualsWithDelta($code, $is[$i][$band], $most, "colour {$i}");
                }
            }
        }
    }

    /** A profile with a table, such as a scanner's, is read by LittleCMS; a paper's own is one. */
    public function test_a_source_with_a_table_goes_by_it(): void
    {
        $source = (string) file_get_contents(self::PAPERS.'/simulated-lustre.icc');
        $encoding = self::encoding(Space::AdobeRgb, new ToneCurve(0.5, 0.2), 16);
        $codes = [[0, 0, 0], [70, 90, 140], [255, 255, 255], [128, 128, 128], [160, 120, 90]];
        $lab = self::transicc($codes, self::PAPERS.'/simulated-lustre.icc', '*Lab');
        $wanted = array_map(function (array $of) use ($encoding): CieLab {
            return new CieLab($encoding->tone->at($of[0]), $of[1], $of[2]);
        }, $lab);
        foreach (self::through($codes, $source, $encoding) as $i => $rgb) {
            self::assertLessThan(1.0, DeltaE::between($wanted[$i], self::lab($rgb, Space::AdobeRgb)), "colour {$i}");
        }
    }

    /** One table is made for the same way only. */
    public function test_a_table_is_kept_by_what_it_was_made_of(): void
    {
        $profiles = new Profiles(tables: $this->folder);
        $table = fn (Space $from, Encoding $to): string => Lift::from(ShippedProfiles::bytes($from), $to, $profiles)->table();
        $one = self::encoding(Space::Srgb, new ToneCurve(0.5, 0.2), 8);
        $made = $table(Space::Srgb, $one);
        touch($made, 1000);
        self::assertSame($made, $table(Space::Srgb, $one->with(bits: 16)), 'bits are no matter of the table');
        clearstatcache();
        self::assertSame(1000, filemtime($made), 'not made again');
        $others = [
            $table(Space::AdobeRgb, $one),
            $table(Space::Srgb, $one->with(colour: Space::AdobeRgb)),
            $table(Space::Srgb, $one->with(tone: new ToneCurve(0.5, 0.3))),
            $table(Space::Srgb, $one->with(intent: Intent::Perceptual)),
        ];
        self::assertCount(5, array_unique([$made, ...$others]));
    }

    /** @return list<array{int, int, int}> */
    private static function manyColours(): array
    {
        mt_srand(33);

        return array_map(fn (): array => [mt_rand(0, 255), mt_rand(0, 255), mt_rand(0, 255)], range(1, self::MANY));
    }

    private static function encoding(Space $to, ToneCurve $tone, int $bits): Encoding
    {
        return new Encoding($to, Intent::Relative, FileFormat::Tiff, 95, $bits, tone: $tone);
    }

    /**
     * @param  list<array{int, int, int}>  $colours
     * @return list<list<float>> codes from 0 to 1
     */
    private static function through(array $colours, string $source, Encoding $encoding): array
    {
        $pixels = implode('', array_map(fn (array $rgb): string => pack('C3', ...$rgb), $colours));
        $image = Image::fromPixels($pixels, count($colours), 1, 3)->as(Interpretation::Srgb);
        $most = 2 ** $encoding->bits - 1;

        return array_map(
            fn (array $rgb): array => array_map(fn (int $code): float => $code / $most, $rgb),
            self::numbers(Lift::from($source, $encoding, self::profiles())->of($image)),
        );
    }

    /** @return list<list<int>> codes by pixel */
    private static function numbers(Image $of): array
    {
        $bytes = $of->pixels();

        return array_chunk(array_values((array) unpack(strlen($bytes) === 6 * $of->width() ? 'S*' : 'C*', $bytes)), 3);
    }

    /**
     * @param  array{int, int, int}  $rgb
     * @return list<float> codes from 0 to 1, clipped, and not rounded
     */
    private static function byFormula(array $rgb, Space $from, Space $to, ToneCurve $tone): array
    {
        $lab = self::lab(array_map(fn (int $code): float => $code / 255, $rgb), $from);
        $fy = ($tone->at($lab->lightness) + 16) / 116;
        $light = fn (float $f): float => $f > 6 / 29 ? $f ** 3 : 3 * (6 / 29) ** 2 * ($f - 4 / 29);
        $xyz = array_map(
            fn (float $f, float $white): float => $light($f) * $white,
            [$fy + $lab->a / 500, $fy, $fy - $lab->b / 200],
            IccBytes::D50,
        );
        $linear = MatrixProfile::toXyz($to->chromaticities())->inverse()->of($xyz);

        return array_map(fn (float $one): float => $to->code(max(0.0, min(1.0, $one))), $linear);
    }

    /** @param  list<float>  $codes  from 0 to 1 */
    private static function lab(array $codes, Space $of): CieLab
    {
        $xyz = MatrixProfile::toXyz($of->chromaticities())->of(array_map($of->light(...), $codes));
        [$x, $y, $z] = array_map(
            function (float $one, float $white): float {
                return $one / $white > 216 / 24389 ? ($one / $white) ** (1 / 3) : ((24389 / 27) * ($one / $white) + 16) / 116;
            },
            $xyz,
            IccBytes::D50,
        );

        return new CieLab(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }
}
