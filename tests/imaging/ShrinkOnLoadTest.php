<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Imaging\Vips\Image;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\PlannedFile;

/** JPEGs that are printed small are unpacked at a fraction; held against the same pixels as PNG, which is unpacked whole. */
final class ShrinkOnLoadTest extends TestCase
{
    use Pictures;

    /** The one picture that is planned on a file. */
    private static function placed(PlannedFile $file): PictureLayer
    {
        return $file->pictures()[0] ?? self::fail('no picture');
    }

    /** @return array<string, array{int, array<string, float>}> ppi and window */
    public static function windows(): array
    {
        return [
            'halved, whole' => [400, ['x' => 0.5, 'y' => 0.5, 'tight' => 1.0]],
            'halved, edges within pixels' => [400, ['x' => 0.5003, 'y' => 0.4987, 'tight' => 1.0371]],
            'a quarter' => [200, ['x' => 0.4503, 'y' => 0.4987, 'tight' => 1.0371]],
            'an eighth' => [100, ['x' => 0.4503, 'y' => 0.4987, 'tight' => 1.0371]],
        ];
    }

    /** @param  array<string, float>  $window */
    #[DataProvider('windows')]
    public function test_an_edge_stays_where_it_is(int $ppi, array $window): void
    {
        $edge = 1973; // neither a fraction's pixel nor libjpeg's block ends there
        $rows = str_repeat(str_repeat("\x20\x20\x20", $edge).str_repeat("\xd0\xd0\xd0", 4800 - $edge), 3200);
        $path = "{$this->folder}/edge.jpg";
        Image::fromPixels($rows, 4800, 3200, 3)->save('jpegsave', $path, ['Q' => 98, 'subsample_mode' => 2]);
        $file = self::planned($path, ['size' => '3 x 2 in', 'window' => $window, 'output' => ['ppi' => $ppi, 'format' => 'tiff']]);
        $placed = self::placed($file);
        $made = self::pixels(self::make($file, $path, "{$this->folder}/out")->path, '-colorspace', 'sRGB');
        $middle = array_slice($made, 3 * $file->width * intdiv($file->height, 2), 3 * $file->width);
        $light = array_sum(array_filter($middle, fn (int $i): bool => $i % 3 === 0, ARRAY_FILTER_USE_KEY));
        $found = ($file->width * 208 - $light) / (208 - 32);
        $expected = (($edge - $placed->source->x) / $placed->source->width) * $file->width;
        self::assertEqualsWithDelta($expected, $found, 0.06, 'in pixels of the file');
    }

    /** @param  array<string, float>  $window */
    #[DataProvider('windows')]
    public function test_it_looks_the_same(int $ppi, array $window): void
    {
        $jpeg = $this->picture('a.jpg', 4800, 3200);
        self::tool('vips', 'copy', $jpeg, "{$this->folder}/a.png");
        $line = ['size' => '3 x 2 in', 'window' => $window, 'output' => ['ppi' => $ppi, 'format' => 'tiff']];
        $made = function (string $path) use ($line): array {
            return self::pixels(self::make(self::planned($path, $line), $path, "{$this->folder}/".basename($path).'.out')->path);
        };
        $differ = self::difference($made("{$this->folder}/a.png"), $made($jpeg));
        self::assertLessThan(0.5, $differ['mean']);
        self::assertLessThanOrEqual(6, $differ['max']);
    }

    /** @return iterable<string, array{int}> */
    public static function orientations(): iterable
    {
        foreach (range(1, 8) as $orientation) {
            yield "orientation {$orientation}" => [$orientation];
        }
    }

    #[DataProvider('orientations')]
    public function test_it_stands_upright(int $orientation): void
    {
        $jpeg = $this->picture('a.jpg', 2404, 1604);
        self::tool('exiftool', '-q', '-overwrite_original', '-n', "-Orientation={$orientation}", $jpeg);
        self::tool('convert', $jpeg, '-auto-orient', "{$this->folder}/a.png");
        $line = ['size' => '3 x 2 in', 'turn' => 'landscape', 'window' => ['x' => 0.51, 'y' => 0.47, 'tight' => 1.1]];
        $line += ['output' => ['ppi' => 90, 'format' => 'tiff']];
        $made = fn (string $path): array => self::pixels(
            self::make(self::planned($path, $line), $path, "{$this->folder}/".basename($path).'.out')->path,
        );
        self::assertLessThan(0.6, self::difference($made("{$this->folder}/a.png"), $made($jpeg))['mean']);
    }
}
