<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\TestCase;
use Planisher\Imaging\FileMaker;
use Planisher\Imaging\Files\CannotWrite;
use Planisher\Imaging\Files\OurFault;
use Planisher\Imaging\Vips\Direction;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\VipsError;
use Symfony\Component\Process\Process;

final class FileMakerTest extends TestCase
{
    use Pictures;

    /** JFIF 1.02 and EXIF 2.3 (JEITA CP-3451C), read by exiftool; the pixels by ImageMagick. */
    public function test_a_jpeg_as_others_read_it(): void
    {
        $path = $this->picture('a.jpg', 900, 700);
        $made = self::make(self::planned($path, ['size' => '8 x 10 in']), $path, "{$this->folder}/out");
        $exif = self::exif($made->path);
        self::assertSame([1, 300, 300], [$exif['JFIF:ResolutionUnit'], $exif['JFIF:XResolution'], $exif['JFIF:YResolution']]);
        self::assertSame([2, 300, 300], [$exif['IFD0:ResolutionUnit'], $exif['IFD0:XResolution'], $exif['IFD0:YResolution']]);
        self::assertSame([3000, 2400], [$exif['ExifIFD:ExifImageWidth'], $exif['ExifIFD:ExifImageHeight']]);
        self::assertSame([1, '0230', 'R98'], [$exif['ExifIFD:ColorSpace'], $exif['ExifIFD:ExifVersion'], $exif['InteropIFD:InteropIndex']]);
        self::assertSame('sRGB IEC61966-2.1', $exif['ICC_Profile:ProfileDescription'] ?? ($exif['ICC-header:ProfileDescription'] ?? null));
        self::assertStringContainsString('3000x2400', self::tool('identify', $made->path));
        self::assertStringContainsString('OK', self::tool('exiftool', '-validate', $made->path));
        self::assertSame('1 1', $exif['File:YCbCrSubSampling']);
    }

    public function test_a_jpeg_for_adobe_rgb_per_centimetre(): void
    {
        $path = $this->picture('a.jpg', 900, 700);
        $made = self::make(
            self::planned($path, ['size' => '20 x 30 cm', 'output' => ['ppi' => '50 px/cm']], ['colour' => 'Adobe RGB (1998)']),
            $path,
            "{$this->folder}/out",
        );
        $exif = self::exif($made->path);
        self::assertSame(
            [2, 50, 3, 50],
            [$exif['JFIF:ResolutionUnit'], $exif['JFIF:XResolution'], $exif['IFD0:ResolutionUnit'], $exif['IFD0:XResolution']],
        );
        self::assertSame([65535, 'R03'], [$exif['ExifIFD:ColorSpace'], $exif['InteropIFD:InteropIndex']]);
        self::assertSame([1500, 1000], [$made->readBack->width, $made->readBack->height]);
        self::assertEqualsWithDelta(127, $made->readBack->ppi, 0.001);
    }

    /** TIFF 6.0: XResolution, ResolutionUnit, Compression 5 (LZW), Predictor 2; 16 bits where asked. */
    public function test_a_tiff_as_others_read_it(): void
    {
        $path = $this->picture('a.png', 900, 600);
        foreach ([8, 16] as $bits) {
            $made = self::make(
                self::planned($path, ['size' => '4 x 6 in', 'output' => ['format' => 'tiff', 'bits' => $bits]], ['bits' => [8, 16]]),
                $path,
                "{$this->folder}/out-{$bits}",
            );
            $exif = self::exif($made->path);
            self::assertSame(
                [2, 300, 300, 5, 2],
                [
                    $exif['IFD0:ResolutionUnit'],
                    $exif['IFD0:XResolution'],
                    $exif['IFD0:YResolution'],
                    $exif['IFD0:Compression'],
                    $exif['IFD0:Predictor'],
                ],
            );
            self::assertSame("{$bits} {$bits} {$bits}", $exif['IFD0:BitsPerSample']);
            self::assertSame([1800, 1200], [$exif['IFD0:ImageWidth'], $exif['IFD0:ImageHeight']]);
        }
        $white = $this->picture('w.png', 10, 10);
        self::tool('vips', 'linear', $white, "{$this->folder}/white.png", '0', '255', '--uchar');
        $made = self::make(
            self::planned(
                "{$this->folder}/white.png",
                ['size' => '5 x 5 in', 'output' => ['ppi' => 'own', 'format' => 'tiff', 'bits' => 16]],
                ['bits' => [16]],
            ),
            "{$this->folder}/white.png",
            "{$this->folder}/out-white",
        );
        self::assertSame(
            '65535',
            trim(self::tool('/usr/bin/convert', $made->path, '-format', '%[fx:minima*65535]', 'info:')),
            'white of 8 bits is white of 16',
        );
    }

    public function test_the_same_plan_gives_the_same_bytes(): void
    {
        $path = $this->picture('a.jpg', 900, 700);
        $file = self::planned($path, ['size' => '8 x 10 in']);
        $first = self::make($file, $path, "{$this->folder}/one");
        $second = self::make($file, $path, "{$this->folder}/two");
        self::assertFileEquals($first->path, $second->path);
        $inode = fileinode($first->path);
        $again = self::make($file, $path, "{$this->folder}/one");
        self::assertSame($first->readBack->sha256, $again->readBack->sha256);
        clearstatcache();
        self::assertSame($inode, fileinode($again->path), 'what was there is left as it is');
        self::assertSame(['.', '..', $file->name], scandir("{$this->folder}/one"));
    }

    public function test_another_file_of_the_name_is_never_overwritten(): void
    {
        $path = $this->picture('a.jpg');
        $file = self::planned($path, ['size' => '4 x 6 in', 'output' => ['ppi' => 72]]);
        mkdir("{$this->folder}/out");
        file_put_contents("{$this->folder}/out/{$file->name}", 'somebody else’s');
        try {
            self::make($file, $path, "{$this->folder}/out");
            self::fail('it was overwritten');
        } catch (CannotWrite $e) {
            self::assertStringContainsString('Nothing is overwritten', $e->getMessage());
        }
        self::assertStringEqualsFile("{$this->folder}/out/{$file->name}", 'somebody else’s');
        self::assertSame(['.', '..', $file->name], scandir("{$this->folder}/out"));
    }

    public function test_a_picture_cut_off_makes_no_file(): void
    {
        $path = $this->picture('a.jpg', 900, 700);
        $file = self::planned($path, ['size' => '8 x 10 in']);
        file_put_contents($path, substr((string) file_get_contents($path), 0, 20_000));
        try {
            self::make($file, $path, "{$this->folder}/out");
            self::fail('it was made');
        } catch (CannotWrite $e) {
            self::assertStringContainsString('cut off part-way', $e->getMessage());
        }
        self::assertSame(['.', '..'], scandir("{$this->folder}/out"));
    }

    /** What libvips calls out of order is what was asked of it, and what it calls the end of a file is the file. */
    public function test_our_fault_is_not_called_the_pictures(): void
    {
        $path = $this->picture('a.jpg', 2400, 1600);
        try {
            Image::open($path)
                ->run('flip', [Direction::Down])
                ->save('jpegsave', "{$this->folder}/flipped.jpg", []); // a stream from its end
            self::fail('it was written');
        } catch (VipsError $e) {
            self::assertStringContainsString('out of order', $e->getMessage());
            self::assertFalse($e->isOfAPicture());
            $said = (new \ReflectionMethod(FileMaker::class, 'inPlainWords'))->invoke(null, $e, $this->folder, self::planned($path));
            self::assertInstanceOf(OurFault::class, $said);
            self::assertStringContainsString('Planisher’s fault, not the picture’s', $said->getMessage());
        }
        file_put_contents("{$this->folder}/cut.jpg", substr((string) file_get_contents($path), 0, 90_000));
        try {
            self::make(self::planned("{$this->folder}/cut.jpg", ['size' => '8 x 10 in']), "{$this->folder}/cut.jpg", "{$this->folder}/out");
            self::fail('it was made');
        } catch (CannotWrite $e) {
            self::assertStringStartsWith('The picture is cut off part-way.', $e->getMessage());
        }
        self::assertSame([], array_diff(scandir("{$this->folder}/out") ?: [], ['.', '..']), 'nothing is left');
    }

    public function test_a_file_larger_than_the_lab_takes_is_not_kept(): void
    {
        $path = $this->picture('a.jpg', 900, 700);
        $this->expectException(CannotWrite::class);
        $this->expectExceptionMessageMatches('/its bytes came out as .*planned was at most 100.kB/u');
        self::make(self::planned($path, ['size' => '8 x 10 in']), $path, "{$this->folder}/out", 100_000);
    }

    /** A file system of 2 MB, as small as a full disk; needs root, as the test machines have. */
    public function test_a_full_disk_is_said_and_leaves_nothing(): void
    {
        if (posix_getuid() !== 0) {
            self::markTestSkipped('mounting a small file system needs root');
        }
        $path = $this->picture('a.jpg', 900, 700);
        mkdir("{$this->folder}/small");
        self::tool('mount', '-t', 'tmpfs', '-o', 'size=2m', 'none', "{$this->folder}/small");
        try {
            foreach (['jpeg' => 100, 'tiff' => null] as $format => $quality) {
                try {
                    $output = array_filter(['format' => $format, 'quality' => $quality]);
                    self::make(self::planned($path, ['size' => '16 x 20 in', 'output' => $output]), $path, "{$this->folder}/small/out");
                    self::fail('it was made');
                } catch (CannotWrite $e) {
                    self::assertMatchesRegularExpression('/disk is full/', $e->getMessage());
                }
                self::assertSame(['.', '..'], scandir("{$this->folder}/small/out"), $format);
            }
            // What fits is made on the same disk right after.
            $made = self::make(self::planned($path, ['size' => '4 x 6 in', 'output' => ['ppi' => 72]]), $path, "{$this->folder}/small/out");
            self::assertTrue($made->readBack->agrees());
        } finally {
            self::tool('umount', "{$this->folder}/small");
        }
    }

    /** Killed in the middle: nothing under the final name, and the next try makes it and clears up. */
    public function test_killed_in_the_middle_of_a_file(): void
    {
        $path = $this->picture('a.jpg', 3000, 2000);
        $order = [
            'planisher' => 1,
            'order' => ['number' => '1', 'client' => 'C', 'date' => '2026-11-24'],
            'lab' => ['name' => 'L', 'sizes' => ['30 x 45 in'], 'minimumPpi' => 50],
            'lines' => [['picture' => 'a.jpg', 'size' => '30 x 45 in']],
        ];
        file_put_contents("{$this->folder}/order.json", json_encode($order));
        $make = [
            PHP_BINARY,
            __DIR__.'/../../bin/make.php',
            "{$this->folder}/order.json",
            '--pictures',
            $this->folder,
            '--out',
            "{$this->folder}/out",
        ];
        $process = new Process($make);
        $process->start();
        for ($waited = 0; $waited < 200 && glob("{$this->folder}/out/.*.part") === []; $waited++) {
            usleep(20_000);
        }
        $process->signal(SIGKILL);
        $process->wait();
        self::assertNotSame([], glob("{$this->folder}/out/.*.part*"), 'it was in the middle');
        self::assertSame([], glob("{$this->folder}/out/*"), 'nothing is visible');
        self::tool(...$make);
        self::assertSame(['c_30x45_a_1.jpg', 'report.json'], array_map(basename(...), glob("{$this->folder}/out/*") ?: []));
        self::assertSame([], glob("{$this->folder}/out/.*.part*"), 'what the dead one left is cleared');
    }
}
