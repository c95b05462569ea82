<?php

declare(strict_types=1);

namespace Tests\imaging;

use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\FileMaker;
use Planisher\Imaging\FinishedFile;
use Planisher\Imaging\Paint\Renderer;
use Planisher\Imaging\PictureReader;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Plan\PlannedFile;
use Symfony\Component\Process\Process;
use Tests\core\LineContexts;

/** Small pictures to test with, and other people's programs to look at files with. */
trait Pictures
{
    private static ?Profiles $profiles = null;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/planisher-test-'.getmypid().'-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        self::tool('rm', '-rf', $this->folder);
        parent::tearDown();
    }

    /** A picture in which every place has a colour of its own, as JPEG 95, TIFF or PNG by its ending. */
    private function picture(string $name, int $width = 600, int $height = 400): string
    {
        $times = max($width, $height) > 1500 && $width % 4 === 0 && $height % 4 === 0 ? 4 : 1; // PHP is slow at millions of pixels
        [$width, $height] = [intdiv($width, $times), intdiv($height, $times)];
        $rows = '';
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                $rows .=
                    chr((int) ((255 * $x) / $width)).
                    chr((int) ((255 * $y) / $height)).
                    chr((int) (127 + 100 * sin($x / 23) * cos($y / 17)));
            }
        }
        $path = "{$this->folder}/{$name}";
        $image = Image::fromPixels($rows, $width, $height, 3)->as(Interpretation::Srgb);
        $image = $times === 1 ? $image : $image->run('resize', [(float) $times]);
        match (pathinfo($name, PATHINFO_EXTENSION)) {
            'jpg' => $image->save('jpegsave', $path, ['Q' => 95, 'subsample_mode' => 2]),
            'tif' => $image->save('tiffsave', $path, []),
            default => $image->save('pngsave', $path, []),
        };

        return $path;
    }

    /**
     * On its own paper, whatever the lab lists, unless the line says otherwise.
     *
     * @param  array<string, mixed>  $line
     * @param  array<string, mixed>  $lab
     */
    private static function planned(string $path, array $line = [], array $lab = []): PlannedFile
    {
        $facts = PictureReader::read($path, basename($path));
        $worked = LineContexts::work(
            ['picture' => basename($path)] + $line + ['carrier' => 'none'],
            $facts,
            $lab + ['minimumPpi' => 1, 'nameLength' => 60],
        );

        return $worked->plan->files[0] ?? throw new \LogicException('no plan');
    }

    /** Makes a file of one picture. */
    private static function make(
        PlannedFile $file,
        Sources|string $picture,
        string $folder,
        ?int $maxBytes = null,
        ?callable $progress = null,
    ): FinishedFile {
        return FileMaker::make($file, self::madeFrom($file, $picture), $folder, $maxBytes, $progress);
    }

    private static function compose(PlannedFile $file, string $picture): Image
    {
        return Renderer::compose($file, self::madeFrom($file, $picture));
    }

    /** Knows the papers that were read in this test. */
    private static function profiles(): Profiles
    {
        return self::$profiles ??= new Profiles();
    }

    private static function madeFrom(PlannedFile $file, Sources|string $picture): Sources
    {
        return is_string($picture) ? Sources::originals($picture, [$file], self::profiles()) : $picture;
    }

    /** What another program prints. */
    private static function tool(string ...$command): string
    {
        $process = new Process($command, timeout: 120);
        $process->mustRun();

        return $process->getOutput();
    }

    /** @return list<int> all samples, red green blue, as ImageMagick reads them */
    private static function pixels(string $path, string ...$steps): array
    {
        $convert = is_executable('/usr/bin/convert') ? '/usr/bin/convert' : 'convert';

        return array_values((array) unpack('C*', self::tool($convert, $path, '+profile', '*', ...$steps, ...['-depth', '8', 'rgb:-'])));
    }

    /** @return array<string, mixed> */
    private static function exif(string $path): array
    {
        return json_decode(self::tool('exiftool', '-json', '-G1', '-n', $path), true)[0];
    }

    /**
     * @param  list<int>  $a
     * @param  list<int>  $b
     * @return array{mean: float, max: int}
     */
    private static function difference(array $a, array $b): array
    {
        self::assertCount(count($a), $b);
        $differences = array_map(fn (int $x, int $y): int => abs($x - $y), $a, $b);

        return ['mean' => array_sum($differences) / count($differences), 'max' => max($differences)];
    }

    /**
     * Pixel for pixel; PHPUnit's own comparison would spell out all the samples.
     *
     * @param  list<int>  $expected
     * @param  list<int>  $found
     */
    private static function assertSamePixels(array $expected, array $found, string $message = ''): void
    {
        $differ = self::difference($expected, $found);
        self::assertSame(0, $differ['max'], "{$message}: mean difference {$differ['mean']}");
    }
}
