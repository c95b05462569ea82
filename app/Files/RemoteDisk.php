<?php

declare(strict_types=1);

namespace App\Files;

use Aws\Exception\AwsException;
use Illuminate\Contracts\Cache\Repository;
use League\Flysystem\Config;
use League\Flysystem\FileAttributes;
use League\Flysystem\FilesystemAdapter;
use League\Flysystem\FilesystemException;
use Planisher\Imaging\Files\Checksum;

/**
 * An S3-compatible store, through Flysystem. Pixels are made and read on this machine: what is read is fetched into a scratch folder and
 * held against its sum, what is made is made there and sent whole. Each object carries its SHA-256; a PUT is there whole or not at all.
 */
final class RemoteDisk implements Disk
{
    /** Objects' own data that we write and read. */
    private const SUM = 'sha256';

    /** What is named after what is in it never changes: only that it has gone is worth a look, now and then. */
    private const NEVER_CHANGING = '~^(pictures|proxies|marks|profiles)/~';

    private const REMEMBERED_SECONDS = 300;

    private const AWAY = 'the store is away';

    private const AWAY_SECONDS = 3;

    /**
     * @param  Repository  $memory  of what this machine has seen
     * @param  bool  $isPatient  whether a store that was away a moment ago is asked again: for a page it isn't
     */
    public function __construct(
        private readonly FilesystemAdapter $store,
        private readonly string $scratch,
        private readonly Repository $memory,
        private readonly bool $isPatient = true,
    ) {}

    public function path(string $key): string
    {
        $stamp = $this->stamp($key);
        if ($stamp === null) {
            return $this->nothing($key);
        }
        $here = $this->place($stamp->sha256 ?? hash('sha256', "odd: {$key}"), $key);
        if ($stamp->sha256 !== null && is_file($here)) {
            @touch($here); // the sweep takes what nobody has asked for

            return $here;
        }

        return $this->fetch($key, $here, $stamp->sha256);
    }

    public function has(string $key): bool
    {
        return $this->stamp($key) !== null;
    }

    public function stamp(string $key): ?Stamp
    {
        if (preg_match(self::NEVER_CHANGING, $key) !== 1) {
            return $this->look($key);
        }
        $known = $this->memory->get(self::memory($key));
        if ($known instanceof Stamp) {
            return $known;
        }
        $stamp = $this->look($key);
        $stamp === null || $this->memory->put(self::memory($key), $stamp, self::REMEMBERED_SECONDS);

        return $stamp;
    }

    public function isWhole(string $key, string $sha256): bool
    {
        return $this->look($key)?->sha256 === $sha256;
    }

    public function keep(string $from, string $key, ?string $sha256 = null): void
    {
        $this->send($from, $key, $sha256 ?? Checksum::of($from));
    }

    public function repeat(string $from, string $key, string $sha256, bool $isApart = true): void
    {
        if (! $this->isFree($key, $sha256, fn (): string => $this->path($from))) {
            return;
        }
        $this->copy($from, $key);
        if ($this->look($key)?->sha256 !== $sha256) {
            $this->remove($key);
            throw CannotKeep::altered();
        }
    }

    /** Straight there: a copy of all there is would not go through the scratch folder. */
    public function hand(string $key, string $to, string $sha256): bool
    {
        $part = WholeCopy::beside($to);
        try {
            return $this->download($key, $part) && Checksum::of($part) === $sha256 && @rename($part, $to);
        } catch (CannotKeep) {
            return false;
        } finally {
            @unlink($part);
        }
    }

    public function workshop(string $key): string
    {
        $path = "{$this->scratch}/making/".getmypid()."/{$key}";
        self::room($path);

        return $path;
    }

    public function settle(string $key, ?string $sha256 = null): void
    {
        $made = $this->workshop($key);
        $sha256 ??= Checksum::of($made);
        $this->isFree($key, $sha256, fn (): string => $made) && $this->send($made, $key, $sha256);
        $here = $this->place($sha256, $key);
        self::room($here);
        @rename($made, $here);
    }

    public function move(string $from, string $to): void
    {
        $this->copy($from, $to);
        $this->remove($from);
    }

    public function remove(string $key): void
    {
        $this->asking(fn () => $this->store->delete($key));
        $this->memory->forget(self::memory($key));
    }

    public function clear(string $folder): void
    {
        $this->asking(fn () => $this->store->deleteDirectory($folder));
    }

    public function isTaken(string $folder): bool
    {
        return $this->asking(fn (): bool => $this->store->directoryExists($folder));
    }

    public function all(string $folder): iterable
    {
        try {
            // Asked page by page while it is read.
            foreach ($this->store->listContents($folder, true) as $one) {
                if ($one instanceof FileAttributes) {
                    yield $one->path() => new Stamp((int) $one->fileSize(), (int) $one->lastModified());
                }
            }
        } catch (FilesystemException|AwsException $e) {
            throw DiskAway::since($e);
        }
    }

    /** What is swept from a store is swept by its age: nothing there says when it was read. */
    public function touch(string $key): void {}

    /**
     * Whether a file still has to be sent: the same is there already, or nothing is, or only the beginning of it.
     *
     * @param  callable(): string  $ours  where the file that is to be kept lies on this machine
     *
     * @throws CannotKeep where another is there
     */
    private function isFree(string $key, string $sha256, callable $ours): bool
    {
        $there = $this->look($key);
        if ($there === null || $there->sha256 === $sha256) {
            return $there === null;
        }
        if ($there->sha256 !== null) {
            throw CannotKeep::nameTaken($key);
        }
        // Without a sum it is as much of this file as a store had when it lost power; or it isn't ours, and is kept, beside.
        if ($this->isBeginning($key, $ours())) {
            return true;
        }
        for ($n = 1; $this->look("{$key}.damaged-{$n}") !== null; $n++);
        $this->move($key, "{$key}.damaged-{$n}");

        return true;
    }

    /** Whether what is in the store is the beginning of a file of this machine. */
    private function isBeginning(string $key, string $path): bool
    {
        $there = WholeCopy::beside($path);
        try {
            $ours = @fopen($path, 'r');
            if ($ours === false || ! $this->download($key, $there)) {
                return false;
            }
            $hash = hash_init('sha256');
            hash_update_stream($hash, $ours, (int) filesize($there));

            return hash_final($hash) === Checksum::of($there);
        } finally {
            @unlink($there);
        }
    }

    /** By the store itself, which needs no reading here; some that call themselves compatible can't, and are sent it once more. */
    private function copy(string $from, string $to): void
    {
        try {
            $this->store->copy($from, $to, new Config([Config::OPTION_RETAIN_VISIBILITY => false]));
        } catch (\Throwable) {
            $here = $this->path($from);
            is_file($here) || throw CannotKeep::notKept($from);
            $this->send($here, $to, Checksum::of($here));
        }
    }

    private function send(string $from, string $key, string $sha256): void
    {
        $stream = @fopen($from, 'r') ?: throw CannotKeep::unreadable();
        try {
            $this->asking(fn () => $this->store->writeStream($key, $stream, new Config(['Metadata' => [self::SUM => $sha256]])));
        } finally {
            is_resource($stream) && fclose($stream);
        }
        $there = $this->look($key);
        if ($there?->sha256 !== $sha256 || $there->bytes !== filesize($from)) {
            throw DiskAway::sentOtherwise();
        }
        $this->memory->forget(self::memory($key));
    }

    /** Fetches a file whole. One whose sum isn't its own any more is told by its sum: whoever makes from it takes that anew. */
    private function fetch(string $key, string $here, ?string $sha256): string
    {
        self::room($here);
        $part = "{$here}.".getmypid().'.part';
        if (! $this->download($key, $part)) {
            return $this->nothing($key);
        }
        if ($sha256 !== null && Checksum::of($part) !== $sha256) {
            $here = $this->place(hash('sha256', "odd: {$key}"), $key);
            self::room($here);
        }
        rename($part, $here);

        return $here;
    }

    /** @return bool false where it isn't kept any more */
    private function download(string $key, string $path): bool
    {
        return $this->asking(function () use ($key, $path): bool {
            try {
                $from = $this->store->readStream($key);
            } catch (\Throwable $e) {
                self::isMissing($e) || throw $e;
                $this->memory->forget(self::memory($key));

                return false;
            }
            $to = @fopen($path, 'w') ?: throw CannotKeep::folderNotWritable($path);
            try {
                $isCopied = stream_copy_to_stream($from, $to) !== false;
            } finally {
                fclose($from);
                $isClosed = fclose($to);
            }
            ($isCopied && $isClosed) || throw CannotKeep::folderFull($path);

            return true;
        });
    }

    /** A look at an object, now. */
    private function look(string $key): ?Stamp
    {
        return $this->asking(function () use ($key): ?Stamp {
            try {
                $found = $this->store->fileSize($key);
            } catch (\Throwable $e) {
                return self::isMissing($e) ? null : throw $e;
            }
            $sum = array_change_key_case((array) ($found->extraMetadata()['Metadata'] ?? []))[self::SUM] ?? null;

            return new Stamp((int) $found->fileSize(), (int) $found->lastModified(), is_string($sum) ? $sum : null);
        });
    }

    /**
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    private function asking(callable $do): mixed
    {
        if (! $this->isPatient && $this->memory->has(self::AWAY)) {
            throw DiskAway::since(new \RuntimeException('It was away a moment ago.'));
        }
        try {
            return $do();
        } catch (CannotKeep|DiskAway $e) {
            throw $e;
        } catch (\Throwable $e) {
            $this->isPatient || $this->memory->put(self::AWAY, true, self::AWAY_SECONDS);
            throw DiskAway::since($e);
        }
    }

    private static function isMissing(\Throwable $e): bool
    {
        for (; $e !== null; $e = $e->getPrevious()) {
            if ($e instanceof AwsException && $e->getStatusCode() === 404) {
                return true;
            }
        }

        return false;
    }

    private static function memory(string $key): string
    {
        return "kept {$key}";
    }

    /** Where no file is. */
    private function nothing(string $key): string
    {
        return $this->place(hash('sha256', "nothing: {$key}"), $key);
    }

    /** Where a file of some sum lies on this machine. */
    private function place(string $sum, string $key): string
    {
        $ending = pathinfo($key, PATHINFO_EXTENSION);

        return "{$this->scratch}/".substr($sum, 0, 2)."/{$sum}".($ending === '' ? '' : ".{$ending}");
    }

    private static function room(string $path): void
    {
        is_dir(dirname($path)) || @mkdir(dirname($path), 0770, true) || is_dir(dirname($path)) || throw CannotKeep::scratchNotWritable();
    }
}
