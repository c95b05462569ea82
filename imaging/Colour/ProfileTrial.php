<?php

declare(strict_types=1);

namespace Planisher\Imaging\Colour;

use Planisher\Colour\Channels;
use Planisher\Colour\Space;
use Planisher\Imaging\Vips\IccIntent;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Imaging\Vips\VipsError;

/**
 * White and a middle grey are sent through a profile before it is used: one that is broken inside, its header whole, turns
 * them black or coloured, and the colour engine doesn't mind.
 */
final class ProfileTrial
{
    /**
     * Of a picture's white in its space, in L* and in a* and b*; a space for seeing or printing has a white lighter and more
     * neutral than that. The limits are ours.
     */
    private const WHITE_FROM = 85.0;

    private const NEUTRAL_TO = 15.0;

    /** A paper gives back what was sent to it, to so many codes of 255. */
    private const COMES_BACK_TO = 30;

    private const SENT = ["\xFF\xFF\xFF", "\x80\x80\x80"];

    /** Why a picture's own profile can't be used, in plain words; null when it can. */
    public static function flawOfPictures(string $profile, Channels $channels): ?string
    {
        // white, then a middle grey; in CMYK they are no ink and half the black
        [$pixels, $bands, $space] = match ($channels) {
            Channels::Rgb => [implode('', self::SENT), 3, Interpretation::Srgb],
            Channels::Grey => ["\xFF\x80", 1, Interpretation::Grey],
            Channels::Lab => throw new \LogicException('Lab needs no profile.'),
            Channels::Cmyk => ["\0\0\0\0\0\0\0\x80", 4, Interpretation::Cmyk],
        };
        $patches = Image::fromPixels($pixels, 2, 1, $bands)->run('copy', options: ['interpretation' => $space])->withProfile($profile);
        try {
            [$white, $grey] = ThroughProfile::lab($patches, null); // by the intent that a picture will be read by
        } catch (VipsError) {
            return 'colours can’t be sent through it; it is damaged';
        }
        $isWhite = $white->lightness >= self::WHITE_FROM && max(abs($white->a), abs($white->b)) <= self::NEUTRAL_TO;

        return $isWhite && $grey->lightness > 1 && $grey->lightness < $white->lightness - 1
            ? null
            : 'white or grey come out of it as other colours; it is damaged';
    }

    /** Why a paper's profile can't be printed through; null when it can. */
    public static function flawOfPapers(string $path): ?string
    {
        $how = ['intent' => IccIntent::Relative, 'black_point_compensation' => true];
        try {
            $back = Image::fromPixels(implode('', self::SENT), 2, 1, 3)
                ->as(Interpretation::Srgb)
                ->run('icc_transform', [$path], ['input_profile' => ShippedProfiles::path(Space::Srgb)] + $how)
                ->run(
                    'icc_transform',
                    [ShippedProfiles::path(Space::Srgb)],
                    ['input_profile' => $path, 'intent' => ThroughProfile::served($path, IccIntent::Relative)] + $how,
                )
                ->pixels();
        } catch (VipsError) {
            return 'colours can’t be sent through it; it is damaged, or lacks a direction';
        }
        $off = max(
            array_map(
                fn (int $sent, int $came): int => abs($sent - $came),
                (array) unpack('C*', implode('', self::SENT)),
                (array) unpack('C*', $back),
            ),
        );

        return $off < self::COMES_BACK_TO ? null : 'white and grey come out of it as other colours; it is damaged';
    }
}
