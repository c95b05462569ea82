<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Colour\Channels;
use Planisher\Colour\Space;
use Planisher\Colour\TaggedColour;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\IntakeReader;
use Planisher\Imaging\PictureReader;
use Planisher\Imaging\Sources\Proxy;
use Planisher\Imaging\Vips\Image;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureRefused;
use Symfony\Component\Process\Process;
use Tests\core\LineContexts;

/** Pictures that nobody here made: held against ImageMagick, which reads them by libraries of its own calling. */
final class StrangersTest extends TestCase
{
    use Colours, Pictures;

    private const ENOUGH = 1.5;

    /** Made into a file of the picture's own size, lossless, in sRGB. */
    private function made(string $path): string
    {
        $facts = PictureReader::read($path, basename($path));
        $file = self::planned($path, ['size' => "{$facts->width} x {$facts->height} mm", 'output' => ['ppi' => 'own', 'format' => 'tiff']]);

        return self::make($file, $path, "{$this->folder}/out-".bin2hex(random_bytes(3)))->path;
    }

    private function assertReadAlike(string $path): void
    {
        $made = $this->made($path);
        $differ = self::difference(self::pixels($made), $this->theirs($path));
        self::assertLessThan(self::ENOUGH, $differ['mean'], basename($path));
        $facts = PictureReader::read($path, basename($path));
        Proxy::write($path, $facts, 300, "{$this->folder}/proxy.jpg");
        self::tool(
            '/usr/bin/convert',
            "{$this->folder}/proxy.jpg",
            '-profile',
            ShippedProfiles::path(Space::Srgb),
            "{$this->folder}/proxy.png",
        );
        $small = self::pixels("{$this->folder}/proxy.png", '-resize', '12x8!');
        self::assertLessThan(
            4,
            self::difference($small, self::pixels($made, '-resize', '12x8!'))['mean'],
            'its proxy shows the same: '.basename($path),
        );
    }

    /** @return list<int> */
    private function theirs(string $path): array
    {
        self::tool('/usr/bin/convert', $path, ...['-depth', '8', 'PNG24:'.$this->folder.'/theirs.png']);

        return self::pixels("{$this->folder}/theirs.png");
    }

    /** TIFF 6.0: planes (section 8), sample formats (19), CIE L*a*b* (23), extra samples (18), 12 bits. */
    #[DataProvider('layouts')]
    public function test_unusual_tiffs_are_read_as_others_read_them(string $kind): void
    {
        $png = $this->picture('a.png', 60, 40);
        $path = "{$this->folder}/{$kind}.tif";
        self::tool(
            '/usr/bin/convert',
            $png,
            ...match ($kind) {
                'twelve-bits' => ['-depth', '12'],
                'signed' => ['-depth', '16', '-define', 'quantum:format=signed'],
                'planes' => ['-interlace', 'plane'],
                'tiled-planes' => ['-define', 'tiff:tile-geometry=16x16', '-interlace', 'plane'],
                'tiled-planes-deep' => [
                    '-depth',
                    '16',
                    '-evaluate',
                    'multiply',
                    '0.987',
                    '-define',
                    'tiff:tile-geometry=16x16',
                    '-interlace',
                    'plane',
                ],
                default => throw new \LogicException($kind),
            },
            ...[$path],
        );
        $facts = PictureReader::read($path, basename($path));
        self::assertSame(str_starts_with($kind, 'tiled') || $kind === 'twelve-bits', $facts->isUnusual);
        self::assertSame($kind === 'signed', $facts->isSigned);
        $this->assertReadAlike($path);
    }

    /** @return iterable<string, array{string}> */
    public static function layouts(): iterable
    {
        foreach (['twelve-bits', 'signed', 'planes', 'tiled-planes', 'tiled-planes-deep'] as $kind) {
            yield $kind => [$kind];
        }
    }

    /** TIFF 6.0, section 23: CIE L*a*b* of D50, written by LittleCMS' own tool from sRGB, comes back as it was. */
    public function test_lab_is_converted(): void
    {
        $png = $this->picture('a.png', 60, 40);
        self::tool('/usr/bin/convert', $png, '-compress', 'none', $rgb = "{$this->folder}/rgb.tif");
        self::tool('tificc', '-i'.ShippedProfiles::path(Space::Srgb), '-o*Lab', '-t1', $rgb, $path = "{$this->folder}/lab.tif");
        self::assertSame(Channels::Lab, PictureReader::read($path, 'lab.tif')->channels);
        self::assertLessThan(2.0, self::difference(self::pixels($this->made($path)), self::pixels($png))['mean']);
    }

    /** Lab of some of sRGB's colours under D50, Bradford: from memory, as in the notes on colour, and what transicc gives. */
    public function test_lab_of_16_bits_is_converted(): void
    {
        $lab = ['255 0 0' => [54.29, 80.81, 69.89], '128 128 128' => [53.59, 0.0, 0.0], '194 150 130' => [65.92, 14.96, 17.27]];
        foreach ($lab as $rgb => [$lightness, $a, $b]) {
            $pixel = pack('v3', (int) round($lightness * 655.35), (int) round($a * 256) & 0xFFFF, (int) round($b * 256) & 0xFFFF);
            $path = $this->tiff('deep.tif', 60, 40, 3, str_repeat($pixel, 60 * 40), [258 => [16, 16, 16], 262 => [8]]);
            self::assertEqualsWithDelta(
                array_map(intval(...), explode(' ', $rgb)),
                array_slice(self::pixels($this->made($path)), 0, 3),
                str_contains($rgb, '255') ? 10 : 2,
                "Lab of {$rgb}",
            ); // a code at the end of a channel weighs little
        }
    }

    /** TIFF 6.0, section 18: ExtraSamples 0 is unspecified, 1 and 2 are transparency. */
    public function test_what_an_extra_channel_is_its_tag_says(): void
    {
        $rgb = fn (int ...$more): string => implode(
            '',
            array_map(fn (int $i): string => pack('C*', $i % 200, 90, 60, ...$more), range(0, 60 * 40 - 1)),
        );
        $cases = [
            'unspecified' => [[0], $rgb(16), false, 1],
            'two' => [[0, 0], $rgb(16, 32), false, 2],
            'transparent' => [[2], $rgb(128), true, 0],
            'transparent-and-more' => [[2, 0], $rgb(128, 16), true, 1],
        ];
        foreach ($cases as $name => [$extra, $data, $alpha, $left]) {
            $path = $this->tiff("{$name}.tif", 60, 40, 3 + count($extra), $data, [338 => $extra]);
            $facts = PictureReader::read($path, 'x.tif');
            self::assertSame([$alpha, $left], [$facts->alpha, $facts->extra], $name);
            $first = array_slice(self::pixels($this->made($path)), 0, 3);
            self::assertEqualsWithDelta($alpha ? [127, 172, 157] : [0, 90, 60], $first, 1.5, $name); // half of white over half of it
        }
        $seen = IntakeReader::take("{$this->folder}/transparent.tif", 'x.tif', str_repeat('0', 64), [
            'screen' => ['side' => 64, 'path' => "{$this->folder}/p.jpg"],
        ]);
        self::assertTrue($seen->isSeeThrough);
        self::assertSame(
            'look',
            LineContexts::finding(LineContexts::work([], $seen, ['minimumPpi' => 1]), 'picture-flattened')?->level->value,
        );
        self::assertNull(
            LineContexts::finding(LineContexts::work([], $seen->with(isSeeThrough: false)), 'picture-flattened'),
            'opaque all over: nothing to tell',
        );
    }

    public function test_cmyk_with_transparency_lies_on_paper(): void
    {
        $cmyk = implode('', array_map(fn (int $i): string => pack('C*', $i % 200, 40, 20, 10, $i < 1200 ? 255 : 0), range(0, 60 * 40 - 1)));
        $path = $this->tiff('a.tif', 60, 40, 5, $cmyk, [262 => [5], 332 => [1], 338 => [2]]);
        $facts = PictureReader::read($path, 'a.tif');
        self::assertSame([Channels::Cmyk, true], [$facts->channels, $facts->alpha]);
        $pixels = self::pixels($this->made($path));
        self::assertGreaterThan(245, min(array_slice($pixels, -9)), 'no ink where it is transparent');
        self::assertLessThan(245, min(array_slice($pixels, 0, 9)));
    }

    /** Exif 2.3 and DCF 2.0: ColorSpace 65535 and R03. The same picture with the profile embedded is the other reader. */
    public function test_a_camera_s_adobe_rgb_without_a_profile(): void
    {
        $path = $this->picture('a.jpg', 60, 40);
        copy($path, $tagged = "{$this->folder}/tagged.jpg");
        self::tool('exiftool', '-q', '-overwrite_original', '-n', '-ColorSpace=65535', '-InteropIndex=R03', $tagged);
        self::tool('exiftool', '-q', '-overwrite_original', '-icc_profile<='.ShippedProfiles::path(Space::AdobeRgb), $path);
        self::assertNotNull(PictureReader::read($tagged, 'a.jpg')->tagged);
        self::assertLessThan(0.3, self::difference(self::pixels($this->made($tagged)), self::pixels($this->made($path)))['mean']);
        $finding = LineContexts::finding(
            LineContexts::work([], PictureReader::read($tagged, 'a.jpg'), ['minimumPpi' => 1]),
            'profile-tagged',
        );
        self::assertStringContainsString('Adobe RGB (1998)', (string) $finding?->text);
    }

    /**
     * ISO/IEC 15948, 11.3.3: gAMA and cHRM. Figures of Adobe RGB (1998) in them give what its profile gives; a linear
     * picture is not dark.
     */
    public function test_a_png_s_own_gamma_and_primaries(): void
    {
        $path = $this->picture('a.png', 60, 40);
        $adobe = [31_270, 32_900, 64_000, 33_000, 21_000, 71_000, 15_000, 6_000];
        $tagged = $this->withChunks($path, ['gAMA' => pack('N', 45_470), 'cHRM' => pack('N8', ...$adobe)]);
        self::tool(
            '/usr/bin/convert',
            $path,
            '-profile',
            ShippedProfiles::path(Space::AdobeRgb),
            $embedded = "{$this->folder}/embedded.tif",
        );
        self::assertLessThan(0.4, self::difference(self::pixels($this->made($tagged)), self::pixels($this->made($embedded)))['mean']);

        self::assertNull(
            PictureReader::read($this->withChunks($path, ['sRGB' => "\0", 'gAMA' => pack('N', 45_455)]), 'a.png')->tagged,
            'sRGB says it itself',
        );
        self::assertNull(
            PictureReader::read($this->withChunks($path, ['gAMA' => pack('N', 45_455)]), 'a.png')->tagged,
            'sRGB’s gamma is sRGB',
        );
        $linear = $this->made($this->withChunks($path, ['gAMA' => pack('N', 100_000)]));
        // IEC 61966-2-1: linear 128/255 is code 188
        $mean = fn (string $of): float => array_sum($p = self::pixels($of)) / count($p);
        self::assertGreaterThan($mean($path) + 25, $mean($linear));
    }

    public function test_figures_that_are_no_colours_are_not_obeyed(): void
    {
        self::assertNull(TaggedColour::ofPng(0, null));
        self::assertNull(TaggedColour::ofPng(45_455, array_fill(0, 8, 0)));
        self::assertNull(TaggedColour::ofPng(45_455, array_fill(0, 8, 33_333)), 'all on one point');
        self::assertNull(TaggedColour::ofPng(2_000_000_000, null));
    }

    /** Orientation in eXIf behind the pixels, and in XMP alone. */
    public function test_orientation_wherever_it_stands(): void
    {
        $path = $this->picture('a.png', 60, 40);
        $exif = "MM\0*".pack('N', 8).pack('n', 1).pack('nnNnn', 0x0112, 3, 1, 6, 0).pack('N', 0);
        $behind = $this->withChunks($path, ['eXIf' => $exif], behind: true);
        $packet =
            '<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF '.
            'xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description '.
            'xmlns:tiff="http://ns.adobe.com/tiff/1.0/" %s</rdf:Description></rdf:RDF></x:xmpmeta>';
        $upright = [];
        foreach (['as an attribute' => 'tiff:Orientation="6">', 'as an element' => '><tiff:Orientation>6</tiff:Orientation>'] as $said) {
            self::tool(
                '/usr/bin/convert',
                $path,
                '-quality',
                '95',
                '-sampling-factor',
                '1x1',
                $one = "{$this->folder}/".md5($said).'.jpg',
            ); // without Exif
            file_put_contents("{$this->folder}/a.xmp", sprintf($packet, $said));
            self::tool('exiftool', '-q', '-m', '-overwrite_original', "-xmp<={$this->folder}/a.xmp", $one);
            $upright[] = $one;
        }
        self::tool('/usr/bin/convert', $path, '-rotate', '90', $turned = "{$this->folder}/turned.png");
        foreach ([$behind, ...$upright] as $one) {
            $facts = PictureReader::read($one, basename($one));
            self::assertSame([6, 40, 60], [$facts->orientation, $facts->width, $facts->height]);
            self::assertLessThan(3, self::difference(self::pixels($this->made($one)), self::pixels($turned))['mean']);
            Proxy::write($one, $facts, 300, "{$this->folder}/proxy.jpg");
            self::assertLessThan(4, self::difference(self::pixels("{$this->folder}/proxy.jpg"), self::pixels($turned))['mean']);
        }
    }

    /** BigTIFF: offsets of 8 bytes. Orientation and transparency are told by its tags as by a TIFF's. */
    public function test_a_big_tiff(): void
    {
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
            '-compress',
            'lzw',
            $tiff = "{$this->folder}/a.tif",
        );
        self::tool('exiftool', '-q', '-overwrite_original', '-n', '-Orientation=6', $tiff);
        self::tool('vips', 'tiffsave', $tiff, $big = "{$this->folder}/big.tif", '--bigtiff', '--compression', 'lzw');
        self::assertSame("II+\0", file_get_contents($big, length: 4));
        $facts = PictureReader::read($big, 'big.tif');
        self::assertSame([40, 60, 6, true, 0], [$facts->width, $facts->height, $facts->orientation, $facts->alpha, $facts->extra]);
        self::assertLessThan(1, self::difference(self::pixels($this->made($big)), self::pixels($this->made($tiff)))['mean']);
    }

    /** The largest page, whichever comes first. */
    public function test_the_largest_of_several_pages(): void
    {
        $large = $this->picture('large.tif', 60, 40);
        self::tool('/usr/bin/convert', $large, '-resize', '15x10!', $thumb = "{$this->folder}/thumb.tif");
        self::tool('/usr/bin/convert', $thumb, $large, $thumb, $both = "{$this->folder}/both.tif");
        $facts = PictureReader::read($both, 'both.tif');
        self::assertSame([60, 40, 1, 3], [$facts->width, $facts->height, $facts->page, $facts->pages]);
        self::assertLessThan(0.5, self::difference(self::pixels($this->made($both)), self::pixels($large))['mean']);
        self::assertStringContainsString(
            'page 2, the largest',
            (string) LineContexts::finding(LineContexts::work([], $facts, ['minimumPpi' => 1]), 'page-chosen')?->text,
        );
    }

    /** A profile with a perceptual table alone (ICC.1:2010, 8.3): as LittleCMS' own tool reads it, not taken for sRGB. */
    public function test_a_profile_with_a_perceptual_table_alone(): void
    {
        $icc = (string) file_get_contents(__DIR__.'/../../demo/profiles/simulated-lustre.icc');
        file_put_contents("{$this->folder}/p.icc", str_replace('A2B1', 'A2Bx', substr($icc, 0, 500)).substr($icc, 500));
        self::tool('/usr/bin/convert', $this->picture('a.png', 60, 40), '-colorspace', 'sRGB', $path = "{$this->folder}/a.tif");
        self::tool('exiftool', '-q', '-overwrite_original', "-icc_profile<={$this->folder}/p.icc", $path);
        $facts = PictureReader::read($path, 'a.tif');
        self::assertSame([true, null], [$facts->isPerceptualOnly, $facts->profileFlaw]);
        self::tool(
            '/usr/bin/convert',
            $path,
            '-intent',
            'Perceptual',
            '-black-point-compensation',
            '-profile',
            ShippedProfiles::path(Space::Srgb),
            $theirs = "{$this->folder}/theirs.tif",
        );
        $ours = self::pixels($this->made($path));
        self::assertLessThan(self::ENOUGH, self::difference($ours, self::pixels($theirs))['mean']);
        self::assertGreaterThan(8, self::difference($ours, self::pixels($path))['mean'], 'it is not taken as sRGB');
        self::assertNotNull(LineContexts::finding(LineContexts::work([], $facts, ['minimumPpi' => 1]), 'profile-perceptual'));
    }

    /** Damage that the decoder steps over: told, whatever is printed. */
    public function test_damaged_jpegs_are_told(): void
    {
        foreach ([false, true] as $interlace) {
            Image::open($this->picture('a.png', 900, 600))->save('jpegsave', $path = "{$this->folder}/a.jpg", [
                'Q' => 90,
                'interlace' => $interlace,
            ]);
            $bytes = (string) file_get_contents($path);
            $proxies = ['screen' => ['side' => 256, 'path' => "{$this->folder}/p.jpg"]];
            self::assertSame(0, IntakeReader::take($path, 'a.jpg', str_repeat('0', 64), $proxies)->warnings, 'a sound one gives none');
            mt_srand(7);
            foreach ([str_repeat("\0", 2000), implode('', array_map(fn (): string => chr(mt_rand(0, 254)), range(1, 2000)))] as $what) {
                file_put_contents($path, substr_replace($bytes, $what, intdiv(strlen($bytes), 2), 2000));
                try {
                    $facts = IntakeReader::take($path, 'a.jpg', str_repeat('0', 64), $proxies);
                    self::assertGreaterThan(0, $facts->warnings);
                    self::assertSame(
                        'look',
                        LineContexts::finding(LineContexts::work([], $facts, ['minimumPpi' => 1]), 'picture-damaged')?->level->value,
                    );
                } catch (PictureRefused $e) {
                    self::assertStringContainsString('damaged', $e->getMessage()); // past what it can step over
                }
            }
        }
    }

    /** What libvips calls whole and libjpeg doesn't: bits left over behind the last row. Told at reading, and by the command. */
    public function test_bits_left_over_at_the_end_are_told(): void
    {
        foreach ([[], ['-colorspace', 'CMYK']] as $colours) {
            self::tool('convert', $this->picture('a.png', 900, 600), ...[...$colours, '-quality', '90', ($path = "{$this->folder}/a.jpg")]);
            $bytes = (string) file_get_contents($path);
            file_put_contents($path, substr($bytes, 0, -2).str_repeat("\x11", 959).substr($bytes, -2));
            $transformed = new Process(['jpegtran', '-outfile', '/dev/null', $path]);
            $transformed->run();
            self::assertStringContainsString(' extraneous bytes before marker 0xd9', $transformed->getErrorOutput());
            $proxies = ['screen' => ['side' => 256, 'path' => "{$this->folder}/p.jpg"]];
            self::assertSame(1, IntakeReader::take($path, 'a.jpg', str_repeat('0', 64), $proxies)->warnings);
            self::assertSame(1, IntakeReader::begin($path, 'a.jpg', whole: true)->facts()->warnings);
            $handed = IntakeReader::begin($path, 'a.jpg', whole: false);
            self::assertSame([0, 1], [$handed->facts()->warnings, $handed->warnings()]);
        }
    }

    /** A PNG with a wrong CRC, a TIFF and a WebP cut off: at the door. */
    public function test_broken_files_are_refused_when_they_are_handed_in(): void
    {
        $png = (string) file_get_contents($this->picture('a.png', 300, 200));
        $at = (int) strpos($png, 'IDAT') + 200;
        file_put_contents("{$this->folder}/crc.png", substr_replace($png, chr(ord($png[$at]) ^ 1), $at, 1));
        $tif = (string) file_get_contents($this->picture('a.tif', 300, 200));
        file_put_contents("{$this->folder}/cut.tif", substr($tif, 0, intdiv(strlen($tif), 2)));
        self::tool('vips', 'copy', $this->picture('b.png', 300, 200), "{$this->folder}/a.webp");
        file_put_contents("{$this->folder}/cut.webp", substr((string) file_get_contents("{$this->folder}/a.webp"), 0, -400));
        foreach (['crc.png', 'cut.tif', 'cut.webp'] as $name) {
            try {
                IntakeReader::take("{$this->folder}/{$name}", $name, str_repeat('0', 64), [
                    'screen' => ['side' => 256, 'path' => "{$this->folder}/p.jpg"],
                ]);
                self::fail("{$name} was taken");
            } catch (PictureRefused $e) {
                self::assertMatchesRegularExpression('/cut off|damaged/', $e->getMessage());
            }
        }
        self::assertSame([], glob("{$this->folder}/p.jpg*"));
    }

    #[DataProvider('others')]
    public function test_other_kinds_are_called_by_their_names(string $name, string $head, string $says): void
    {
        file_put_contents("{$this->folder}/{$name}", str_pad($head, 600, "\0"));
        try {
            PictureReader::read("{$this->folder}/{$name}", $name);
            self::fail('it was taken');
        } catch (PictureRefused $e) {
            self::assertStringContainsString($says, $e->getMessage());
            self::assertStringNotContainsString('damaged', $e->getMessage());
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function others(): iterable
    {
        $ifd = fn (array ...$entries): string => "II*\0".
            pack('V', 8).
            pack('v', count($entries)).
            implode('', array_map(fn (array $e): string => pack('vvVV', ...$e), $entries)).
            pack('V', 0);
        yield 'NEF: a small picture, and the sensor beside it' => [
            'a.nef',
            $ifd([256, 4, 1, 160], [257, 4, 1, 120], [330, 4, 1, 100]).
            str_repeat("\0", 50).
            pack('v', 1).
            pack('vvVV', 262, 3, 1, 32803),
            'a camera’s raw file (NEF)',
        ];
        yield 'DNG' => ['a.dng', $ifd([256, 4, 1, 160], [257, 4, 1, 120], [50706, 1, 4, 0x0401]), 'a camera’s raw file (DNG)'];
        yield 'CR2' => ['a.cr2', "II*\0\x10\0\0\0CR\x02\0", 'a camera’s raw file (CR2)'];
        yield 'CR3' => ['a.cr3', "\0\0\0\x18ftypcrx \0\0\0\1crx isom", 'a camera’s raw file (CR3)'];
        yield 'another raw by its first bytes' => ['a.rw2', "IIU\0\x18\0\0\0", 'a camera’s raw file (RW2)'];
        yield 'AVIF' => ['a.avif', "\0\0\0\x20ftypavif\0\0\0\0avifmif1miaf", 'an AVIF picture'];
        yield 'AVIF that says mif1 first' => ['a.heic', "\0\0\0\x20ftypmif1\0\0\0\0mif1avifmiaf", 'an AVIF picture'];
        yield 'JPEG 2000' => ['a.jp2', "\0\0\0\x0CjP  \r\n\x87\n", 'a JPEG 2000 picture'];
        yield 'BMP' => ['a.bmp', 'BM______', 'a BMP picture'];
        yield 'GIF' => ['a.gif', 'GIF89a', 'a GIF picture'];
        yield 'PSD' => ['a.psd', "8BPS\0\1", 'a PSD file'];
        yield 'PDF' => ['a.pdf', '%PDF-1.7', 'a PDF document'];
        yield 'old-style JPEG in TIFF' => ['a.tif', $ifd([256, 4, 1, 160], [257, 4, 1, 120], [259, 3, 1, 6]), 'an old-style JPEG in it'];
    }

    /** One process that makes many files holds none of the pictures it has made them of. */
    public function test_memory_is_not_kept_from_file_to_file(): void
    {
        Image::open($this->picture('a.png', 3000, 2000))->save('jpegsave', $path = "{$this->folder}/p.jpg", ['interlace' => true]);
        $file = self::planned($path, ['size' => '4 x 6 in', 'output' => ['ppi' => 100]]);
        $held = function () use ($file, $path): int {
            self::make($file, $path, "{$this->folder}/".bin2hex(random_bytes(4)), progress: fn (int $percent): null => null);
            preg_match('/VmRSS:\s+(\d+)/', (string) file_get_contents('/proc/self/status'), $m);

            return (int) ($m[1] ?? 0) * 1024;
        };
        $held();
        $first = $held();
        $later = array_map($held, range(1, 5));
        self::assertLessThan($first + 12_000_000, $later[4], 'the picture’s coefficients alone take 18 MB');
    }

    /** @param  array<string, string>  $chunks  PNG (ISO/IEC 15948) */
    private function withChunks(string $path, array $chunks, bool $behind = false): string
    {
        $png = (string) file_get_contents($path);
        $written = implode(
            '',
            array_map(
                fn (string $type, string $data): string => pack('N', strlen($data)).$type.$data.pack('N', crc32($type.$data)),
                array_keys($chunks),
                $chunks,
            ),
        );
        file_put_contents(
            $to = "{$this->folder}/".bin2hex(random_bytes(4)).'.png',
            $behind ? substr($png, 0, -12).$written.substr($png, -12) : substr($png, 0, 33).$written.substr($png, 33),
        );

        return $to;
    }

    /**
     * An unpacked TIFF of one strip (TIFF 6.0, section 6).
     *
     * @param  array<int, non-empty-list<int>>  $tags  more of them, or others
     */
    private function tiff(string $name, int $width, int $height, int $samples, string $data, array $tags): string
    {
        $tags += [
            256 => [$width],
            257 => [$height],
            258 => array_fill(0, $samples, 8),
            259 => [1],
            262 => [2],
            273 => [0],
            277 => [$samples],
            278 => [$height],
            279 => [strlen($data)],
            284 => [1],
        ];
        ksort($tags);
        $behind = 8 + 2 + 12 * count($tags) + 4;
        $long = '';
        $isLong = fn (int $tag): bool => in_array($tag, [273, 279], true);
        $lengths = array_sum(
            array_map(
                fn (int $tag, array $of): int => count($of) * ($isLong($tag) ? 4 : 2) > 4 ? count($of) * 2 : 0,
                array_keys($tags),
                $tags,
            ),
        );
        $tags[273] = [$behind + $lengths];
        $directory = pack('v', count($tags));
        foreach ($tags as $tag => $of) {
            $value = pack($isLong($tag) ? 'V*' : 'v*', ...$of);
            $directory .=
                pack('vvV', $tag, $isLong($tag) ? 4 : 3, count($of)).
                (strlen($value) > 4 ? pack('V', $behind + strlen($long)) : str_pad($value, 4, "\0"));
            $long .= strlen($value) > 4 ? $value : '';
        }
        file_put_contents($path = "{$this->folder}/{$name}", "II*\0".pack('V', 8).$directory.pack('V', 0).$long.$data);

        return $path;
    }

    /** Its stored form gives back all of it. */
    public function test_facts_survive_their_store(): void
    {
        $facts = PictureReader::read($this->withChunks($this->picture('a.png', 60, 40), ['gAMA' => pack('N', 60_000)]), 'a.png')->with(
            warnings: 3,
            pages: 2,
        );
        $stored = json_decode((string) json_encode($facts->toArray()), true);
        self::assertEquals($facts, PictureFacts::fromArray($stored));
        self::assertEquals(
            0,
            PictureFacts::fromArray(array_diff_key($stored, array_flip(['warnings', 'tagged', 'page', 'pages', 'extra'])))->warnings,
            'as it was written before',
        );
    }
}
