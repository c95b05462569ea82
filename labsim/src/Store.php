<?php

declare(strict_types=1);

namespace LabSim;

/** Records as JSON files, each changed under its lock and written beside first: a lab that loses power has the old one or the new one. */
final class Store
{
    public function __construct(private readonly string $home)
    {
        foreach (['records', 'bytes', 'previews'] as $folder) {
            is_dir("{$home}/{$folder}") || mkdir("{$home}/{$folder}", 0770, true);
        }
    }

    public function bytes(string $id): string
    {
        return "{$this->home}/bytes/{$id}";
    }

    public function preview(string $id): string
    {
        return "{$this->home}/previews/{$id}.jpg";
    }

    /** @return ?array<string, mixed> */
    public function get(string $kind, string $id): ?array
    {
        $path = $this->path($kind, $id);

        return is_file($path) ? json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR) : null;
    }

    /**
     * Changes a record, or makes it.
     *
     * @param  callable(array<string, mixed>): array<string, mixed>  $change
     * @return array<string, mixed> as it is now
     */
    public function change(string $kind, string $id, callable $change): array
    {
        $lock = fopen($this->path($kind, $id).'.lock', 'c');
        if ($lock === false || ! flock($lock, LOCK_EX)) {
            throw new \RuntimeException("{$kind} {$id} can't be locked.");
        }
        $now = $change($this->get($kind, $id) ?? []);
        $part = $this->path($kind, $id).'.part';
        file_put_contents($part, json_encode($now, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR));
        rename($part, $this->path($kind, $id));
        flock($lock, LOCK_UN);

        return $now;
    }

    /** @return list<array<string, mixed>> of a kind, the newest first */
    public function all(string $kind): array
    {
        $paths = glob("{$this->home}/records/{$kind}-*.json") ?: [];
        usort($paths, fn (string $a, string $b): int => filectime($b) <=> filectime($a));

        return array_map(fn (string $path): array => json_decode((string) file_get_contents($path), true), $paths);
    }

    /** A number that was never given before. */
    public function next(string $of): int
    {
        return $this->change('counter', $of, fn (array $held): array => ['last' => ($held['last'] ?? 0) + 1])['last'];
    }

    private function path(string $kind, string $id): string
    {
        return "{$this->home}/records/{$kind}-".preg_replace('/[^A-Za-z0-9-]/', '_', $id).'.json';
    }
}
