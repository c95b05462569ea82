<?php

declare(strict_types=1);

namespace Planisher\Imaging\Intake;

use Planisher\Imaging\ReadBack\TiffDirectory;
use Planisher\Imaging\ReadBack\Unreadable;

/** A TIFF's pages and how the largest of them is laid out (TIFF 6.0; sample formats: section 19, planes: section 8). */
final class TiffHeader
{
    private const OLD_JPEG = 6;

    /** Photometric interpretations of sensors (TIFF/EP ISO 12234-2, DNG 1.6) */
    private const SENSORS = [32803, 34892];

    private const DNG_VERSION = 50706;

    private const CHANNELS = [0 => 1, 1 => 1, 2 => 3, 3 => 1, 5 => 4, 6 => 3, 8 => 3];

    private const SIGNED = 2;

    public static function read(string $path, string $name): PackedHeader
    {
        $bytes = new Bytes($path);
        try {
            $pages = (new TiffDirectory($bytes->at(...)))->all();
            if (self::isRaw($pages)) {
                return new PackedHeader(refused: FileKind::raw($name));
            }
            $areas = array_map(
                fn (TiffDirectory $page): int => ($page->int(TiffDirectory::WIDTH) ?? 0) * ($page->int(TiffDirectory::HEIGHT) ?? 0),
                $pages,
            );
            $largest = (int) array_search(max($areas), $areas, true);

            return self::page($pages[$largest], $largest, count($pages), $bytes->size);
        } catch (Unreadable) {
            return new PackedHeader(refused: 'its TIFF header can’t be read; it may be cut off. Export it again from the original.');
        }
    }

    /**
     * A sensor's own samples, or a small picture of them with the samples beside it.
     *
     * @param  list<TiffDirectory>  $pages
     */
    private static function isRaw(array $pages): bool
    {
        foreach ($pages as $page) {
            foreach ([$page, ...$page->inside()] as $directory) {
                if (
                    in_array($directory->int(TiffDirectory::PHOTOMETRIC), self::SENSORS, true) ||
                    $directory->bytes(self::DNG_VERSION) !== null
                ) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function page(TiffDirectory $page, int $number, int $pages, int $fileBytes): PackedHeader
    {
        $samples = $page->int(TiffDirectory::SAMPLES) ?? 1;
        $bits = $page->int(TiffDirectory::BITS) ?? 1;
        [$width, $height] = [$page->int(TiffDirectory::WIDTH) ?? 0, $page->int(TiffDirectory::HEIGHT) ?? 0];
        $isTiled = $page->int(TiffDirectory::TILE_WIDTH) !== null;
        $inPlanes = $page->int(TiffDirectory::PLANES) === 2;
        $rows = $isTiled
            ? $page->int(TiffDirectory::TILE_HEIGHT) ?? $height
            : min($height, $page->int(TiffDirectory::STRIP_ROWS) ?? $height);
        $isPacked = ($page->int(TiffDirectory::COMPRESSION) ?? 1) !== 1;
        $row = (int) ceil(($width * $bits * $samples) / 8);
        $extra = array_map(fn (int $one): bool => $one === 1 || $one === 2, $page->ints(TiffDirectory::EXTRA_SAMPLES)); // 0: unspecified
        $alpha = array_search(true, $extra, true);

        return new PackedHeader(
            held: $isPacked || $inPlanes ? $row * $rows : 0,
            work: $row * $height,
            refused: $page->int(TiffDirectory::COMPRESSION) === self::OLD_JPEG
                ? 'it is a TIFF with an old-style JPEG in it, which programs don’t read alike. Save it as a plain TIFF.'
                : null,
            isCutOff: ! $isPacked && $row * $height > $fileBytes,
            page: $number,
            pages: $pages,
            alpha: $samples > (self::CHANNELS[$page->int(TiffDirectory::PHOTOMETRIC) ?? 1] ?? 3) && $alpha !== false ? (int) $alpha : null,
            isSigned: ($page->ints(TiffDirectory::SAMPLE_FORMAT)[0] ?? 1) === self::SIGNED,
            isUnusual: $bits === 12 || ($isTiled && $inPlanes && $samples > 1),
        );
    }
}
