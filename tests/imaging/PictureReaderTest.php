<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Colour\Channels;
use Planisher\Colour\Space;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\PictureReader;
use Planisher\Imaging\Sources\Proxy;
use Planisher\Picture\PictureFormat;
use Planisher\Picture\PictureRefused;

final class PictureReaderTest extends TestCase
{
    use Pictures;

    public function test_reads_the_facts_of_each_format(): void
    {
        foreach (['a.jpg' => PictureFormat::Jpeg, 'a.tif' => PictureFormat::Tiff, 'a.png' => PictureFormat::Png] as $name => $format) {
            $path = $this->picture($name, 60, 40);
            $facts = PictureReader::read($path, $name);
            self::assertSame(
                [$format, 60, 40, 8, 1, false],
                [$facts->format, $facts->width, $facts->height, $facts->bits, $facts->orientation, $facts->alpha],
            );
            self::assertSame(hash_file('sha256', $path), $facts->sha256);
            self::assertNull($facts->profile);
        }
        foreach (['webp' => PictureFormat::Webp, 'heic' => PictureFormat::Heif] as $ending => $format) {
            self::tool('vips', 'copy', $this->picture('a.png', 64, 48), "{$this->folder}/b.{$ending}");
            $facts = PictureReader::read("{$this->folder}/b.{$ending}", "b.{$ending}");
            self::assertSame([$format, 64, 48], [$facts->format, $facts->width, $facts->height]);
        }
    }

    /** Exif 2.3, tag Orientation: 5 to 8 lie on their side. */
    public function test_width_and_height_are_as_displayed(): void
    {
        $path = $this->picture('a.jpg', 60, 40);
        foreach (range(1, 8) as $orientation) {
            self::tool('exiftool', '-q', '-overwrite_original', '-n', "-Orientation={$orientation}", $path);
            $facts = PictureReader::read($path, 'a.jpg');
            self::assertSame($orientation, $facts->orientation);
            self::assertSame($orientation >= 5 ? [40, 60] : [60, 40], [$facts->width, $facts->height]);
        }
    }

    public function test_reads_profile_depth_and_transparency(): void
    {
        $path = $this->picture('a.jpg', 60, 40);
        self::tool('exiftool', '-q', '-overwrite_original', '-icc_profile<='.ShippedProfiles::path(Space::AdobeRgb), $path);
        self::assertSame('Compatible with Adobe RGB (1998)', PictureReader::read($path, 'a.jpg')->profile);

        self::tool('vips', 'colourspace', $this->picture('a.png', 60, 40), "{$this->folder}/deep.tif", 'rgb16');
        self::assertSame(16, PictureReader::read("{$this->folder}/deep.tif", 'deep.tif')->bits);
        self::tool(
            '/usr/bin/convert',
            $this->picture('a.png', 60, 40),
            '-alpha',
            'on',
            '-channel',
            'A',
            '-evaluate',
            'set',
            '50%',
            "{$this->folder}/clear.png",
        );
        self::assertTrue(PictureReader::read("{$this->folder}/clear.png", 'clear.png')->alpha);
        self::tool('vips', 'colourspace', $this->picture('a.png', 60, 40), "{$this->folder}/grey.png", 'b-w');
        self::assertSame(Channels::Grey, PictureReader::read("{$this->folder}/grey.png", 'grey.png')->channels);
        self::tool('vips', 'colourspace', $this->picture('a.png', 60, 40), "{$this->folder}/ink.tif", 'cmyk');
        self::assertSame(Channels::Cmyk, PictureReader::read("{$this->folder}/ink.tif", 'ink.tif')->channels);
    }

    /** A matrix of nothing: the header is whole, and every colour comes out black. */
    public function test_a_profile_that_turns_white_black_is_not_used(): void
    {
        $icc = ShippedProfiles::bytes(Space::AdobeRgb);
        foreach (['rXYZ', 'gXYZ', 'bXYZ'] as $tag) {
            $at = (int) ((array) unpack('N', substr($icc, (int) strpos($icc, $tag) + 4, 4)))[1];
            $icc = substr_replace($icc, str_repeat("\0", 12), $at + 8, 12);
        }
        file_put_contents("{$this->folder}/dark.icc", $icc);
        $path = $this->picture('a.jpg', 60, 40);
        self::tool('exiftool', '-q', '-overwrite_original', "-icc_profile<={$this->folder}/dark.icc", $path);
        self::assertStringContainsString('white or grey come out', (string) PictureReader::read($path, 'a.jpg')->profileFlaw);
        $file = self::planned($path, ['size' => '60 x 40 mm', 'output' => ['ppi' => 'own']]);
        self::assertLessThan(
            3,
            self::difference(self::pixels(self::make($file, $path, "{$this->folder}/out")->path), self::pixels($path))['mean'],
            'taken as sRGB',
        );
    }

    /** For screens, printers, papers: libvips' own, ours, and those of the demo's papers. */
    public function test_a_sound_profile_is_used(): void
    {
        $path = $this->picture('a.tif', 60, 40);
        foreach (['p3', 'cmyk', 'srgb', ...glob(__DIR__.'/../../{imaging,demo}/profiles/*.icc', GLOB_BRACE) ?: []] as $profile) {
            self::tool(
                'vips',
                'icc_transform',
                $path,
                $made = "{$this->folder}/b.tif",
                $profile,
                '--input-profile',
                'srgb',
                '--intent',
                'relative',
            );
            $facts = PictureReader::read($made, 'b.tif');
            self::assertNotNull($facts->profile);
            self::assertNull($facts->profileFlaw, "{$profile}: {$facts->profileFlaw}");
        }
    }

    #[DataProvider('notPictures')]
    public function test_refuses_what_is_no_picture(string $bytes, string $says): void
    {
        file_put_contents("{$this->folder}/x.jpg", $bytes);
        $this->expectException(PictureRefused::class);
        $this->expectExceptionMessageMatches("/{$says}/u");
        PictureReader::read("{$this->folder}/x.jpg", 'x.jpg');
    }

    /** @return iterable<string, array{string, string}> */
    public static function notPictures(): iterable
    {
        yield 'nothing' => ['', 'it is empty'];
        yield 'text' => ['hello there', 'not a picture.*JPEG, TIFF, PNG, WebP or HEIF are taken'];
        yield 'SVG' => ['<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg"/>', 'an SVG drawing'];
        yield 'PDF' => ["%PDF-1.7\n", 'a PDF document'];
        yield 'GIF' => ['GIF89a........', 'a GIF'];
        yield 'a JPEG’s first bytes' => ["\xFF\xD8\xFF\xE0\0\x10JFIF\0", 'header can’t be read'];
        yield 'a PNG’s first bytes' => ["\x89PNG\r\n\x1A\n", 'header can’t be read'];
        yield 'a huge PNG' => [self::pngThatClaims(60_000, 60_000), 'claims 60.000 × 60.000.px \(3600 megapixels\); at most 400'];
        yield 'a long PNG' => [self::pngThatClaims(90_000, 100), 'claims 90.000 × 100'];
    }

    public function test_refuses_floats(): void
    {
        self::tool('vips', 'cast', $this->picture('a.png', 60, 40), "{$this->folder}/float.tif", 'float');
        $this->expectException(PictureRefused::class);
        $this->expectExceptionMessageMatches('/kind that can’t be printed/');
        PictureReader::read("{$this->folder}/float.tif", 'float.tif');
    }

    /** The header of a picture that is cut off is whole; making its proxy reads it to the end. */
    public function test_a_picture_cut_off_is_refused_when_it_is_decoded(): void
    {
        foreach (['a.jpg', 'a.png', 'a.tif'] as $name) {
            $path = $this->picture($name);
            file_put_contents(
                "{$this->folder}/cut-{$name}",
                substr((string) file_get_contents($path), 0, intdiv((int) filesize($path), 2)),
            );
            try {
                $facts = PictureReader::read("{$this->folder}/cut-{$name}", $name);
                Proxy::write("{$this->folder}/cut-{$name}", $facts, 200, "{$this->folder}/proxy.jpg");
                self::fail("{$name} was taken");
            } catch (PictureRefused $e) {
                self::assertMatchesRegularExpression('/cut off|damaged/', $e->getMessage());
            }
            self::assertSame([], glob("{$this->folder}/proxy*"), 'nothing half-written stays');
        }
    }

    /** PNG, ISO/IEC 15948: signature, IHDR with its CRC, an empty IDAT, IEND. */
    private static function pngThatClaims(int $width, int $height): string
    {
        $chunk = fn (string $type, string $data): string => pack('N', strlen($data)).$type.$data.pack('N', crc32($type.$data));

        return "\x89PNG\r\n\x1A\n".
            $chunk('IHDR', pack('NNCCCCC', $width, $height, 8, 2, 0, 0, 0)).
            $chunk('IDAT', (string) gzcompress('')).
            $chunk('IEND', '');
    }
}
