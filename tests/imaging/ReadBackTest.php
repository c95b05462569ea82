<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\TestCase;
use Planisher\Colour\Space;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\ReadBack\MeasuredFigure;
use Planisher\Imaging\ReadBack\ReadBack;
use Planisher\Imaging\ReadBack\Unreadable;
use Planisher\Plan\PlannedFile;

/** The read-back sees what is wrong with a file: each test spoils a good one with another program. */
final class ReadBackTest extends TestCase
{
    use Pictures;

    private int $made = 0;

    /** @return array{string, PlannedFile} */
    private function made(string $format): array
    {
        $path = $this->picture('a.jpg', 900, 600);
        $file = self::planned($path, ['size' => '4 x 6 in', 'output' => ['ppi' => 150, 'format' => $format]]);

        return [self::make($file, $path, $this->folder.'/out-'.++$this->made)->path, $file];
    }

    /** @return list<string> what disagrees */
    private static function wrong(string $path, PlannedFile $file, ?int $maxBytes = null): array
    {
        return array_map(fn (MeasuredFigure $m): string => $m->what, ReadBack::of($path, $file, $maxBytes)->disagreements());
    }

    public function test_a_good_file_agrees(): void
    {
        foreach (['jpeg', 'tiff'] as $format) {
            [$path, $file] = $this->made($format);
            self::assertSame([], self::wrong($path, $file, 10_000_000));
            $readBack = ReadBack::of($path, $file, null);
            self::assertSame([900, 600, 150.0], [$readBack->width, $readBack->height, $readBack->ppi]);
            self::assertSame(filesize($path), $readBack->bytes);
            self::assertSame($readBack->sha256, strtok(self::tool('sha256sum', $path), ' '));
        }
    }

    /** 20 × 30 cm and 3 mm of bleed on each side are 20.6 × 30.6 cm; at 300 ppi 3613 px are 30.59 cm, since every edge is a whole pixel. */
    public function test_a_size_is_told_as_it_was_asked_for(): void
    {
        $path = $this->picture('a.jpg', 900, 600);
        $file = self::planned($path, ['size' => '20 x 30 cm', 'carrier' => 'none'], ['bleed' => '3 mm']);
        self::assertSame([3613, 2432], [$file->width, $file->height]);
        $found = array_column(
            array_map(fn (MeasuredFigure $of): array => $of->toArray(), $this->readBack($path, $file)->figures),
            null,
            'what',
        );
        self::assertSame('30.6 × 20.6 cm', str_replace("\u{2009}", ' ', $found['centimetres']['found']));
        self::assertSame('30.6 × 20.6 cm', str_replace("\u{2009}", ' ', $found['centimetres']['planned']));
    }

    private function readBack(string $path, PlannedFile $file): ReadBack
    {
        return ReadBack::of(self::make($file, $path, $this->folder.'/out-'.++$this->made)->path, $file, null);
    }

    public function test_sees_a_wrong_resolution(): void
    {
        [$jpeg, $file] = $this->made('jpeg');
        self::tool('exiftool', '-q', '-overwrite_original', '-JFIF:XResolution=72', $jpeg);
        self::assertSame(['inches', 'ppi'], self::wrong($jpeg, $file));
        [$tiff, $file] = $this->made('tiff');
        self::tool('exiftool', '-q', '-overwrite_original', '-IFD0:XResolution=300', $tiff);
        self::assertSame(['inches', 'ppi'], self::wrong($tiff, $file));
    }

    public function test_sees_a_wrong_or_missing_profile(): void
    {
        foreach (['jpeg', 'tiff'] as $format) {
            [$path, $file] = $this->made($format);
            foreach (['-icc_profile<='.ShippedProfiles::path(Space::AdobeRgb), '-icc_profile='] as $with) {
                self::tool('exiftool', '-q', '-overwrite_original', $with, $path);
                self::assertSame(['profile'], self::wrong($path, $file));
            }
        }
    }

    public function test_sees_a_wrong_size(): void
    {
        [$path, $file] = $this->made('jpeg');
        self::tool('/usr/bin/convert', $path, '-crop', '899x600+0+0', '+repage', $path);
        self::assertContains('pixels', self::wrong($path, $file));
    }

    public function test_sees_a_file_too_large(): void
    {
        [$path, $file] = $this->made('jpeg');
        self::assertSame(['bytes'], self::wrong($path, $file, 1000));
    }

    public function test_sees_a_file_cut_off(): void
    {
        $cut = fn (string $path) => file_put_contents($path, substr((string) file_get_contents($path), 0, (int) (filesize($path) * 0.6)));
        [$path, $file] = $this->made('jpeg');
        $cut($path);
        self::assertSame(['whole'], self::wrong($path, $file));
        [$path, $file] = $this->made('tiff');
        $cut($path); // a TIFF's directory stands at its end
        try {
            self::wrong($path, $file);
            self::fail('it was read');
        } catch (Unreadable $e) {
            self::assertSame('A directory of its tags is cut off.', $e->getMessage());
        }
        // Bits missing in the middle, the end in its place
        [$path, $file] = $this->made('jpeg');
        $bytes = (string) file_get_contents($path);
        file_put_contents($path, substr($bytes, 0, intdiv(strlen($bytes), 2))."\xFF\xD9");
        self::assertSame(['whole'], self::wrong($path, $file));
    }

    public function test_what_is_no_file_of_ours_is_unreadable(): void
    {
        [, $file] = $this->made('jpeg');
        file_put_contents("{$this->folder}/x", 'hello');
        $this->expectException(Unreadable::class);
        ReadBack::of("{$this->folder}/x", $file, null);
    }
}
