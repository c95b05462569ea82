<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\Rgb;
use Planisher\Colour\Space;
use Planisher\Colour\StrongColours;
use Planisher\Imaging\Vips\Image;
use Planisher\OrderFile\Node;
use Planisher\Picture\MustStayIn;

/** What is seen when a picture's proxy is looked at: its strong colours, and where the eye goes first. */
final class Looked
{
    private const SIDE = 48;

    private const ATTENTION_SIDE = 600;

    /** The share of each side that the suggestion takes. */
    private const SUGGESTED = 0.38;

    /** VipsInteresting: edges, skin and strong colours weigh. */
    private const ATTENTION = 3;

    /** @return list<Rgb> at most five, the strongest first */
    public static function strongColours(string $proxy): array
    {
        $small = Image::thumbnail($proxy, self::SIDE)->run('icc_transform', [Profiles::path(Space::Srgb)], ['embedded' => true, 'input_profile' => Profiles::path(Space::Srgb)]);
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
        $part = $small->run('smartcrop', [$w, $h], ['interesting' => self::ATTENTION]);

        $down = fn (float $fraction): float => floor($fraction * 10_000) / 10_000;
        [$x, $y] = [$down(-$part->offsetX() / $width), $down(-$part->offsetY() / $height)];

        return MustStayIn::fromNode(Node::root(['x' => $x, 'y' => $y, 'width' => $down(min($w / $width, 1 - $x)), 'height' => $down(min($h / $height, 1 - $y))]));
    }
}
