<?php

declare(strict_types=1);

namespace Planisher\Imaging\Colour;

use Planisher\Colour\Channels;
use Planisher\Colour\Intent;
use Planisher\Colour\Rgb;
use Planisher\Colour\Space;
use Planisher\Colour\ToneCurve;
use Planisher\Imaging\Vips\BandFormat;
use Planisher\Imaging\Vips\IccIntent;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Encoding;

/** From pictures' colours into those of a file. */
final readonly class Conversion
{
    /** Differences of lightness below this are grain, not detail (x1 of vips_sharpen, in L*). */
    private const NO_SHARPENING_BELOW = 0.5;

    public function __construct(private Encoding $encoding, private Profiles $profiles) {}

    /**
     * A colour as its codes in the file's space, at the file's bits.
     *
     * @return array{float, float, float}
     */
    public function codes(Rgb $colour): array
    {
        if ($colour->equals(Rgb::white())) {
            $most = 2.0 ** $this->encoding->bits - 1;

            return [$most, $most, $most]; // white is no ink at all; 16-bit conversion is two codes off it
        }
        $pixel = Image::fromPixels(pack('C3', ...array_map(intval(...), $colour->codes())), 1, 1, 3)->as(Interpretation::Srgb);
        // A colour that was chosen is that colour: what lifts the picture for its paper doesn't touch it.
        $plain = new self($this->encoding->with(tone: new ToneCurve()), $this->profiles);
        $bytes = $plain->intoSpace($pixel, embedded: false, from: ShippedProfiles::path(Space::Srgb))->pixels();

        [1 => $red, 2 => $green, 3 => $blue] = (array) unpack($this->encoding->bits === 16 ? 'S3' : 'C3', $bytes);

        return [(float) $red, (float) $green, (float) $blue];
    }

    /**
     * Into the target space, always by conversion, its lightness lifted for the paper on the way; only pixels that are in
     * exactly that space already and stay as they are are left alone.
     */
    public function into(Image $image, PictureFacts $picture): Image
    {
        $encoding = $this->encoding;
        $usable = $picture->saysItsColours();
        $bits = $image->format() === BandFormat::Bits16 ? 16 : 8;
        $target = $this->profiles->bytes($encoding->target());
        $is = $usable ? $image->metadata()->profile() : ($picture->channels === Channels::Rgb ? ShippedProfiles::bytes(Space::Srgb) : null);
        if ($is === $target && $bits >= $encoding->bits && $encoding->tone->isStraight()) {
            $image = $bits > $encoding->bits ? $image->run('colourspace', [Interpretation::Srgb]) : $image;

            return $image->withProfile($target);
        }
        if (! $usable) {
            $image = $image->withoutProfile();
            if ($picture->channels === Channels::Grey) {
                $image = $image->run('colourspace', [$bits === 16 ? Interpretation::Rgb16 : Interpretation::Srgb]);
            }
        }

        return $this->intoSpace($image, $usable, $picture->channels === Channels::Cmyk ? 'cmyk' : ShippedProfiles::path(Space::Srgb));
    }

    /**
     * Made to read on its surface: the last step, in pixels of the file.
     *
     * @see \Planisher\Colour\Sharpening the model; docs/imaging.md has its limits
     */
    public function sharpened(Image $image): Image
    {
        $how = $this->encoding->sharpening;

        return $how === null
            ? $image
            : $image->run(
                'sharpen',
                [],
                [
                    'sigma' => $how->sigma,
                    'x1' => self::NO_SHARPENING_BELOW,
                    'm1' => 0.0,
                    'm2' => $how->slope,
                    'y2' => $how->lighten,
                    'y3' => $how->darken,
                ],
            );
    }

    /** @param  string  $from  the profile taken where none is embedded or the embedded one isn't used */
    private function intoSpace(Image $image, bool $embedded, string $from): Image
    {
        $how = self::how($this->encoding->intent);
        $read = ['embedded' => $embedded, 'input_profile' => $from];
        if ($this->encoding->tone->isStraight()) {
            $path = $this->profiles->path($this->encoding->target());

            return $image->run('icc_transform', [$path], $read + ['depth' => $this->encoding->bits] + $how);
        }
        if ($image->bands() === 3) {
            $source = $embedded ? $image->metadata()->profile() : null;

            return Lift::from($source ?? (string) file_get_contents($from), $this->encoding, $this->profiles)->of($image);
        }
        $widest = ShippedProfiles::widest();
        $romm = $image->run('icc_transform', [$widest], $read + ['depth' => 16] + $how);

        return Lift::from((string) file_get_contents($widest), $this->encoding, $this->profiles)->of($romm);
    }

    /**
     * How a conversion by an intent is made.
     *
     * @return array{intent: IccIntent, black_point_compensation: bool}
     */
    public static function how(Intent $intent): array
    {
        return [
            'intent' => match ($intent) {
                Intent::Relative => IccIntent::Relative,
                Intent::Perceptual => IccIntent::Perceptual,
            },
            'black_point_compensation' => $intent === Intent::Relative,
        ];
    }
}
