<?php

declare(strict_types=1);

namespace App\Backup;

use Illuminate\Filesystem\Filesystem;

/**
 * Where copies of an instance are kept: each file once under its SHA-256 in sums/, and a folder a copy in copies/ with the database, a
 * list of files, the settings and about.json, which is written last: without it a copy isn't whole.
 *
 * The list has a line a file: key, SHA-256, bytes and the second it was changed, apart by tabs.
 */
final readonly class CopyFolder
{
    public const DATABASE = 'database.sql.gz';

    public const FILES = 'files.tsv';

    public const SETTINGS = 'settings';

    public const ABOUT = 'about.json';

    private function __construct(private string $home, public string $name) {}

    public static function next(string $home): self
    {
        $now = gmdate('Y-m-d\THis\Z');
        for ($name = $now, $n = 2; is_dir("{$home}/copies/{$name}"); $name = "{$now}-".$n++);

        return new self($home, $name);
    }

    /** The newest that is whole. */
    public static function last(string $home): ?self
    {
        $whole = glob("{$home}/copies/*/".self::ABOUT) ?: [];
        sort($whole);

        return $whole === [] ? null : new self($home, basename(dirname((string) end($whole))));
    }

    /** @throws CopyRefused where there is none: a folder of copies gives its newest */
    public static function in(string $folder): self
    {
        if (is_file("{$folder}/".self::ABOUT)) {
            return new self(dirname($folder, 2), basename($folder));
        }

        return self::last($folder) ?? throw CopyRefused::noWholeCopyIn($folder);
    }

    /** What copies that were broken off have left: nobody makes another meanwhile. */
    public static function sweep(string $home): void
    {
        $files = new Filesystem();
        foreach (glob("{$home}/copies/*", GLOB_ONLYDIR) ?: [] as $folder) {
            is_file("{$folder}/".self::ABOUT) || $files->deleteDirectory($folder);
        }
        array_map(unlink(...), glob("{$home}/{sums,copies}/*/.*.part", GLOB_BRACE) ?: []);
    }

    public function path(string $file = ''): string
    {
        return "{$this->home}/copies/{$this->name}".($file === '' ? '' : "/{$file}");
    }

    public function sum(string $sha256): string
    {
        return "{$this->home}/sums/".substr($sha256, 0, 2)."/{$sha256}";
    }

    /**
     * What was written of it when it was whole.
     *
     * @return array{sha256: string, migration: string, files: int, bytes: int, list: ?string} list: the sum over the list of files; null of
     *                                                                                         copies that were made before there was one
     */
    public function about(): array
    {
        $about = json_decode((string) @file_get_contents($this->path(self::ABOUT)), true);
        $isWhole = is_array($about) && is_string($about['sha256'] ?? null) && is_string($about['migration'] ?? null);

        return $isWhole && is_int($about['files'] ?? null) && is_int($about['bytes'] ?? null)
            ? [
                'sha256' => $about['sha256'],
                'migration' => $about['migration'],
                'files' => $about['files'],
                'bytes' => $about['bytes'],
                'list' => $about['list'] ?? null,
            ]
            : throw CopyRefused::damaged($this->name, self::ABOUT);
    }

    /** @return iterable<string, array{sha256: string, bytes: int, changedAt: int}> by key */
    public function files(): iterable
    {
        $list = @fopen($this->path(self::FILES), 'r') ?: throw CopyRefused::withoutList($this->name);
        while (($line = fgets($list)) !== false) {
            [$key, $sha256, $bytes, $changedAt] = explode("\t", rtrim($line)) + ['', '', '0', '0'];
            yield $key => ['sha256' => $sha256, 'bytes' => (int) $bytes, 'changedAt' => (int) $changedAt];
        }
        fclose($list);
    }
}
