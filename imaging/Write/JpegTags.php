<?php

declare(strict_types=1);

namespace Planisher\Imaging\Write;

use Planisher\Colour\Space;
use Planisher\Measure\Resolution;
use Planisher\Measure\Unit;
use Planisher\Plan\Encoding;
use Planisher\Plan\PlannedFile;

/**
 * The marker segments a print file carries before its pixels, and nothing else: JFIF and Exif both say the resolution,
 * then the profile. libvips 8.14 writes no JFIF segment and an Exif of version 2.1, so we write our own.
 * Sources: JFIF 1.02 (APP0), EXIF 2.3 = JEITA CP-3451C (APP1), ICC.1:2010 annex B.4 (APP2).
 */
final class JpegTags
{
    /** Exif tags ImageDescription and Copyright */
    public const CAPTION = 0x010E;

    public const COPYRIGHT = 0x8298;

    /** SOI, which every JPEG begins with (ISO 10918-1) */
    public const START = "\xFF\xD8";

    private const SHORT = 3;

    private const LONG = 4;

    private const ASCII = 2;

    private const RATIONAL = 5;

    private const UNDEFINED = 7;

    private const ICC_CHUNK = 65_519;

    /**
     * All that stands before a file's pixels.
     *
     * @param  string  $profile  its bytes
     * @param  array<int, string>  $kept  texts of the picture's own, by Exif tag
     */
    public static function of(PlannedFile $file, string $profile, array $kept = []): string
    {
        return self::START.
            self::jfif($file->resolution).
            self::exif($file->width, $file->height, $file->resolution, $file->encoding, $kept).
            self::icc($profile);
    }

    private static function jfif(Resolution $resolution): string
    {
        $perCentimetre = $resolution->unit === Unit::Centimetre;
        $density = (int) round($perCentimetre ? $resolution->perMillimetre() * 10 : $resolution->ppi());

        return self::segment(0xE0, "JFIF\0".pack('CCCnnCC', 1, 2, $perCentimetre ? 2 : 1, $density, $density, 0, 0));
    }

    /** @param  array<int, string>  $kept */
    private static function exif(int $width, int $height, Resolution $resolution, Encoding $encoding, array $kept): string
    {
        $perCentimetre = $resolution->unit === Unit::Centimetre;
        $density = pack('NN', (int) round(($perCentimetre ? $resolution->perMillimetre() * 10 : $resolution->ppi()) * 10_000), 10_000);
        $ifd0 = [
            [0x0112, self::SHORT, 1, pack('nn', 1, 0)],
            [0x011A, self::RATIONAL, 1, $density],
            [0x011B, self::RATIONAL, 1, $density],
            [0x0128, self::SHORT, 1, pack('nn', $perCentimetre ? 3 : 2, 0)],
            [0x0213, self::SHORT, 1, pack('nn', 1, 0)],
            [0x8769, self::LONG, 1, null],
        ];
        foreach ($kept as $tag => $text) {
            $ifd0[] = [$tag, self::ASCII, strlen($text) + 1, str_pad("{$text}\0", max(4, intdiv(strlen($text) + 2, 2) * 2), "\0")];
        }
        usort($ifd0, fn (array $a, array $b): int => $a[0] <=> $b[0]); // TIFF 6.0: in ascending order
        $exif = [
            [0x9000, self::UNDEFINED, 4, '0230'],
            [0x9101, self::UNDEFINED, 4, "\1\2\3\0"],
            [0xA000, self::UNDEFINED, 4, '0100'],
            [0xA001, self::SHORT, 1, pack('nn', $encoding->profile === null ? $encoding->colour->exifColorSpace() : Space::NOT_SRGB, 0)],
            [0xA002, self::LONG, 1, pack('N', $width)],
            [0xA003, self::LONG, 1, pack('N', $height)],
            [0xA005, self::LONG, 1, null],
        ];
        $interoperability = [
            [0x0001, self::ASCII, 4, $encoding->profile !== null || $encoding->colour === Space::Srgb ? "R98\0" : "R03\0"],
            [0x0002, self::UNDEFINED, 4, '0100'],
        ];
        $first = self::ifd($ifd0, 8, true);
        $second = self::ifd($exif, 8 + strlen($first), true);
        $third = self::ifd($interoperability, 8 + strlen($first) + strlen($second), false);

        return self::segment(0xE1, "Exif\0\0MM\0*".pack('N', 8).$first.$second.$third);
    }

    private static function icc(string $profile): string
    {
        $chunks = str_split($profile, self::ICC_CHUNK);

        return implode(
            '',
            array_map(
                fn (string $chunk, int $i): string => self::segment(0xE2, "ICC_PROFILE\0".pack('CC', $i + 1, count($chunks)).$chunk),
                $chunks,
                array_keys($chunks),
            ),
        );
    }

    /**
     * A TIFF directory with its long values behind it.
     *
     * @param  list<array{int, int, int, ?string}>  $entries  tag, type, count, value; a null value points behind this directory
     */
    private static function ifd(array $entries, int $offset, bool $pointsBehind): string
    {
        $behindAt = $offset + 2 + 12 * count($entries) + 4;
        $behind = '';
        $directory = pack('n', count($entries));
        $length = $behindAt + array_sum(array_map(fn (array $e): int => strlen((string) $e[3]) > 4 ? strlen((string) $e[3]) : 0, $entries));
        foreach ($entries as [$tag, $type, $count, $value]) {
            if ($value === null) {
                $value = pack('N', $pointsBehind ? $length : 0);
            } elseif (strlen($value) > 4) {
                $at = $behindAt + strlen($behind);
                $behind .= $value;
                $value = pack('N', $at);
            }
            $directory .= pack('nnN', $tag, $type, $count).$value;
        }

        return $directory.pack('N', 0).$behind;
    }

    private static function segment(int $marker, string $body): string
    {
        return "\xFF".chr($marker).pack('n', strlen($body) + 2).$body;
    }
}
