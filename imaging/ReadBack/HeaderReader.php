<?php

declare(strict_types=1);

namespace Planisher\Imaging\ReadBack;

/** Reads a finished JPEG or TIFF's own header, byte by byte: a path apart from the one that wrote it. */
final class HeaderReader
{
    /** @throws Unreadable */
    public static function read(string $path): FileFacts
    {
        $file = @fopen($path, 'rb') ?: throw Unreadable::notOpened();
        try {
            return fread($file, 2) === "\xFF\xD8" ? self::jpeg($file) : self::tiff($file);
        } finally {
            fclose($file);
        }
    }

    /** @param  resource  $file */
    private static function jpeg($file): FileFacts
    {
        $ppi = ['JFIF' => null, 'Exif' => null];
        $icc = [];
        while (($marker = fread($file, 4)) !== false && strlen($marker) === 4 && $marker[0] === "\xFF") {
            $code = ord($marker[1]);
            $length = (int) ((array) unpack('n', substr($marker, 2)))[1] - 2;
            $body = $length > 0 ? (string) fread($file, $length) : '';
            if ($code === 0xE0 && str_starts_with($body, "JFIF\0")) {
                $ppi['JFIF'] =
                    (int) ((array) unpack('n', substr($body, 8)))[1] *
                    match (ord($body[7])) {
                        1 => 1.0,
                        2 => 2.54,
                        default => 0.0,
                    } ?:
                    null;
            } elseif ($code === 0xE1 && str_starts_with($body, "Exif\0\0")) {
                $ppi['Exif'] = (new TiffDirectory(fn (int $at, int $bytes): string => substr($body, 6 + $at, $bytes)))->ppi();
            } elseif ($code === 0xE2 && str_starts_with($body, "ICC_PROFILE\0")) {
                $icc[ord($body[12])] = substr($body, 14);
            } elseif ($code >= 0xC0 && $code <= 0xCF && ! in_array($code, [0xC4, 0xC8, 0xCC], true)) {
                ['height' => $height, 'width' => $width] = (array) unpack('nheight/nwidth', substr($body, 1));
                $bits = ord($body[0]);
            } elseif ($code === 0xDA) {
                break;
            }
        }
        ksort($icc);
        fseek($file, -2, SEEK_END);

        return new FileFacts(
            $width ?? throw Unreadable::withoutSize(),
            $height ?? 0,
            $bits ?? 8,
            $ppi,
            $icc === [] ? null : implode('', $icc),
            fread($file, 2) === "\xFF\xD9",
        );
    }

    /** @param  resource  $file */
    private static function tiff($file): FileFacts
    {
        $directory = new TiffDirectory(function (int $at, int $bytes) use ($file): string {
            fseek($file, $at);

            return $bytes > 0 ? (string) fread($file, $bytes) : '';
        });

        return new FileFacts(
            $directory->int(TiffDirectory::WIDTH) ?? throw Unreadable::withoutSize(),
            $directory->int(TiffDirectory::HEIGHT) ?? 0,
            $directory->int(TiffDirectory::BITS) ?? 0,
            ['TIFF' => $directory->ppi()],
            $directory->bytes(TiffDirectory::PROFILE),
            true,
            $directory->pages(),
        );
    }
}
