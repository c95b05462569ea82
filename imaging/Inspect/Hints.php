<?php

declare(strict_types=1);

namespace Planisher\Imaging\Inspect;

use Planisher\Colour\Rgb;
use Planisher\Colour\Space;
use Planisher\Colour\StrongColours;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\Vips\BandFormat;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interesting;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Imaging\Vips\Kernel;
use Planisher\Imaging\Vips\VipsError;
use Planisher\OrderFile\JsonNode;
use Planisher\Picture\ContrastMap;
use Planisher\Picture\MustStayIn;
use Planisher\Picture\PictureRefused;
use Planisher\Picture\UnfitFile;

/** What is seen when a picture's proxy is looked at: its strong colours, and where the eye goes first. */
final class Hints
{
    private const SIDE = 48;

    private const CONTRAST_SIDE = 384;

    private const ATTENTION_SIDE = 600;

    /** The share of each side that the suggestion takes. */
    private const SUGGESTED = 0.38;

    /**
     * Its contrast map, as hex; a picture's own file or its proxy.
     *
     * @throws PictureRefused when it can't be decoded
     */
    public static function contrast(string $picture): string
    {
        try {
            $grey = Image::thumbnail($picture, self::CONTRAST_SIDE)
                ->run('colourspace', [Interpretation::Grey])
                ->run('extract_band', [0])
                ->run('cast', [BandFormat::Bits8]);
            $edges = $grey->run('sobel')->run('cast', [BandFormat::Bits8]);
            $map = $edges->run(
                'resize',
                [ContrastMap::COLUMNS / $edges->width()],
                ['vscale' => ContrastMap::ROWS / $edges->height(), 'kernel' => Kernel::Linear],
            );

            return bin2hex($map->pixels());
        } catch (VipsError $e) {
            throw UnfitFile::cutOff($e);
        }
    }

    /** @return list<Rgb> at most five, the strongest first */
    public static function strongColours(string $proxy): array
    {
        $small = Image::thumbnail($proxy, self::SIDE)->run(
            'icc_transform',
            [ShippedProfiles::path(Space::Srgb)],
            ['embedded' => true, 'input_profile' => ShippedProfiles::path(Space::Srgb)],
        );
        $codes = array_values((array) unpack('C*', $small->pixels()));
        $pixels = array_map(fn (array $pixel): Rgb => Rgb::of(...$pixel), array_chunk($codes, 3));

        return StrongColours::of($pixels ?: [Rgb::white()]);
    }

    /** A first suggestion of what must stay in: the part that libvips' attention measure finds most interesting. */
    public static function suggestion(string $proxy): MustStayIn
    {
        $small = Image::thumbnail($proxy, self::ATTENTION_SIDE);
        [$width, $height] = [$small->width(), $small->height()];
        [$w, $h] = [(int) ceil($width * self::SUGGESTED), (int) ceil($height * self::SUGGESTED)];
        $part = $small->run('smartcrop', [$w, $h], ['interesting' => Interesting::Attention]);

        $down = fn (float $fraction): float => floor($fraction * 10_000) / 10_000;
        [$x, $y] = [$down(-$part->offsetX() / $width), $down(-$part->offsetY() / $height)];

        return MustStayIn::fromNode(
            JsonNode::root([
                'x' => $x,
                'y' => $y,
                'width' => $down(min($w / $width, 1 - $x)),
                'height' => $down(min($h / $height, 1 - $y)),
            ]),
        );
    }
}
