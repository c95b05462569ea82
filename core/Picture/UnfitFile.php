<?php

declare(strict_types=1);

namespace Planisher\Picture;

use Planisher\Measure\Figure;

/** A file that isn't taken for what it is: damaged, of another kind, larger than can be held. */
final class UnfitFile extends PictureRefused
{
    public static function profileTooLarge(int $bytes, int $most): self
    {
        return new self('it is '.Figure::bytes($bytes).'; the largest profile taken is '.Figure::bytes($most).'.');
    }

    public static function profileUnfit(string $why): self
    {
        return new self(rtrim($why, '.').'.');
    }

    public static function cutOff(\Throwable $why): self
    {
        return new self('it can’t be read to its end. Export it again from the original.', 0, $why);
    }

    public static function markOfOtherKind(string $format): self
    {
        return new self("it is a {$format}. A mark is a PNG, since others say nothing of transparency.");
    }

    public static function animatedMark(): self
    {
        return new self('it is an animated PNG, and paper doesn’t move. Save one picture of it.');
    }

    public static function damagedMark(\Throwable $why): self
    {
        return new self('it is cut off part-way, or damaged. Export it again.', 0, $why);
    }

    public static function tooLarge(int $bytes, int $most): self
    {
        return new self('it is '.Figure::bytes($bytes).'; the largest taken is '.Figure::bytes($most).'.');
    }

    public static function unreadableHeader(string $format, \Throwable $why): self
    {
        return new self("its {$format} header can’t be read; it may be cut off or damaged. Export it again from the original.", 0, $why);
    }

    public static function unprintableColours(): self
    {
        return new self('its colours are of a kind that can’t be printed from. Save it as RGB.');
    }

    public static function oddSamples(): self
    {
        return new self('its samples are neither 8, 12 nor 16 bits. Save it as a 16-bit TIFF.');
    }

    public static function tooShort(): self
    {
        return new self('it is cut off: the file is too short for the pixels it claims. Export it again from the original.');
    }

    public static function unpackedTooLarge(int $held, int $most): self
    {
        return new self(
            'it is packed so that '.
                Figure::bytes($held).
                ' of it have to be unpacked at once; at most '.
                Figure::bytes($most).
                ' can be. '.
                'Save it as a baseline JPEG, a PNG without interlacing, or a TIFF in strips.',
        );
    }

    public static function tooManyPasses(): self
    {
        return new self('it is packed in so many passes that unpacking it takes too long. Save it as a baseline JPEG, or as a TIFF.');
    }

    public static function withTooMuchData(int $bytes, int $most): self
    {
        return new self(
            'it carries '.
                Figure::bytes($bytes).
                ' beside its pixels; at most '.
                Figure::bytes($most).
                ' are taken. Export it again without them.',
        );
    }

    public static function tooManyPixels(int $width, int $height, int $most, int $longestSide): self
    {
        [$pixels, $megapixels] = [Figure::pixels($width, $height), Figure::count(intdiv($width * $height, 1_000_000))];
        [$most, $longest] = [intdiv($most, 1_000_000), Figure::count($longestSide)];

        return new self("it claims {$pixels} ({$megapixels} megapixels); at most {$most} megapixels and {$longest} px a side are taken.");
    }

    public static function markTooLarge(int $width, int $height, int $most): self
    {
        [$pixels, $megapixels] = [Figure::pixels($width, $height), Figure::count(intdiv($width * $height, 1_000_000))];
        $most = intdiv($most, 1_000_000);

        return new self("it has {$pixels} ({$megapixels} megapixels); at most {$most} are taken. Save it smaller.");
    }
}
