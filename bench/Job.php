<?php

declare(strict_types=1);

namespace Bench;

use Planisher\Colour\Space;
use Planisher\Imaging\Colour\Lift;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Measure\PixelRect;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\PlannedFile;

/** One job as our process does it, as the bare library does it, and as ImageMagick does. */
final readonly class Job
{
    /** 6000 px on 3.5 in at 300 ppi are reduced by 5.7: unpacked at a half, the rest is the kernel's. */
    private const SHEET_SHRINK = 2;

    /** A curve of lightness, ImageMagick's own */
    private const SIGMOID = ['-colorspace', 'Lab', '-channel', 'R', '-sigmoidal-contrast', '2x50%', '+channel', '-colorspace', 'sRGB'];

    /**
     * @param  array<string, mixed>  $wanted  the line of the order file
     * @param  array<string, mixed>  $ends  how the bare program's job ends
     * @param  list<string>  $magick  what ImageMagick does once it has scaled the picture in the lab's space
     * @param  float  $seconds  that ImageMagick takes about, on two cores
     */
    private function __construct(
        public string $name,
        public array $wanted,
        public PlannedFile $file,
        private array $ends,
        private array $magick,
        public float $seconds,
    ) {}

    /** @return array<string, self> by name */
    public static function all(BenchOrders $orders): array
    {
        $jobs = [
            self::print($orders, '8 x 10 in', 6.0),
            self::print($orders, '16 x 20 in', 12.0),
            self::liftedAndSharpened($orders),
            self::canvas($orders),
            self::panels($orders),
        ];

        return array_column($jobs, null, 'name');
    }

    public static function print(BenchOrders $orders, string $size, float $seconds = 10.0): self
    {
        $wanted = ['picture' => BenchOrders::PICTURE, 'size' => $size];

        return new self(str_replace('x', '×', $size), $wanted, $orders->file($wanted), self::oneFile($orders), [], $seconds);
    }

    /** Conversion, lifting for paper and sharpening in one pass. ImageMagick does its own curve and mask in their place. */
    public static function liftedAndSharpened(BenchOrders $orders): self
    {
        $wanted = [
            'picture' => BenchOrders::PICTURE,
            'size' => '16 x 20 in',
            'forPaper' => ['open' => 0.5, 'contrast' => 0.2],
            'output' => ['sharpen' => ['surface' => 'lustre', 'strength' => 'normal']],
        ];
        $file = $orders->file($wanted);
        $sharpening = $file->encoding->sharpening ?? throw new \LogicException('It is sharpened.');

        return new self(
            '16 × 20 in, lifted, sharpened',
            $wanted,
            $file,
            self::oneFile($orders) + ['lift' => self::lift($orders, $file), 'sharpen' => $sharpening->toArray()],
            [...self::SIGMOID, '-unsharp', "0x{$sharpening->sigma}"],
            25.0,
        );
    }

    /** Mirrored edges, softened from the fold to the wall. ImageMagick blurs the edges by one sigma only, which is less work. */
    public static function canvas(BenchOrders $orders): self
    {
        $wanted = [
            'make' => 'canvas',
            'picture' => BenchOrders::PICTURE,
            'size' => '36 x 24 in',
            'canvas' => ['depth' => '1.5 in', 'soften' => 0.5],
        ];
        $file = $orders->file($wanted);
        $surround = $file->surround() ?? throw new \LogicException('A canvas has edges.');
        [$face, $sigma] = [$surround->face, $surround->sigma];

        return new self(
            '36 × 24 in canvas',
            $wanted,
            $file,
            ['wrap' => self::oneFile($orders) + ['edge' => $face->x, 'sigma' => $sigma]],
            self::wrapped($file, $face, $sigma),
            120.0,
        );
    }

    public static function panels(BenchOrders $orders): self
    {
        $wanted = [
            'make' => 'panels',
            'picture' => BenchOrders::PICTURE,
            'size' => '90 x 60 in',
            'panels' => ['columns' => [1, 1, 1]],
            'output' => ['ppi' => 150],
        ];
        $files = $orders->files($wanted);
        $high = $files[0]->pictures()[0]->target->height;
        [$cuts, $magick] = [[], []];
        foreach ($files as $i => $file) {
            $left = -$file->pictures()[0]->target->x;
            $cuts[] = [$left, $file->width, $orders->path("bare-{$i}.jpg")];
            $magick = [...$magick, '(', '+clone', '-crop', "{$file->width}x{$high}+{$left}+0", '+repage', ')'];
        }

        return new self('90 × 60 in, three panels', $wanted, $files[0], ['panels' => $cuts], [...$magick, '-delete', '0'], 60.0);
    }

    /**
     * What bench/bare.php does for a sheet of several pictures.
     *
     * @param  list<string>  $pictures  paths, cell by cell
     * @return array<string, mixed>
     */
    public static function sheet(PlannedFile $file, array $pictures, BenchOrders $orders): array
    {
        $cells = [];
        foreach ($file->pictures() as $i => $placed) {
            [$source, $target] = [$placed->source, $placed->target];
            $cells[] = [
                'in' => $pictures[$i],
                'shrink' => self::SHEET_SHRINK,
                'crop' => array_map(fn (int $edge): int => intdiv($edge, self::SHEET_SHRINK), [
                    $source->x,
                    $source->y,
                    $source->width,
                    $source->height,
                ]),
                'to' => $placed->scaledTo(),
                'at' => [$target->x, $target->y],
                'turned' => $placed->isTurned,
            ];
        }

        return [
            'cells' => $cells,
            'paper' => [$file->width, $file->height],
            'profile' => ShippedProfiles::path(Space::AdobeRgb),
            'quality' => 95,
            'out' => $orders->path('bare.jpg'),
        ];
    }

    /** Whether it takes more memory, since what is read again is held. */
    public function isLarge(): bool
    {
        return ! isset($this->ends['out']);
    }

    private function picture(): PictureLayer
    {
        return $this->file->pictures()[0];
    }

    /** @return array<string, mixed> what bench/bare.php does */
    public function bare(string $picture): array
    {
        [$source, $target] = [$this->picture()->source, $this->picture()->target];

        return [
            'in' => $picture,
            'profile' => ShippedProfiles::path(Space::AdobeRgb),
            'quality' => 95,
            'crop' => [$source->x, $source->y, $source->width, $source->height],
            'to' => [$target->width, $target->height],
        ] + $this->ends;
    }

    /** @return list<string> ImageMagick's steps */
    public function magick(): array
    {
        [$source, $target] = [$this->picture()->source, $this->picture()->target];

        return [
            '-crop',
            "{$source->width}x{$source->height}+{$source->x}+{$source->y}",
            '+repage',
            '-filter',
            'Lanczos',
            '-resize',
            "{$target->width}x{$target->height}!",
            '-intent',
            'Relative',
            '-black-point-compensation',
            '-profile',
            ShippedProfiles::path(Space::AdobeRgb),
            ...$this->magick,
            '-sampling-factor',
            '1x1',
            '-density',
            '300',
            '-units',
            'PixelsPerInch',
            '-quality',
            '95',
        ];
    }

    /** @return array<string, string> */
    private static function oneFile(BenchOrders $orders): array
    {
        return ['out' => $orders->path('bare.jpg')];
    }

    /**
     * The table that our process makes and goes by, made before.
     *
     * @return array<string, string>
     */
    private static function lift(BenchOrders $orders, PlannedFile $file): array
    {
        $lift = Lift::from(ShippedProfiles::bytes(Space::Srgb), $file->encoding, new Profiles(tables: $orders->path('tables')));

        return ['table' => $lift->table(), 'roots' => $lift->roots()];
    }

    /** @return list<string> */
    private static function wrapped(PlannedFile $file, PixelRect $face, float $sigma): array
    {
        return [
            '-virtual-pixel',
            'Mirror',
            '-filter',
            'point',
            '-interpolate',
            'Nearest',
            '-set',
            'option:distort:viewport',
            "{$file->width}x{$file->height}-{$face->x}-{$face->y}",
            '-distort',
            'SRT',
            '0',
            '+repage',
            '(',
            '+clone',
            '-blur',
            "0x{$sigma}",
            ')',
            '(',
            '-size',
            "{$face->width}x{$face->height}",
            'xc:black',
            '-bordercolor',
            'white',
            '-border',
            (string) $face->x,
            '-blur',
            '0x20',
            ')',
            '-composite',
        ];
    }
}
