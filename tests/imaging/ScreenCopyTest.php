<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Copies for a screen, made by the command; looked at by exiftool and ImageMagick. */
final class ScreenCopyTest extends TestCase
{
    use Pictures;

    /**
     * @param  list<array<string, mixed>>  $lines
     * @return list<array<string, mixed>> what the report says of each
     */
    private function made(array $lines, string $format = 'tiff'): array
    {
        file_put_contents(
            "{$this->folder}/order.json",
            json_encode([
                'planisher' => 1,
                'order' => ['number' => '2611-04', 'client' => 'Isholm', 'date' => '2026-11-24'],
                'lab' => [
                    'name' => 'Larkmoor',
                    'sizes' => ['4 x 6 in', '8 x 10 in'],
                    'formats' => [$format],
                    'minimumPpi' => 1,
                    'colour' => 'Adobe RGB (1998)',
                ],
                'lines' => $lines,
            ]),
        );
        $process = new Process(
            [
                __DIR__.'/../../bin/planisher',
                'make',
                "{$this->folder}/order.json",
                '--pictures',
                $this->folder,
                '--out',
                "{$this->folder}/out",
            ],
            timeout: 120,
        );
        $process->run();
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());

        return json_decode((string) file_get_contents("{$this->folder}/out/report.json"), true)['lines'];
    }

    public function test_copies_lie_apart_and_say_what_they_are(): void
    {
        $this->picture('a.jpg', 1800, 1200);
        $lines = $this->made([
            ['make' => 'screen-copy', 'picture' => 'a.jpg', 'longSide' => 900],
            ['picture' => 'a.jpg', 'size' => '7 x 5 in', 'border' => '0.5 in', 'screenCopy' => ['longSide' => 700, 'quality' => 60]],
        ]);
        self::assertSame(['screen'], array_unique(array_column($lines[0]['files'], 'folder')));
        self::assertSame([null, 'screen'], array_map(fn (array $file): ?string => $file['folder'] ?? null, $lines[1]['files']));
        self::assertSame(
            ['isholm_7x5_a_2.tif', 'report.json', 'screen'],
            array_map(basename(...), glob("{$this->folder}/out/*") ?: []),
            'nothing for a screen among the lab’s files',
        );
        $copies = array_map(basename(...), glob("{$this->folder}/out/screen/*") ?: []);
        self::assertSame(['isholm_7x5_a_2_screen.jpg', 'isholm_a_1_screen.jpg'], $copies);
        foreach ($copies as $copy) {
            $exif = self::exif("{$this->folder}/out/screen/{$copy}");
            self::assertSame(72, $exif['JFIF:XResolution']);
            self::assertStringStartsWith('sRGB', $exif['ICC_Profile:ProfileDescription']);
        }
        self::assertSame(
            '75 60',
            self::tool('identify', '-format', '%Q', "{$this->folder}/out/screen/isholm_a_1_screen.jpg").
                ' '.
                self::tool('identify', '-format', '%Q', "{$this->folder}/out/screen/isholm_7x5_a_2_screen.jpg"),
        );
        // Of the print as it will be once it is trimmed out of its sheet: 7 × 5 in, its border there, no white to trim away.
        $copy = "{$this->folder}/out/screen/isholm_7x5_a_2_screen.jpg";
        self::assertSame('700 500', self::tool('identify', '-format', '%w %h', $copy));
        self::assertSame('255,255,255', self::mean($copy, '700x40+0+0'), 'the border');
        self::assertNotSame('255,255,255', self::mean($copy, '600x30+50+52'), 'the picture begins half an inch in');
    }

    private static function mean(string $path, string $part): string
    {
        return self::tool(
            'convert',
            $path,
            '-crop',
            $part,
            '-scale',
            '1x1!',
            '-depth',
            '8',
            '-format',
            '%[fx:round(255*r)],%[fx:round(255*g)],%[fx:round(255*b)]',
            'info:',
        );
    }

    /** The pixels are the picture's, reduced: against ImageMagick's own reduction. */
    public function test_a_copy_is_the_picture_reduced_and_never_enlarged(): void
    {
        $path = $this->picture('a.png', 1800, 1200);
        $this->made([
            ['make' => 'screen-copy', 'picture' => 'a.png', 'longSide' => 600, 'output' => ['quality' => 100]],
            ['make' => 'screen-copy', 'picture' => 'a.png', 'longSide' => 5000],
            [
                'make' => 'screen-copy',
                'picture' => 'a.png',
                'shape' => '500 x 625 px',
                'window' => ['x' => 0.4, 'y' => 0.5, 'tight' => 1],
                'output' => ['quality' => 100],
            ],
            ['make' => 'screen-copy', 'picture' => 'a.png', 'shape' => '4000 x 5000 px'],
        ]);
        $out = fn (int $line): string => "{$this->folder}/out/screen/isholm_a_{$line}_screen.jpg";
        self::assertLessThan(
            1.5,
            self::difference(self::pixels($path, '-filter', 'Lanczos', '-resize', '600x400!'), self::pixels($out(1)))['mean'],
        );
        self::assertSame('1800 1200', self::tool('identify', '-format', '%w %h', $out(2)), 'no larger than the picture');
        self::assertSame('500 625', self::tool('identify', '-format', '%w %h', $out(3)));
        // 4:5 of 1200 rows are 960 columns; about 0.4 of 1800 they begin at 240
        self::assertLessThan(
            1.5,
            self::difference(
                self::pixels($path, '-crop', '960x1200+240+0', '+repage', '-filter', 'Lanczos', '-resize', '500x625!'),
                self::pixels($out(3)),
            )['mean'],
        );
        self::assertSame('960 1200', self::tool('identify', '-format', '%w %h', $out(4)));
    }

    /** Sharpened for a screen, an edge is steeper; what is lifted for paper isn't lifted for a screen. */
    public function test_sharpening_is_for_the_screen_and_lifting_for_the_paper(): void
    {
        $this->picture('a.png', 1800, 1200);
        $this->made([
            ['picture' => 'a.png', 'size' => '6 x 4 in', 'screenCopy' => ['longSide' => 600, 'quality' => 100]],
            [
                'picture' => 'a.png',
                'size' => '6 x 4 in',
                'screenCopy' => ['longSide' => 600, 'quality' => 100],
                'forPaper' => ['open' => 1, 'contrast' => 0.5],
            ],
            ['picture' => 'a.png', 'size' => '6 x 4 in', 'screenCopy' => ['longSide' => 600, 'quality' => 100, 'sharpen' => true]],
        ]);
        $copy = fn (int $line): array => self::pixels("{$this->folder}/out/screen/isholm_6x4_a_{$line}_screen.jpg");
        self::assertSame(0, self::difference($copy(1), $copy(2))['max'], 'not lifted');
        self::assertGreaterThan(0, self::difference($copy(1), $copy(3))['max'], 'sharpened');
    }
}
