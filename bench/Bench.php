<?php

declare(strict_types=1);

namespace Bench;

use Planisher\Colour\Space;
use Planisher\Imaging\Lightness;
use Planisher\Imaging\PictureReader;
use Planisher\Imaging\Preview;
use Planisher\Imaging\ProfileReader;
use Planisher\Imaging\Profiles;
use Planisher\Imaging\Proof;
use Planisher\Imaging\Proxy;
use Planisher\Imaging\Vips\Image;
use Planisher\Lab\LabCard;
use Planisher\Line\Line;
use Planisher\Naming\NameBook;
use Planisher\OrderFile\Node;
use Planisher\OrderFile\OrderHead;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Placement;
use Planisher\Plan\PlannedFile;
use Planisher\Plan\WorkedLine;

/** Our work against the same work by others, in one run on one machine. Ratios are what counts. */
final class Bench
{
    private const TURNS = 11;

    private const IMAGEMAGICK_TURNS = 3;

    private const LARGE_TURNS = 5;

    private const AGAINST_BARE = 1.25;

    private const LARGE_AGAINST_BARE = 1.3;

    private const AGAINST_IMAGEMAGICK = 4.0;

    private const MOST_MEMORY = 250_000_000;

    private const LARGE_MOST_MEMORY = 400_000_000;

    private const PLAN_MS = 5.0;

    private const PREVIEW_MS = 150.0;

    private const PROOF_MS = 200.0;

    private const LAB = [
        'name' => 'Bench',
        'sizes' => ['8 x 10 in', '16 x 20 in'],
        'colour' => 'Adobe RGB (1998)',
        'formats' => ['jpeg', 'tiff'],
        'quality' => 95,
        'minimumPpi' => 30,
        'canvas' => ['depth' => '1.5 in'],
    ];

    private bool $kept = true;

    private string $picture;

    public function __construct(private readonly string $folder) {}

    /** @return bool whether every limit was kept */
    public function run(): bool
    {
        is_dir($this->folder) || mkdir($this->folder, 0775, true);
        $this->picture = "{$this->folder}/picture.jpg";
        is_file($this->picture) || self::writePicture($this->picture);
        $facts = PictureReader::read($this->picture, 'picture.jpg');
        printf(
            "%d × %d px, %.1f MB, sRGB to Adobe RGB (1998), JPEG 95 at full colour resolution. %d turns (ImageMagick: %d), medians, %d cores.\n\n",
            $facts->width,
            $facts->height,
            $facts->bytes / 1e6,
            self::TURNS,
            self::IMAGEMAGICK_TURNS,
            (int) trim((string) shell_exec('nproc')),
        );
        $this->row('', 'ours', 'against', 'ratio', 'limit', '');
        foreach (['8 x 10 in', '16 x 20 in'] as $size) {
            $this->file($size, $facts);
        }
        $this->lifted($facts);
        $this->canvas($facts);
        $this->panels($facts);
        $this->planning($facts);
        $this->preview($facts);
        $this->proof($facts);

        return $this->kept;
    }

    /** A whole file: our process from the order file to the read-back report, against the bare steps. */
    private function file(string $size, PictureFacts $facts): void
    {
        $wanted = ['picture' => 'picture.jpg', 'size' => $size];
        $placement =
            self::worked($wanted, $facts)->plan->shown->placements[0] ??
            throw new \LogicException('The bench’s own line can’t be planned.');
        $this->against(
            $size,
            $wanted,
            $placement,
            ['out' => "{$this->folder}/bare.jpg"],
            [...self::scaled($placement), ...$this->written('magick.jpg')],
            self::TURNS,
            self::AGAINST_BARE,
            self::MOST_MEMORY,
        );
    }

    /** Conversion, lifting for paper and sharpening in one pass. ImageMagick does its own curve and mask in their place. */
    private function lifted(PictureFacts $facts): void
    {
        $wanted = [
            'picture' => 'picture.jpg',
            'size' => '16 x 20 in',
            'forPaper' => ['open' => 0.5, 'contrast' => 0.2],
            'output' => ['sharpen' => ['surface' => 'lustre', 'strength' => 'normal']],
        ];
        $file = self::worked($wanted, $facts)->plan->shown ?? throw new \LogicException('The bench’s own line can’t be planned.');
        $sharpening = $file->encoding->sharpening ?? throw new \LogicException('It is sharpened.');
        $ends = [
            'out' => "{$this->folder}/bare.jpg",
            'romm' => Lightness::profile(),
            'tone' => array_map(fn (int $step): float => $file->encoding->tone->at($step / 100), range(0, 10_000)),
            'toXyz' => Lightness::TO_XYZ,
            'fromXyz' => Lightness::fromXyz(),
            'sharpen' => $sharpening->toArray(),
        ];
        $magick = [
            ...self::scaled($file->placements[0]),
            '-colorspace',
            'Lab',
            '-channel',
            'R',
            '-sigmoidal-contrast',
            '2x50%',
            '+channel',
            '-colorspace',
            'sRGB',
            '-unsharp',
            "0x{$sharpening->sigma}",
            ...$this->written('magick.jpg'),
        ];
        $this->against(
            '16 × 20 in, lifted, sharpened',
            $wanted,
            $file->placements[0],
            $ends,
            $magick,
            self::LARGE_TURNS,
            self::AGAINST_BARE,
            self::MOST_MEMORY,
        );
    }

    /** Mirrored edges, softened from the fold to the wall. ImageMagick blurs the edges by one sigma only, which is less work. */
    private function canvas(PictureFacts $facts): void
    {
        $wanted = [
            'make' => 'canvas',
            'picture' => 'picture.jpg',
            'size' => '36 x 24 in',
            'canvas' => ['depth' => '1.5 in', 'soften' => 0.5],
        ];
        $file = self::worked($wanted, $facts)->plan->shown ?? throw new \LogicException('The bench’s own canvas can’t be planned.');
        $surround = $file->surround ?? throw new \LogicException('A canvas has edges.');
        [$face, $sigma] = [$surround->face, $surround->sigma];
        $magick = [
            ...self::scaled($file->placements[0]),
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
            ...$this->written('magick.jpg'),
        ];
        $this->against(
            '36 × 24 in canvas',
            $wanted,
            $file->placements[0],
            ['wrap' => ['out' => "{$this->folder}/bare.jpg", 'edge' => $face->x, 'sigma' => $sigma]],
            $magick,
            self::LARGE_TURNS,
            self::LARGE_AGAINST_BARE,
            self::LARGE_MOST_MEMORY,
            imagemagickTurns: 1,
        ); // it takes minutes
    }

    private function panels(PictureFacts $facts): void
    {
        $wanted = [
            'make' => 'panels',
            'picture' => 'picture.jpg',
            'size' => '90 x 60 in',
            'panels' => ['columns' => [1, 1, 1]],
            'output' => ['ppi' => 150],
        ];
        $plan = self::worked($wanted, $facts)->plan ?? throw new \LogicException('The bench’s own panels can’t be planned.');
        $placement = $plan->shown->placements[0];
        $cuts = array_map(
            fn (PlannedFile $file, int $i): array => [-$file->placements[0]->target->x, $file->width, "{$this->folder}/bare-{$i}.jpg"],
            $plan->files,
            array_keys($plan->files),
        );
        $magick = [
            ...self::scaled($placement),
            ...array_merge(
                ...array_map(
                    fn (array $cut): array => ['(', '+clone', '-crop', "{$cut[1]}x{$placement->target->height}+{$cut[0]}+0", '+repage', ')'],
                    $cuts,
                ),
            ),
            '-delete',
            '0',
            ...$this->written('magick-%d.jpg'),
        ];
        $this->against(
            '90 × 60 in, three panels',
            $wanted,
            $placement,
            ['panels' => $cuts],
            $magick,
            self::LARGE_TURNS,
            self::LARGE_AGAINST_BARE,
            self::LARGE_MOST_MEMORY,
        );
    }

    /**
     * Our process on a line, the bare library on the same job, ImageMagick on the same steps.
     *
     * @param  array<string, mixed>  $wanted
     * @param  array<string, mixed>  $ends  how the bare job ends
     * @param  list<string>  $magick  what ImageMagick does once it has read the picture
     */
    private function against(
        string $what,
        array $wanted,
        Placement $placement,
        array $ends,
        array $magick,
        int $turns,
        float $limit,
        int $memory,
        int $imagemagickTurns = self::IMAGEMAGICK_TURNS,
    ): void {
        $order = "{$this->folder}/order.json";
        file_put_contents(
            $order,
            json_encode([
                'planisher' => 1,
                'order' => ['number' => '1', 'client' => 'Bench', 'date' => '2026-11-24'],
                'lab' => self::LAB,
                'lines' => [$wanted],
            ]),
        );
        [$source, $target] = [$placement->source, $placement->target];
        file_put_contents(
            "{$this->folder}/bare.json",
            json_encode(
                [
                    'in' => $this->picture,
                    'profile' => Profiles::path(Space::AdobeRgb),
                    'quality' => 95,
                    'crop' => [$source->x, $source->y, $source->width, $source->height],
                    'to' => [$target->width, $target->height],
                ] + $ends,
            ),
        );
        $out = "{$this->folder}/out";
        $clear = fn () => array_map(unlink(...), glob("{$out}/*") ?: []);
        $php = [PHP_BINARY, '-d', 'ffi.enable=1'];
        $make = [dirname(__DIR__).'/bin/planisher', 'make', $order, '--pictures', $this->folder, '--out', $out];
        ['ours' => $ours, 'bare' => $bare] = Measured::inTurns(
            $turns,
            ['ours' => $make, 'bare' => [...$php, '-d', 'memory_limit=1G', __DIR__.'/bare.php', "{$this->folder}/bare.json"]],
            $clear,
        );
        ['ours' => $again, 'magick' => $theirs] = Measured::inTurns(
            $imagemagickTurns,
            [
                'ours' => $make,
                'magick' => [
                    'env',
                    'MAGICK_CONFIGURE_PATH='.__DIR__.'/magick', // Debian's limits are too tight for such pictures
                    is_executable('/usr/bin/convert') ? '/usr/bin/convert' : 'convert',
                    $this->picture,
                    ...$magick,
                ],
            ],
            $clear,
        );

        $this->ratio("{$what}, whole process", $ours, 'bare libvips, FFI', $bare, Measured::ratio($ours, $bare), $limit);
        $this->ratio(
            "{$what}, whole process",
            $again,
            'ImageMagick',
            $theirs,
            Measured::ratio($theirs, $again),
            self::AGAINST_IMAGEMAGICK,
            atLeast: true,
        );
        $this->limit("{$what}, peak memory", Measured::mostBytes($ours) / 1e6, $memory / 1e6, 'MB');
    }

    /** @return list<string> ImageMagick's steps up to the scaled picture in the lab's space */
    private static function scaled(Placement $placement): array
    {
        [$source, $target] = [$placement->source, $placement->target];

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
            Profiles::path(Space::AdobeRgb),
        ];
    }

    /** @return list<string> */
    private function written(string $name): array
    {
        return ['-sampling-factor', '1x1', '-density', '300', '-units', 'PixelsPerInch', '-quality', '95', "{$this->folder}/{$name}"];
    }

    private function planning(PictureFacts $facts): void
    {
        $wanted = ['picture' => 'picture.jpg', 'size' => '8 x 10 in', 'window' => ['x' => 0.4, 'y' => 0.5, 'tight' => 1.2]];
        $this->limit('plan and findings of a line', self::milliseconds(200, fn () => self::worked($wanted, $facts)), self::PLAN_MS, 'ms');
    }

    private function preview(PictureFacts $facts): void
    {
        $proxy = "{$this->folder}/proxy.jpg";
        Proxy::write($this->picture, $facts, 2048, $proxy);
        $file =
            self::worked(['picture' => 'picture.jpg', 'size' => '8 x 10 in'], $facts)->plan->files[0] ??
            throw new \LogicException('The bench’s own line can’t be planned.');
        $this->limit(
            'preview, 1600 px, warm proxy',
            self::milliseconds(9, fn () => Preview::write($file, $proxy, 1600, "{$this->folder}/preview.jpg")),
            self::PREVIEW_MS,
            'ms',
        );
    }

    /** The soft proof and the hatching of what is out of gamut, each at 1600 px. */
    private function proof(PictureFacts $facts): void
    {
        $proxy = "{$this->folder}/proxy.jpg";
        $paper = ProfileReader::read($path = dirname(__DIR__).'/demo/profiles/simulated-lustre.icc', 'simulated-lustre.icc');
        Profiles::know($paper, $path);
        $file =
            self::worked(['picture' => 'picture.jpg', 'size' => '8 x 10 in'], $facts)->plan->shown ??
            throw new \LogicException('The bench’s own line can’t be planned.');
        $this->limit(
            'soft proof, 1600 px, warm preview',
            self::milliseconds(9, fn () => Proof::write($file, $paper, "{$this->folder}/preview.jpg", "{$this->folder}/proof.jpg")),
            self::PROOF_MS,
            'ms',
        );
        $this->limit(
            'gamut hatching, 1600 px, warm proxy',
            self::milliseconds(9, fn () => Proof::hatching($file, $paper, $proxy, 1600, "{$this->folder}/gamut.png")),
            self::PROOF_MS,
            'ms',
        );
    }

    /** @param  array<string, mixed>  $wanted */
    private static function worked(array $wanted, PictureFacts $facts): WorkedLine
    {
        $line = Line::fromNode(Node::root($wanted));
        $lab = LabCard::fromNode(Node::root(self::LAB));

        return WorkedLine::work($line, $facts, $lab, NameBook::names(new OrderHead('1', 'Bench', '2026-11-24'), $lab, [1 => $line])[1]);
    }

    /** The middle one of some calls. */
    private static function milliseconds(int $calls, callable $call): float
    {
        $call();
        $took = [];
        for ($i = 0; $i < $calls; $i++) {
            $started = hrtime(true);
            $call();
            $took[] = (hrtime(true) - $started) / 1e6;
        }
        sort($took);

        return $took[intdiv($calls, 2)];
    }

    /** 24 megapixels with a photograph's detail: a demo picture enlarged, and grain over it so that it packs like one. */
    private static function writePicture(string $path): void
    {
        $grain = Image::gaussianNoise(6000, 4000, 6.0);
        Image::open(dirname(__DIR__).'/demo/pictures/lighthouse-point.jpg', streamed: false)
            ->run('affine', [6000 / 4200, 0.0, 0.0, 4000 / 2800], ['interpolate' => 'bicubic', 'oarea' => [0, 0, 6000, 4000]])
            ->plus($grain)
            ->withBlob('icc-profile-data', Profiles::bytes(Space::Srgb))
            ->save('jpegsave', $path, ['Q' => 95]);
    }

    /**
     * @param  non-empty-list<Measured>  $ours
     * @param  non-empty-list<Measured>  $theirs
     */
    private function ratio(
        string $what,
        array $ours,
        string $against,
        array $theirs,
        float $ratio,
        float $limit,
        bool $atLeast = false,
    ): void {
        $keeps = $atLeast ? $ratio >= $limit : $ratio <= $limit;
        $this->row(
            $what,
            sprintf('%.2f s', Measured::medianSeconds($ours)),
            sprintf('%s %.2f s', $against, Measured::medianSeconds($theirs)),
            sprintf('%.2f', $ratio),
            ($atLeast ? 'at least ' : 'at most ').$limit,
            $keeps ? 'kept' : 'MISSED',
        );
        $this->kept = $this->kept && $keeps;
    }

    private function limit(string $what, float $ours, float $limit, string $unit): void
    {
        $this->row(
            $what,
            sprintf('%.1f %s', $ours, $unit),
            '',
            sprintf('%.2f', $ours / $limit),
            "at most {$limit} {$unit}",
            $ours <= $limit ? 'kept' : 'MISSED',
        );
        $this->kept = $this->kept && $ours <= $limit;
    }

    private function row(string ...$cells): void
    {
        $widths = [42, 12, 28, 8, 17, 8];
        echo rtrim(
            implode(
                '',
                array_map(fn (string $cell, int $width): string => $cell.str_repeat(' ', max(1, $width - mb_strlen($cell))), $cells, $widths),
            ),
        ),
        "\n";
    }
}
