<?php

declare(strict_types=1);

namespace Planisher\Imaging\Intake;

use Planisher\Picture\PictureFormat;
use Planisher\Picture\PictureRefused;

/** What a file is, by its first bytes; what isn't taken is called by its name. */
final class FileKind
{
    private const TIFF = ["II*\0", "MM\0*", "II+\0", "MM\0+"];

    private const HEAD = 400;

    /** Brands of ISO 14496-12 files, by which HEIF (ISO 23008-12) and its relatives say what they are. */
    private const HEIF_BRANDS = ['heic', 'heix', 'mif1', 'msf1'];

    private const AVIF_BRANDS = ['avif', 'avis'];

    private const RAW = ' Export a TIFF or a JPEG from it, and add that.';

    /** @throws PictureRefused */
    public static function of(string $path, string $name): PictureFormat
    {
        $head = is_file($path) ? (string) file_get_contents($path, length: self::HEAD) : '';

        return self::format($head) ?? throw PictureRefused::because(self::refusal($head, $name));
    }

    /** What is said of a camera's raw file, called by the ending of its name. */
    public static function raw(string $name): string
    {
        $ending = strtoupper(pathinfo($name, PATHINFO_EXTENSION));
        $known = in_array(
            $ending,
            ['3FR', 'ARW', 'CR2', 'CR3', 'DNG', 'IIQ', 'NEF', 'NRW', 'ORF', 'PEF', 'RAF', 'RAW', 'RW2', 'SRW'],
            true,
        );

        return 'it is a camera’s raw file'.($known ? " ({$ending})" : '').', which has no colours of its own yet.'.self::RAW;
    }

    /** JPEG ISO 10918-1, TIFF 6.0 and BigTIFF, PNG ISO 15948, WebP RFC 9649, HEIF ISO 23008-12. */
    private static function format(string $head): ?PictureFormat
    {
        $isBranded = fn (array $brands): bool => array_intersect(self::brands($head), $brands) !== [];

        return match (true) {
            str_starts_with($head, "\xFF\xD8\xFF") => PictureFormat::Jpeg,
            str_starts_with($head, "\x89PNG\r\n\x1A\n") => PictureFormat::Png,
            in_array(substr($head, 0, 4), self::TIFF, true) && substr($head, 8, 2) !== 'CR' => PictureFormat::Tiff,
            str_starts_with($head, 'RIFF') && substr($head, 8, 4) === 'WEBP' => PictureFormat::Webp,
            $isBranded(self::HEIF_BRANDS) && ! $isBranded(self::AVIF_BRANDS) => PictureFormat::Heif,
            default => null,
        };
    }

    private static function refusal(string $head, string $name): string
    {
        if ($head === '') {
            return 'it is empty.';
        }
        $isRaw =
            (substr($head, 8, 2) === 'CR' && in_array(substr($head, 0, 4), ["II*\0", "MM\0*"], true)) ||
            in_array(substr($head, 0, 4), ['IIRO', 'IIRS', 'MMOR', "IIU\0"], true) ||
            preg_match('/^.{0,4}ftypcrx |^[A-Z]{8}CCD-RAW /s', $head) === 1 ||
            in_array(self::brands($head)[0] ?? '', ['crx '], true);
        if ($isRaw) {
            return self::raw($name);
        }
        $kind = match (true) {
            array_intersect(self::brands($head), self::AVIF_BRANDS) !== [] => 'an AVIF picture',
            str_starts_with($head, "\0\0\0\x0CjP  ") || str_starts_with($head, "\xFF\x4F\xFF\x51") => 'a JPEG 2000 picture',
            str_starts_with($head, "\xFF\x0A") || str_starts_with($head, "\0\0\0\x0CJXL ") => 'a JPEG XL picture',
            str_starts_with($head, 'BM') => 'a BMP picture',
            str_starts_with($head, 'GIF8') => 'a GIF picture',
            str_starts_with($head, '8BPS') => 'a PSD file with layers',
            str_starts_with($head, '%PDF') => 'a PDF document',
            str_starts_with($head, '%!PS') || str_starts_with($head, "\xC5\xD0\xD3\xC6") => 'a PostScript document',
            stripos($head, '<svg') !== false => 'an SVG drawing',
            str_starts_with($head, "PK\x03\x04") => 'a ZIP archive, or an office document',
            substr($head, 4, 4) === 'ftyp' => 'a film',
            default => null,
        };

        return ($kind === null ? 'it is not a picture. ' : "it is {$kind}. ").PictureFormat::LIST.' are taken.';
    }

    /** @return list<string> the major brand first */
    private static function brands(string $head): array
    {
        if (substr($head, 4, 4) !== 'ftyp') {
            return [];
        }
        $length = min(strlen($head), (int) ((array) unpack('N', $head))[1]);

        return array_values(array_filter(str_split(substr($head, 8, 4).substr($head, 16, max(0, $length - 16)), 4)));
    }
}
