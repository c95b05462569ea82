<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Imaging\Child\Task;
use Planisher\Imaging\Colour\ProfileReader;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\Inspect\Hints;
use Planisher\Imaging\Inspect\OneToOne;
use Planisher\Imaging\Inspect\Weight;
use Planisher\Imaging\Intake\SecondReader;
use Planisher\Imaging\Sources\Original;
use Planisher\Imaging\Sources\Proxy;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureFormat;
use Planisher\Picture\PictureRefused;

/** What is done with a stranger's file in a process of its own. What goes in and comes out is plain data. */
enum ReadingTask: string implements Task
{
    /** A picture's facts, then how it went to read all of it; where it is made of anyway, by its second reader alone. */
    case Facts = 'facts';

    /** A picture's facts, its proxies, and where its weight lies. */
    case Take = 'take';

    case Profile = 'profile';

    /** A studio's mark's facts. */
    case Mark = 'mark';

    case Weight = 'weight';

    case OneToOne = 'one-to-one';

    /** A JPEG is unpacked at the smallest of these fractions that leaves out no row: libvips rounds down. */
    private const FRACTIONS = [8, 4, 2];

    /**
     * @param  array<string, mixed>  $given
     * @return iterable<array<string, mixed>>
     *
     * @throws PictureRefused
     */
    public function do(array $given): iterable
    {
        return match ($this) {
            self::Facts => self::facts($given['path'], $given['name'], $given['whole'], $given['sha256'] ?? null),
            self::Take => [self::take($given['path'], $given['name'], $given['sha256'], $given['proxies'])],
            self::Mark => [MarkReader::read($given['path'], $given['name'])->toArray()],
            self::Profile => [ProfileReader::read($given['path'], $given['name'])->toArray()],
            self::Weight => [
                Weight::estimate($given['file'], Sources::anywhere($given['paths'], new Profiles(papers: $given['profiles'])))->toArray(),
            ],
            self::OneToOne => [self::oneToOne($given)],
        };
    }

    /** @return \Generator<array<string, mixed>> */
    private static function facts(string $path, string $name, bool $whole, ?string $sha256): \Generator
    {
        $facts = PictureReader::read($path, $name, $sha256);
        yield $facts->toArray();
        $beside = self::secondReader($path, $facts);
        if (! $whole) {
            yield ['warnings' => (int) $beside?->hasWarned()];

            return;
        }
        try {
            yield ['isSeeThrough' => self::unpacked($path, $facts), 'warnings' => (int) $beside?->hasWarned()];
        } catch (VipsError $e) {
            throw Proxy::refusal($e);
        }
    }

    /** All of it read once, a JPEG at a fraction of its size, which still reads all of its bits. */
    private static function unpacked(string $path, PictureFacts $facts): bool
    {
        if ($facts->alpha || $facts->isUnusual) {
            return Original::isSeeThrough($path, $facts);
        }
        Image::open($path, shrink: self::fraction($facts), page: $facts->page)->mean();

        return false;
    }

    private static function secondReader(string $path, PictureFacts $facts): ?SecondReader
    {
        return $facts->format === PictureFormat::Jpeg ? SecondReader::begin($path, $facts->channels) : null;
    }

    private static function fraction(PictureFacts $facts): int
    {
        $rows = $facts->orientation >= 5 ? $facts->width : $facts->height;

        return array_values(array_filter(self::FRACTIONS, fn (int $one): bool => $rows % $one === 0))[0] ?? 1;
    }

    /**
     * @param  non-empty-array<string, array{side: int, path: string}>  $proxies  the largest first
     * @return array<string, mixed>
     */
    private static function take(string $path, string $name, string $sha256, array $proxies): array
    {
        $facts = PictureReader::read($path, $name, $sha256);
        $beside = self::secondReader($path, $facts);
        $from = null;
        foreach ($proxies as $proxy) {
            $from === null
                ? Proxy::write($path, $facts, $proxy['side'], $proxy['path'])
                : Proxy::smaller($from, $proxy['side'], $proxy['path']);
            $from ??= $proxy['path'];
        }

        if ($facts->format === PictureFormat::Jpeg && self::fraction($facts) !== self::FRACTIONS[0]) {
            self::unpacked($path, $facts); // a proxy leaves out its last rows
        }

        return $facts
            ->with(
                isSeeThrough: Original::isSeeThrough($path, $facts),
                contrast: Hints::contrast($from),
                warnings: (int) $beside?->hasWarned(),
            )
            ->toArray();
    }

    /**
     * @param  array<string, mixed>  $given  file, paths by checksum, the folder of profiles, x, y, width, height and to
     * @return array<string, mixed>
     */
    private static function oneToOne(array $given): array
    {
        $file = $given['file'];
        $originals = Sources::originals($given['paths'], [$file], new Profiles(papers: $given['profiles']));
        OneToOne::write($file, $originals, $given['x'], $given['y'], $given['width'], $given['height'], $given['to']);

        return [];
    }
}
