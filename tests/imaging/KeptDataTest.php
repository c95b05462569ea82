<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a file takes along of its picture's data, written and read by exiftool. */
final class KeptDataTest extends TestCase
{
    use Pictures;

    private const PRIVATE_TAGS = '/GPS|Serial|:Make|:Model|Thumbnail|Preview|IPTC|:Creator/';

    private function carrying(): string
    {
        $picture = $this->picture('a.jpg', 900, 600);
        self::tool('convert', $picture, '-resize', '160', "{$this->folder}/thumb.jpg");
        self::tool(
            'exiftool',
            '-q',
            '-overwrite_original',
            '-n',
            '-Copyright=© Wren Halloway 2026',
            '-ImageDescription=The light on the point',
            '-Artist=Wren Halloway',
            '-EXIF:SerialNumber=12345',
            '-EXIF:Make=Corrin',
            '-EXIF:Model=Corrin Four',
            '-EXIF:FNumber=5.6',
            '-EXIF:ExposureTime=0.004',
            '-EXIF:ISO=200',
            '-EXIF:DateTimeOriginal=2026:03:04 05:06:07',
            '-EXIF:GPSLatitude=54.1',
            '-EXIF:GPSLatitudeRef=N',
            '-EXIF:GPSLongitude=3.2',
            '-EXIF:GPSLongitudeRef=W',
            '-EXIF:XResolution=240',
            '-XMP:Creator=Wren',
            '-IPTC:City=Isholm',
            "-ThumbnailImage<={$this->folder}/thumb.jpg",
            $picture,
        );

        return $picture;
    }

    /** @return array<string, mixed> as exiftool reads the made file */
    private function made(string $picture, string $keep, string $format = 'jpeg'): array
    {
        $made = self::make(
            self::planned($picture, [
                'size' => '6 x 4 in',
                'border' => '0.5 in',
                'output' => ['ppi' => 72, 'format' => $format, 'keep' => $keep],
            ]),
            $picture,
            "{$this->folder}/{$keep}-{$format}",
        );
        self::assertTrue($made->readBack->agrees());
        $isOurs = $keep !== 'everything' || $format === 'jpeg'; // all of the picture's own is as the picture has it
        self::assertStringNotContainsString('Warning', $isOurs ? self::tool('exiftool', '-validate', '-warning', '-a', $made->path) : '');
        self::assertSame(['432x288'], [trim(self::tool('identify', '-format', '%wx%h', $made->path))]);

        return self::exif($made->path);
    }

    #[TestWith(['jpeg', 'IFD0:ImageDescription', 'IFD0:Copyright'])]
    #[TestWith(['tiff', 'XMP-dc:Description', 'XMP-dc:Rights'])]
    public function test_caption_and_copyright_are_kept_and_nothing_private(string $format, string $caption, string $copyright): void
    {
        $tags = $this->made($picture = $this->carrying(), 'credits', $format);
        self::assertSame(['The light on the point', '© Wren Halloway 2026'], [$tags[$caption] ?? null, $tags[$copyright] ?? null]);
        self::assertSame([], array_values(preg_grep(self::PRIVATE_TAGS, array_keys($tags)) ?: []));
        self::assertStringContainsString('12345', self::tool('exiftool', '-SerialNumber', $picture), 'the original keeps its own');
    }

    #[TestWith(['jpeg'])]
    #[TestWith(['tiff'])]
    public function test_with_its_camera_goes_the_exposure_and_no_place(string $format): void
    {
        $tags = $this->made($this->carrying(), 'camera', $format);
        self::assertSame(
            ['Corrin', 'Corrin Four', 5.6, 0.004, 200],
            [$tags['IFD0:Make'], $tags['IFD0:Model'], $tags['ExifIFD:FNumber'], $tags['ExifIFD:ExposureTime'], $tags['ExifIFD:ISO']],
        );
        self::assertSame([], array_values(preg_grep('/GPS|Serial|Thumbnail|IPTC/', array_keys($tags)) ?: []));
        self::assertSame(72, $tags['IFD0:XResolution'], 'the file’s own, not the picture’s 240');
    }

    #[TestWith(['jpeg'])]
    #[TestWith(['tiff'])]
    public function test_everything_is_all_but_thumbnails_and_what_says_how_the_pixels_are(string $format): void
    {
        $tags = $this->made($this->carrying(), 'everything', $format);
        self::assertSame([54.1, '12345', 'Isholm'], [$tags['GPS:GPSLatitude'], (string) $tags['ExifIFD:SerialNumber'], $tags['IPTC:City']]);
        self::assertSame([], array_values(preg_grep('/Thumbnail|Preview|IFD1/', array_keys($tags)) ?: []));
        self::assertSame([72, 1], [$tags['IFD0:XResolution'], $tags['IFD0:Orientation'] ?? 1]);
        self::assertSame('sRGB IEC61966-2.1', $tags['ICC_Profile:ProfileDescription']);
    }

    /** IPTC IIM 4.2 record 2, datasets 120 and 116; XMP, ISO 16684-1, Dublin Core. */
    #[TestWith(['a.jpg', '-XMP-dc:Description=The light on the point', '-XMP-dc:Rights=© Wren'])]
    #[TestWith(['a.jpg', '-IPTC:Caption-Abstract=The light on the point', '-IPTC:CopyrightNotice=© Wren'])]
    #[
        TestWith([
            'a.jpg',
            '-charset',
            'iptc=Latin1',
            '-IPTC:CodedCharacterSet=',
            '-IPTC:Caption-Abstract=The light on the point',
            '-IPTC:CopyrightNotice=© Wren',
        ]),
    ]
    #[TestWith(['a.tif', '-XMP-dc:Description=The light on the point', '-XMP-dc:Rights=© Wren'])]
    #[TestWith(['a.tif', '-EXIF:ImageDescription=The light on the point', '-XMP-dc:Rights=© Wren'])]
    public function test_they_may_stand_in_any_of_its_data(string $name, string ...$said): void
    {
        $picture = $this->picture($name, 900, 600);
        self::tool('exiftool', '-q', '-overwrite_original', '-IPTC:CodedCharacterSet=UTF8', ...[...$said, $picture]);
        $tags = $this->made($picture, 'credits');
        self::assertSame(['The light on the point', '© Wren'], [$tags['IFD0:ImageDescription'] ?? null, $tags['IFD0:Copyright'] ?? null]);
    }
}
