<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\HueName;
use Planisher\Colour\Intent;
use Planisher\Colour\PaperProfile;
use Planisher\Colour\Space;
use Planisher\Colour\ToneCurve;
use Planisher\Imaging\Vips\Image;
use Planisher\Plan\Encoding;
use Planisher\Plan\PlannedFile;

/**
 * How a file will look on a paper, before it is printed. The file goes into the paper's profile as the lab's printer will
 * take it there, and from there to the screen with the paper's own white and black (absolute colorimetric, ICC.1).
 */
final class Proof
{
    private const QUALITY = 90;

    /** A colour that is moved farther than this by a conversion, in ΔE*ab, is out of gamut; measured in docs/imaging.md. */
    private const OUT_OF_GAMUT = 5.0;

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
     * @param  string  $table  where the way onto this paper is kept
     */
    public static function write(PlannedFile $file, PaperProfile $paper, string $preview, string $path, string $table): void
    {
        $through = ProofTable::at($table, $file->encoding, $paper);
        Beside::write($path, fn (string $part) => Image::open($preview)->run('icc_transform', [Profiles::path(Space::Srgb)], ['input_profile' => $through, 'intent' => ThroughProfile::ABSOLUTE, 'depth' => 8])->withoutMetadata()->save('jpegsave', $part, ['Q' => self::QUALITY]));
    }

    /** @param  Image  $image  in the file's own colour space */
    public static function onPaper(Image $image, Encoding $encoding, PaperProfile $paper): Image
    {
        return self::printed($image, $encoding, $paper)->run('icc_transform', [Profiles::path(Space::Srgb)], ['input_profile' => Profiles::path($paper), 'intent' => ThroughProfile::ABSOLUTE, 'depth' => 8]);
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
        $stripes = Image::fromPixels($tile, self::PERIOD, self::PERIOD, 2)->run('replicate', [$across, (int) ceil($height / self::PERIOD)])->run('crop', [0, 0, $width, $height]);
        $alpha = $mask->mixing($stripes->run('extract_band', [1]), Image::plain($width, $height, [0.0], like: $mask));
        $grey = $stripes->run('extract_band', [0]);
        Beside::write($path, fn (string $part) => $grey->joined($alpha)->run('copy', options: ['interpretation' => Image::SPACE_GREY])->save('pngsave', $part, ['compression' => 1, 'filter' => self::NO_FILTER]));
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
        $encoding = $file->encoding->with(intent: Intent::Relative, tone: new ToneCurve, sharpening: null, bits: 8);
        $converted = Renderer::convert($small, $facts, $encoding);
        $printed = $paper === null ? $converted : self::printed($converted, $encoding, $paper, 8);
        $before = self::lab($small, $facts->profile === null ? Profiles::path(Space::Srgb) : null);
        $after = self::lab($printed, Profiles::path($paper ?? Profiles::target($encoding)));

        return $before->colourDistance($after)->run('relational_const1', [self::MORE, self::OUT_OF_GAMUT]);
    }

    /** The part of the picture that is printed, small, in the picture's own colours. */
    public static function window(PlannedFile $file, string $proxy, int $side): Image
    {
        $placement = $file->placements[0];
        $facts = Proxy::facts($proxy, $placement->picture);
        $source = Preview::scaled($placement->source, $facts->width / $placement->picture->width, $facts->height / $placement->picture->height);
        // A JPEG is unpacked at half its size where that is enough.
        $shrink = $facts->width >= self::UNPACKED_SMALL && max($source->width, $source->height) >= 2 * $side ? 2 : 1;
        $unpacked = Image::open($proxy, shrink: $shrink);
        $part = Preview::scaled($source, 1 / $shrink, 1 / $shrink);
        $small = $unpacked->run('crop', [$part->x, $part->y, min($part->width, $unpacked->width() - $part->x), min($part->height, $unpacked->height() - $part->y)]);
        $scale = min(1.0, $side / max($small->width(), $small->height()));

        return ($scale < 1 ? $small->run('resize', [$scale], ['kernel' => Renderer::QUICK]) : $small)->held(PHP_INT_MAX);
    }

    /** As the lab's printer will take it: a file in another space is converted into the paper's, relative with black point compensation. */
    public static function printed(Image $image, Encoding $encoding, PaperProfile $paper, int $bits = 16): Image
    {
        return $encoding->profile?->sha256 === $paper->sha256 ? $image : $image->run('icc_transform', [Profiles::path($paper)], [
            'input_profile' => Profiles::path(Profiles::target($encoding)), 'intent' => ThroughProfile::RELATIVE, 'black_point_compensation' => true, 'depth' => $bits,
        ]);
    }

    private static function lab(Image $image, ?string $profile): Image
    {
        return $image->run('icc_import', [], ($profile === null ? ['embedded' => true] : ['input_profile' => $profile]) + ['intent' => ThroughProfile::RELATIVE, 'black_point_compensation' => true]);
    }
}
