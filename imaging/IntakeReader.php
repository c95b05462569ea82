<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\PaperProfile;
use Planisher\Imaging\Child\Child;
use Planisher\Imaging\Child\Limits;
use Planisher\Imaging\Child\Stopped;
use Planisher\Imaging\Files\Checksum;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureRefused;

/** A picture or a profile that is handed in: read by a process apart, since nobody here knows what it is. */
final class IntakeReader
{
    /** Its checksum is taken beside the child. */
    private const BY_US = '';

    private const ADVICE = ' Save it as a JPEG or as a plain TIFF, and add that.';

    private ?PictureFacts $facts = null;

    private function __construct(
        private readonly Child $child,
        private readonly Checksum $checksum,
        private readonly string $name,
        public readonly bool $whole,
    ) {}

    /**
     * Begins to read a picture while other things go on.
     *
     * @param  bool  $whole  whether all of it is read, not only its header
     *
     * @throws PictureRefused
     */
    public static function begin(string $path, string $name, bool $whole): self
    {
        return self::words(function () use ($path, $name, $whole): self {
            $child = Child::start(
                ReadingTask::Facts,
                ['path' => $path, 'name' => $name, 'whole' => $whole, 'sha256' => self::BY_US],
                Limits::patient(),
            );

            return new self($child, Checksum::begin($path), $name, $whole);
        });
    }

    /**
     * Reads a picture and writes its proxies.
     *
     * @param  ?Limits  $limits  those of what somebody waits for, unless others are given
     * @param  non-empty-array<string, array{side: int, path: string}>  $proxies  the largest first
     *
     * @throws PictureRefused
     */
    public static function take(string $path, string $name, string $sha256, array $proxies, ?Limits $limits = null): PictureFacts
    {
        return self::words(function () use ($path, $name, $sha256, $proxies, $limits): PictureFacts {
            $child = Child::start(
                ReadingTask::Take,
                ['path' => $path, 'name' => $name, 'sha256' => $sha256, 'proxies' => $proxies],
                $limits ?? Limits::asked(),
            );
            $facts = $child->next();

            $read = PictureFacts::fromArray($facts);

            return $read->with(name: $name, warnings: max($read->warnings, $child->end()));
        });
    }

    /**
     * Reads the profile of a lab's paper.
     *
     * @throws PictureRefused
     */
    public static function profile(string $path, string $file): PaperProfile
    {
        try {
            $said = Child::run(ReadingTask::Profile, ['path' => $path, 'name' => $file], Limits::asked());

            return PaperProfile::fromArray(['file' => $said['file'], 'sha256' => $said['sha256'], 'description' => $said['description']]);
        } catch (Stopped $e) {
            throw PictureRefused::because("{$e->getMessage()} Ask the lab for another.", $e);
        }
    }

    /**
     * Reads a studio's mark.
     *
     * @throws PictureRefused
     */
    public static function mark(string $path, string $name): PictureFacts
    {
        try {
            return PictureFacts::fromArray(Child::run(ReadingTask::Mark, ['path' => $path, 'name' => $name], Limits::asked()))->with(
                name: $name,
            );
        } catch (Stopped $e) {
            throw PictureRefused::because($e->getMessage(), $e);
        }
    }

    /**
     * What is known of it.
     *
     * @throws PictureRefused
     */
    public function facts(): PictureFacts
    {
        return $this->facts ??= self::words(function (): PictureFacts {
            $facts = PictureFacts::fromArray($this->child->next())->with(name: $this->name, sha256: $this->checksum->hex());
            if (! $this->whole) {
                return $facts->with(isSeeThrough: $facts->alpha);
            }
            $seen = $this->child->next();

            return $facts->with(isSeeThrough: (bool) $seen['isSeeThrough'], warnings: max((int) $seen['warnings'], $this->child->end()));
        });
    }

    /** What decoders warned of, where only its header was read for its facts; asked once, when it has been made of. */
    public function warnings(): int
    {
        try {
            return max((int) $this->child->next()['warnings'], $this->child->end());
        } catch (Stopped|PictureRefused) {
            return 0; // whoever makes files of it meets the same
        }
    }

    /**
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     *
     * @throws PictureRefused
     */
    private static function words(callable $do): mixed
    {
        try {
            return $do();
        } catch (Stopped $e) {
            throw PictureRefused::because($e->getMessage().self::ADVICE, $e);
        }
    }
}
