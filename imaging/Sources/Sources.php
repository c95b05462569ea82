<?php

declare(strict_types=1);

namespace Planisher\Imaging\Sources;

use Planisher\Imaging\Colour\Profiles;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Layer\OverlayLayer;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\PlannedFile;

/** The pictures that files are made of, by their checksums: the originals for files, smaller copies for the screen. */
final class Sources
{
    /** @var array<string, Source> by checksum */
    private array $open = [];

    /** @var array<string, PictureFacts> of copies, by checksum */
    private array $copies = [];

    /**
     * @param  array<string, string>|string  $paths  by checksum; one path stands for every picture
     * @param  list<PlannedFile>  $files  all that will be taken from them
     */
    private function __construct(
        private readonly array|string $paths,
        private readonly array $files,
        private readonly bool $areCopies,
        public readonly Profiles $profiles,
        private readonly bool $isReadAnywhere = false,
        private readonly ?Decoded $decoded = null,
    ) {}

    /**
     * @param  array<string, string>|string  $paths  by checksum; one path stands for every picture
     * @param  list<PlannedFile>  $files  all that will be made of them
     * @param  Profiles  $profiles  what they are converted by
     * @param  ?Decoded  $decoded  holds one that other files are made of, too
     */
    public static function originals(array|string $paths, array $files, Profiles $profiles = new Profiles(), ?Decoded $decoded = null): self
    {
        return new self($paths, $files, areCopies: false, profiles: $profiles, decoded: $decoded);
    }

    /**
     * The originals, to be read in any order.
     *
     * @param  array<string, string>|string  $paths  by checksum; one path stands for every picture
     * @param  Profiles  $profiles  what they are converted by
     */
    public static function anywhere(array|string $paths, Profiles $profiles = new Profiles()): self
    {
        return new self($paths, [], areCopies: false, profiles: $profiles, isReadAnywhere: true);
    }

    /**
     * Smaller copies of the pictures, upright JPEGs as Proxy writes them.
     *
     * @param  array<string, string>|string  $paths  by checksum; one path stands for every picture
     * @param  Profiles  $profiles  what they are converted by
     */
    public static function proxies(array|string $paths, Profiles $profiles = new Profiles()): self
    {
        return new self($paths, [], areCopies: true, profiles: $profiles);
    }

    /** The same for other files. */
    public function for(PlannedFile $file): self
    {
        return new self($this->paths, [$file], areCopies: false, profiles: $this->profiles);
    }

    public function of(PictureFacts $picture): Source
    {
        return $this->open[$picture->sha256] ??= new Source(
            $this->path($picture),
            $this->isReadAgain($picture),
            $this->profiles,
            $this->decoded,
        );
    }

    public function path(PictureFacts $picture): string
    {
        return is_string($this->paths)
            ? $this->paths
            : $this->paths[$picture->sha256] ?? throw new \LogicException("“{$picture->name}” is none of these pictures.");
    }

    /** What is known of the file that is read: the picture itself, or its copy. */
    public function facts(PictureFacts $picture): PictureFacts
    {
        return $this->areCopies ? ($this->copies[$picture->sha256] ??= Proxy::facts($this->path($picture), $picture)) : $picture;
    }

    /**
     * A file's pictures, each once.
     *
     * @return list<PictureFacts>
     */
    public static function in(PlannedFile $file): array
    {
        $facts = array_map(fn (PictureLayer $placed): PictureFacts => $placed->picture, $file->pictures());

        return array_values(array_column($facts, null, 'sha256'));
    }

    /**
     * Files' marks, each once.
     *
     * @return list<PictureFacts>
     */
    public static function marksIn(PlannedFile ...$files): array
    {
        $laid = array_merge(...array_map(fn (PlannedFile $file): array => $file->overlays(), array_values($files)));
        $facts = array_map(fn (OverlayLayer $one): PictureFacts => $one->picture, $laid);

        return array_values(array_column($facts, null, 'sha256'));
    }

    /** The caption and copyright that a file carries: those of its picture; of several, what they share. */
    public function credits(PlannedFile $file): Credits
    {
        $all = array_map(fn (PictureFacts $picture): Credits => $this->of($picture)->credits($picture), self::in($file));

        return Credits::shared(array_values($all));
    }

    /** @param  int  $warnings  of its pictures' decoders, at another reading */
    public function count(PlannedFile $file, int $warnings): void
    {
        foreach (self::in($file) as $picture) {
            $this->of($picture)->count($warnings);
        }
    }

    /** Of a picture's decoder, while files were made of it. */
    public function warnings(PictureFacts $picture): int
    {
        return $this->of($picture)->warnings();
    }

    /** Whether more is taken of it than can be in one go from top to bottom. */
    private function isReadAgain(PictureFacts $picture): bool
    {
        $takes = fn (PlannedFile $file): bool => in_array($picture->sha256, array_column(self::in($file), 'sha256'), true);
        $taking = array_filter($this->files, $takes);

        return $this->isReadAnywhere ||
            count($taking) > 1 ||
            array_filter($taking, fn (PlannedFile $file): bool => $file->readsAgain()) !== [];
    }
}
