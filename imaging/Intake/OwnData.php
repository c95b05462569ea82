<?php

declare(strict_types=1);

namespace Planisher\Imaging\Intake;

use Planisher\Imaging\ReadBack\TiffDirectory;
use Planisher\Imaging\ReadBack\Unreadable;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Metadata;
use Planisher\Picture\Exposure;
use Planisher\Picture\PictureFormat;

/** What a picture says of itself in its Exif, XMP and IPTC, as far as it is used; read by us, since libvips cuts texts. */
final readonly class OwnData
{
    /** Exif 2.3: InteroperabilityIndex, and the directory it stands in */
    private const INTEROPERABILITY = 40965;

    private const INDEX = 1;

    private const UPRIGHT = 1;

    /** Exif 2.32, table 7 */
    private const EXPOSURE_TIME = 33434;

    private const F_NUMBER = 33437;

    private const SENSITIVITY = 34855;

    private const FOCAL_LENGTH = 37386;

    /** Tags of a TIFF (ISO 16684-3, Exif 2.3) */
    private const XMP = 700;

    private const IPTC = 33723;

    /**
     * @param  int  $orientation  Exif tag Orientation, 1 to 8; 1 where nothing says
     * @param  bool  $isDcfOption  whether it is in Adobe RGB by its Exif (DCF 2.0: InteroperabilityIndex R03)
     * @param  list<string>  $captions  as they stand, Exif's first, then XMP's, then IPTC's
     * @param  list<string>  $copyrights  so, too
     * @param  ?Exposure  $exposure  null where it says nothing of it
     */
    private function __construct(
        public int $orientation,
        public bool $isDcfOption,
        public array $captions,
        public array $copyrights,
        public ?Exposure $exposure,
    ) {}

    /**
     * @param  ?Image  $image  opened; a TIFF is read without
     * @param  int  $page  of a TIFF, from 0
     */
    public static function of(string $path, ?Image $image, PictureFormat $format, int $page = 0): self
    {
        $directory = self::directory($path, $image, $format, $page);
        $isTiff = $format === PictureFormat::Tiff;
        $exif = self::exif($directory);
        $xmp = EmbeddedXmp::read((string) ($isTiff ? $directory?->bytes(self::XMP) : $image?->metadata()->bytes(Metadata::XMP)));
        $iptc = @iptcparse((string) ($isTiff ? $directory?->bytes(self::IPTC) : $image?->metadata()->bytes(Metadata::IPTC))) ?: [];
        // HEIF says itself how it is turned, and is turned when it is opened (ISO 23008-12).
        $orientation = $format === PictureFormat::Heif ? self::UPRIGHT : $exif['orientation'] ?? ($xmp->orientation ?? self::UPRIGHT);
        $said = fn (?string ...$texts): array => array_values(
            array_filter($texts, fn (?string $one): bool => $one !== null && trim($one) !== ''),
        );

        return new self(
            $orientation,
            $exif['index'] === 'R03',
            $said($exif['caption'], $xmp->description, $iptc['2#120'][0] ?? null),
            $said($exif['copyright'] === null ? null : self::parts($exif['copyright']), $xmp->rights, $iptc['2#116'][0] ?? null),
            $exif['exposure'],
        );
    }

    /** A photographer's and an editor's copyright, with a zero between (Exif 2.3, tag Copyright). */
    private static function parts(string $copyright): string
    {
        return implode('; ', array_filter(array_map(trim(...), explode("\0", $copyright)), fn (string $part): bool => $part !== ''));
    }

    /** @return array{orientation: ?int, index: ?string, caption: ?string, copyright: ?string, exposure: ?Exposure} */
    private static function exif(?TiffDirectory $directory): array
    {
        try {
            $index = self::try(
                fn (): ?string => $directory?->behind(TiffDirectory::EXIF)?->behind(self::INTEROPERABILITY)?->text(self::INDEX),
            );

            return [
                'orientation' => $directory?->int(TiffDirectory::ORIENTATION),
                'index' => $index,
                'caption' => $directory?->text(TiffDirectory::CAPTION),
                'copyright' => $directory?->text(TiffDirectory::COPYRIGHT),
                'exposure' => self::exposure($directory),
            ];
        } catch (Unreadable) {
            return ['orientation' => null, 'index' => null, 'caption' => null, 'copyright' => null, 'exposure' => null];
        }
    }

    private static function exposure(?TiffDirectory $directory): ?Exposure
    {
        try {
            $exif = $directory?->behind(TiffDirectory::EXIF);
            $exposure = new Exposure(
                $exif?->fraction(self::EXPOSURE_TIME),
                $exif?->fraction(self::F_NUMBER),
                $exif?->int(self::SENSITIVITY),
                $exif?->fraction(self::FOCAL_LENGTH),
            );

            return $exposure->label() === '' ? null : $exposure;
        } catch (Unreadable) {
            return null;
        }
    }

    /** A directory that is broken takes none of the others with it. */
    private static function try(\Closure $read): ?string
    {
        try {
            return $read();
        } catch (Unreadable) {
            return null;
        }
    }

    private static function directory(string $path, ?Image $image, PictureFormat $format, int $page): ?TiffDirectory
    {
        try {
            if ($format === PictureFormat::Tiff) {
                return (new TiffDirectory((new Bytes($path))->at(...)))->all()[$page] ?? null;
            }
            $exif = (string) $image?->metadata()->bytes(Metadata::EXIF);
            $exif = str_starts_with($exif, "Exif\0\0") ? substr($exif, 6) : $exif;

            return $exif === '' ? null : new TiffDirectory(fn (int $at, int $length): string => substr($exif, $at, max(0, $length)));
        } catch (Unreadable) {
            return null;
        }
    }
}
