<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\Channels;
use Planisher\Colour\Intent;
use Planisher\Colour\Space;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Lab\FileFormat;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureFormat;
use Planisher\Plan\Encoding;

/** A screen-sized, upright JPEG of a picture. It keeps the picture's own profile; grey and CMYK become sRGB. */
final class Proxy
{
    private const QUALITY = 90;

    /** @throws PictureRefused when the picture can't be decoded to its end, or the proxy can't be written */
    public static function write(string $picture, PictureFacts $facts, int $side, string $path): void
    {
        $part = $path.'.'.getmypid().'.part';
        try {
            $image = Image::thumbnail($picture, $side);
            if ($facts->alpha) {
                $image = $image->run('flatten', options: ['background' => [255.0, 255.0, 255.0]]);
            }
            if ($facts->channels !== Channels::Rgb || $facts->profileFlaw !== null) {
                $image = Renderer::convert($image, $facts, new Encoding(Space::Srgb, Intent::Relative, FileFormat::Jpeg, self::QUALITY, 8));
            }
            $image->withoutMetadata()->save('jpegsave', $part, ['Q' => self::QUALITY]);
        } catch (VipsError $e) {
            @unlink($part);
            throw new PictureRefused(str_contains($e->getMessage(), 'No space') || str_contains($e->getMessage(), 'unable to open')
                ? 'the studio’s disk is full or can’t be written to. Make room and add it again.'
                : 'it is cut off or damaged: it can’t be read to its end. Export it again from the original.', 0, $e);
        }
        rename($part, $path);
    }

    /** The facts of the proxy itself, to plan and render from it. */
    public static function facts(string $path, PictureFacts $of): PictureFacts
    {
        $image = Image::open($path);
        $keepsProfile = $of->channels === Channels::Rgb && $of->profileFlaw === null;

        return new PictureFacts(
            $of->name, $of->sha256, (int) filesize($path), PictureFormat::Jpeg, $image->width(), $image->height(), 1, Channels::Rgb, 8, false,
            $keepsProfile ? $of->profile : Space::Srgb->profileDescription(), null,
        );
    }
}
