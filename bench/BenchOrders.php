<?php

declare(strict_types=1);

namespace Bench;

use Planisher\Colour\Space;
use Planisher\Finish\LineReader;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\PictureReader;
use Planisher\Imaging\Vips\Image;
use Planisher\Lab\LabCard;
use Planisher\Naming\NameBook;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderHead;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\PlannedFile;

/** What is measured with: a folder of pictures, and orders of one lab. */
final class BenchOrders
{
    public const PICTURE = 'picture-0.jpg';

    /** Orders take a picture of these, one after the other. */
    public const PICTURES = 10;

    private const LAB = [
        'name' => 'Bench',
        'sizes' => ['4 x 6 in', '5 x 7 in', '8 x 10 in', '11 x 14 in', '16 x 20 in'],
        'colour' => 'Adobe RGB (1998)',
        'formats' => ['jpeg', 'tiff'],
        'quality' => 95,
        'minimumPpi' => 30,
        'canvas' => ['depth' => '1.5 in'],
    ];

    /** The bare program, in a PHP that loads no more than it needs. */
    private const BARE = [PHP_BINARY, '-n', '-d', 'extension=ffi', '-d', 'ffi.enable=1', '-d', 'memory_limit=1G'];

    private const ORDER = ['number' => '1', 'client' => 'Bench', 'date' => '2026-11-24'];

    private ?PictureFacts $facts = null;

    public function __construct(private readonly string $folder)
    {
        is_dir($folder) || mkdir($folder, 0775, true);
    }

    public function path(string $name): string
    {
        return "{$this->folder}/{$name}";
    }

    public function picture(int $number = 0): string
    {
        $path = $this->path("picture-{$number}.jpg");
        is_file($path) || self::writePicture($path, 6.0 + $number / 10);

        return $path;
    }

    public function facts(): PictureFacts
    {
        return $this->facts ??= PictureReader::read($this->picture(), self::PICTURE);
    }

    /** @param  array<string, mixed>  $wanted */
    public function worked(array $wanted): WorkedLine
    {
        $line = LineReader::read(JsonNode::root($wanted));
        $lab = LabCard::fromNode(JsonNode::root(self::LAB));
        $head = new OrderHead(self::ORDER['number'], self::ORDER['client'], self::ORDER['date']);

        return WorkedLine::work(
            $line,
            array_fill(0, count($line->pictures()), $this->facts()),
            $lab,
            NameBook::names($head, $lab, [1 => $line])[1],
        );
    }

    /**
     * @param  array<string, mixed>  $wanted
     * @return non-empty-list<PlannedFile>
     */
    public function files(array $wanted): array
    {
        return $this->worked($wanted)->plan->files ?? throw new \LogicException('The bench’s own line can’t be planned.');
    }

    /** @param  array<string, mixed>  $wanted */
    public function file(array $wanted): PlannedFile
    {
        return $this->files($wanted)[0];
    }

    /**
     * Our whole process on an order of these lines.
     *
     * @param  list<array<string, mixed>>  $lines
     * @return non-empty-list<string> the command
     */
    public function make(array $lines): array
    {
        $order = $this->path('order-'.substr(hash('sha256', (string) json_encode($lines)), 0, 8).'.json');
        file_put_contents($order, json_encode(['planisher' => 1, 'order' => self::ORDER, 'lab' => self::LAB, 'lines' => $lines]));

        return [dirname(__DIR__).'/bin/planisher', 'make', $order, '--pictures', $this->folder, '--out', $this->path('out')];
    }

    /**
     * The bare library on a job.
     *
     * @param  array<string, mixed>  $job
     * @return non-empty-list<string> the command
     */
    public function bare(array $job): array
    {
        $path = $this->path('bare-'.substr(hash('sha256', (string) json_encode($job)), 0, 8).'.json');
        file_put_contents($path, json_encode($job));

        return [...self::BARE, __DIR__.'/bare.php', $path];
    }

    /**
     * The bare library on many jobs, some of them at once.
     *
     * @param  list<array<string, mixed>>  $jobs
     * @return non-empty-list<string> the command
     */
    public function bareAtOnce(array $jobs, int $atOnce): array
    {
        $paths = [];
        foreach ($jobs as $job) {
            $command = $this->bare($job);
            $paths[] = $command[count($command) - 1];
        }
        file_put_contents($list = $this->path('jobs.txt'), implode("\n", $paths)."\n");

        return ['xargs', '--arg-file', $list, '--max-procs', (string) $atOnce, '--max-args', '1', ...self::BARE, __DIR__.'/bare.php'];
    }

    /**
     * @param  list<string>  $steps  what ImageMagick does once it has read the picture
     * @return non-empty-list<string> the command
     */
    public function magick(array $steps): array
    {
        return [
            'env',
            'MAGICK_CONFIGURE_PATH='.__DIR__.'/magick', // Debian's limits are too tight for such pictures
            is_executable('/usr/bin/convert') ? '/usr/bin/convert' : 'convert',
            $this->picture(),
            ...$steps,
            $this->path('magick-%d.jpg'),
        ];
    }

    /** Takes away what was made. */
    public function clear(): void
    {
        array_map(unlink(...), glob($this->path('out/*')) ?: []);
    }

    /**
     * 24 megapixels with a photograph's detail: a demo picture enlarged, and grain over it so that it packs like one.
     *
     * @param  float  $sigma  of the grain, in codes
     */
    private static function writePicture(string $path, float $sigma): void
    {
        $grain = Image::gaussianNoise(6000, 4000, $sigma);
        Image::open(dirname(__DIR__).'/demo/pictures/lighthouse-point.jpg', streamed: false)
            ->run('affine', [6000 / 4200, 0.0, 0.0, 4000 / 2800], ['interpolate' => 'bicubic', 'oarea' => [0, 0, 6000, 4000]])
            ->plus($grain)
            ->withProfile(ShippedProfiles::bytes(Space::Srgb))
            ->save('jpegsave', $path, ['Q' => 95]);
    }
}
