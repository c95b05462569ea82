<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\HueName;
use Planisher\Colour\Intent;
use Planisher\Colour\Lab;
use Planisher\Colour\PaperProfile;
use Planisher\Colour\Space;
use Planisher\Colour\ToneCurve;
use Planisher\Imaging\Vips\Image;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Encoding;
use Planisher\Plan\PlannedFile;

/**
 * How a file will look on a paper, before it is printed. The file goes into the paper's profile as the lab's printer will
 * take it there, and from there to the screen with the paper's own white and black (absolute colorimetric, ICC.1).
 */
final class Proof
{
    private const QUALITY = 90;

    /** From XYZ of D50 to linear sRGB: the inverse of the ICC's matrix for sRGB (“How to interpret the sRGB color space”, from memory) */
    private const TO_SRGB = [[3.133924, -1.616923, -0.490734], [-0.978421, 1.915843, 0.033399], [0.072036, -0.229032, 1.405716]];

    /** A colour that is moved farther than this by a conversion, in ΔE*ab, is out of gamut; measured in docs/imaging.md. */
    private const OUT_OF_GAMUT = 5.0;

    /** Steps of a ΔE that its table tells apart. */
    private const FINE = 10.0;

    /** What fits is judged on so many times fewer pixels each way as are hatched. */
    private const COARSER = 3;

    private const UNPACKED_SMALL = 1000;

    private const HUES_SIDE = 160;

    /** VipsOperationRelational more */
    private const MORE = 4;

    /** VipsForeignPngFilter: stripes pack best as they are. */
    private const NO_FILTER = 8;

    /** Stripes of the hatching, in pixels: so wide, every so often. */
    private const STRIPE = 3;

    private const PERIOD = 9;

    /**
     * @param  string  $preview  of the same file, as Preview writes it: in the file's own colour space
     */
    public static function write(PlannedFile $file, PaperProfile $paper, string $preview, string $path): void
    {
        $table = self::wayOnto($paper, $file->encoding);
        Beside::write(
            $path,
            fn (string $part) => $table
                ->of(Image::open($preview))
                ->withoutMetadata()
                ->withBlob('icc-profile-data', Profiles::bytes(Space::Srgb))
                ->save('jpegsave', $part, ['Q' => self::QUALITY]),
        );
    }

    /** From a file's codes to those that show on the screen what they look like on a paper. */
    public static function wayOnto(PaperProfile $paper, Encoding $encoding): CodeTable
    {
        return CodeTable::named('onto-'.hash('sha256', Profiles::bytes(Profiles::target($encoding)).$paper->sha256), function (
            Image $grid,
        ) use ($paper, $encoding): array {
            return array_map(
                self::onScreen(...),
                ThroughProfile::lab(self::printed($grid, $encoding, $paper), Profiles::path($paper), ThroughProfile::ABSOLUTE),
            );
        });
    }

    /**
     * sRGB's codes of a colour under D50, beyond 0 and 255 where the screen can't show it (IEC 61966-2-1).
     *
     * @return list<float>
     */
    private static function onScreen(Lab $lab): array
    {
        $xyz = ThroughProfile::xyz($lab);

        return array_map(function (array $row) use ($xyz): float {
            $linear = $row[0] * $xyz[0] + $row[1] * $xyz[1] + $row[2] * $xyz[2];
            $code = abs($linear) <= 0.0031308 ? 12.92 * abs($linear) : 1.055 * abs($linear) ** (1 / 2.4) - 0.055;

            return max(-128.0, min(384.0, 255 * ($linear < 0 ? -$code : $code)));
        }, self::TO_SRGB);
    }

    /** @param  Image  $image  in the file's own colour space */
    public static function onPaper(Image $image, Encoding $encoding, PaperProfile $paper, int $bits = 8): Image
    {
        $profile = Profiles::path($paper);

        return self::printed($image, $encoding, $paper)->run(
            'icc_transform',
            [Profiles::path(Space::Srgb)],
            [
                'input_profile' => $profile,
                'intent' => ThroughProfile::served($profile, ThroughProfile::ABSOLUTE),
                'depth' => $bits,
            ],
        );
    }

    /** The share of a picture's window that is drawn in by the file's colour space or the paper, 0 to 1. */
    public static function share(PlannedFile $file, ?PaperProfile $paper, string $proxy, int $side): float
    {
        return self::outOfGamut($file, $paper, $proxy, intdiv($side, self::COARSER))->mean() / 255;
    }

    /**
     * Hatching over what of a picture's window is drawn in by the file's colour space or the paper, as a PNG with nothing
     * elsewhere.
     */
    public static function hatching(PlannedFile $file, ?PaperProfile $paper, string $proxy, int $side, string $path): void
    {
        $mask = self::outOfGamut($file, $paper, $proxy, intdiv($side, self::COARSER))->held(PHP_INT_MAX);
        $mask = $mask->run('zoom', [self::COARSER, self::COARSER]);
        [$width, $height] = [$mask->width(), $mask->height()];
        $tile = '';
        for ($y = 0; $y < self::PERIOD; $y++) {
            for ($x = 0; $x < self::PERIOD; $x++) {
                $at = ($x + $y) % self::PERIOD;
                // A dark stripe with a light one beside it reads on any picture.
                $tile .= $at < self::STRIPE ? "\x14\xFF" : ($at < 2 * self::STRIPE - 1 ? "\xFA\xFF" : "\0\0");
            }
        }
        $across = (int) ceil($width / self::PERIOD);
        $stripes = Image::fromPixels($tile, self::PERIOD, self::PERIOD, 2)
            ->run('replicate', [$across, (int) ceil($height / self::PERIOD)])
            ->run('crop', [0, 0, $width, $height]);
        $alpha = $mask->mixing($stripes->run('extract_band', [1]), Image::plain($width, $height, [0.0], like: $mask));
        $grey = $stripes->run('extract_band', [0]);
        Beside::write(
            $path,
            fn (string $part) => $grey
                ->joined($alpha)
                ->run('copy', options: ['interpretation' => Image::SPACE_GREY])
                ->save('pngsave', $part, ['compression' => 1, 'filter' => self::NO_FILTER]),
        );
    }

    /**
     * Which colours are drawn in, the most of them first: their hues in words, at most three.
     *
     * @return list<string>
     */
    public static function drawnIn(PlannedFile $file, ?PaperProfile $paper, string $proxy): array
    {
        $mask = array_values((array) unpack('C*', self::outOfGamut($file, $paper, $proxy, self::HUES_SIDE)->pixels()));
        $small = self::window($file, $proxy, self::HUES_SIDE);
        $facts = Proxy::facts($proxy, $file->placements[0]->picture);
        $hues = [];
        foreach (ThroughProfile::lab($small, $facts->profile === null ? Profiles::path(Space::Srgb) : null) as $i => $lab) {
            if (($mask[$i] ?? 0) > 0) {
                $hue = HueName::of($lab);
                $hues[$hue] = ($hues[$hue] ?? 0) + 1;
            }
        }
        arsort($hues);

        return array_slice(array_keys(array_filter($hues, fn (int $count): bool => $count > 0.1 * array_sum($hues))), 0, 3);
    }

    /** A mask of 8 bits over the window: 255 where a colour is moved by more than can be overlooked. */
    public static function outOfGamut(PlannedFile $file, ?PaperProfile $paper, string $proxy, int $side): Image
    {
        $facts = Proxy::facts($proxy, $file->placements[0]->picture);
        $small = self::window($file, $proxy, $side);
        $its = $facts->profile === null ? null : $small->blob('icc-profile-data');
        $name =
            'moved-'.
            hash(
                'sha256',
                ($its ?? Profiles::bytes(Space::Srgb)).Profiles::bytes(Profiles::target($file->encoding)).($paper->sha256 ?? ''),
            );
        $table = CodeTable::named($name, function (Image $grid) use ($its, $facts, $file, $paper): array {
            $moved = self::moved($its === null ? $grid : $grid->withBlob('icc-profile-data', $its), $facts, $file->encoding, $paper);

            return array_map(
                fn (float $distance): array => [min(255.0, $distance * self::FINE), 0.0, 0.0],
                array_values((array) unpack('g*', $moved->pixels())),
            );
        });

        return $table
            ->of($small)
            ->run('extract_band', [0])
            ->run('relational_const1', [self::MORE, self::OUT_OF_GAMUT * self::FINE]);
    }

    /**
     * How far each colour of an image is moved on its way into the file and onto the paper, in ΔE*ab.
     *
     * @param  Image  $image  as the picture has it, with its profile
     */
    public static function moved(Image $image, PictureFacts $facts, Encoding $encoding, ?PaperProfile $paper): Image
    {
        $encoding = $encoding->with(intent: Intent::Relative, tone: new ToneCurve(), sharpening: null, bits: 16);
        $converted = Renderer::convert($image, $facts, $encoding);
        $printed = $paper === null ? $converted : self::printed($converted, $encoding, $paper);
        $before = ThroughProfile::imported($image, $facts->profile === null ? Profiles::path(Space::Srgb) : null);

        return $before->colourDistance(ThroughProfile::imported($printed, Profiles::path($paper ?? Profiles::target($encoding))));
    }

    /** The part of the picture that is printed, small, in the picture's own colours. */
    public static function window(PlannedFile $file, string $proxy, int $side): Image
    {
        $placement = $file->placements[0];
        $facts = Proxy::facts($proxy, $placement->picture);
        $source = Preview::scaled(
            $placement->source,
            $facts->width / $placement->picture->width,
            $facts->height / $placement->picture->height,
        );
        // A JPEG is unpacked at half its size where that is enough.
        $shrink = $facts->width >= self::UNPACKED_SMALL && max($source->width, $source->height) >= 2 * $side ? 2 : 1;
        $unpacked = Image::open($proxy, shrink: $shrink);
        $part = Preview::scaled($source, 1 / $shrink, 1 / $shrink);
        $small = $unpacked->run('crop', [
            $part->x,
            $part->y,
            min($part->width, $unpacked->width() - $part->x),
            min($part->height, $unpacked->height() - $part->y),
        ]);
        $scale = min(1.0, $side / max($small->width(), $small->height()));

        return ($scale < 1 ? $small->run('resize', [$scale], ['kernel' => Renderer::QUICK]) : $small)->held(PHP_INT_MAX);
    }

    /** As the lab's printer will take it: a file in another space is converted into the paper's, relative with black point compensation. */
    private static function printed(Image $image, Encoding $encoding, PaperProfile $paper): Image
    {
        return $encoding->profile?->sha256 === $paper->sha256
            ? $image
            : $image->run(
                'icc_transform',
                [Profiles::path($paper)],
                [
                    'input_profile' => Profiles::path(Profiles::target($encoding)),
                    'intent' => ThroughProfile::RELATIVE,
                    'black_point_compensation' => true,
                    'depth' => 16,
                ],
            );
    }
}
