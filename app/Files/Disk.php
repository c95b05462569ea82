<?php

declare(strict_types=1);

namespace App\Files;

/**
 * Where the studio's own files are kept: originals, proxies, made files, parcels, profiles, marks, ZIPs. A key names a file, such as
 * orders/2611-01_isholm/2026-11-26-1/a.jpg. What stands under a key is whole, always: it is written beside first, and held against its
 * SHA-256. What is meant by "on this machine" may be the kept file itself: it is read and never written.
 *
 * All of it may throw DiskAway where the disk can't be reached at the moment.
 */
interface Disk
{
    /** Where a file can be read on this machine; nothing is there where it isn't kept. */
    public function path(string $key): string;

    public function has(string $key): bool;

    /** What a look tells of a file, without reading it; null where it isn't kept. */
    public function stamp(string $key): ?Stamp;

    /** Whether it is kept, and its sum is this. */
    public function isWhole(string $key, string $sha256): bool;

    /**
     * Keeps a copy of a file of this machine; what was under its key before is replaced.
     *
     * @throws CannotKeep
     */
    public function keep(string $from, string $key, ?string $sha256 = null): void;

    /**
     * Keeps a kept file under another key, too.
     *
     * @param  bool  $isApart  what somebody does to the one doesn't reach the other; otherwise it may take no room
     *
     * @throws CannotKeep where something else is kept there already
     */
    public function repeat(string $from, string $key, string $sha256, bool $isApart = true): void;

    /**
     * Copies a kept file to a path of this machine, whole or not at all.
     *
     * @return bool whether it is there now; false where there is no room, or where it isn't what its sum says
     */
    public function hand(string $key, string $to, string $sha256): bool;

    /** Where on this machine a file is to be made that is settled under a key then. The folder is there. */
    public function workshop(string $key): string;

    /**
     * Gives what was made in its workshop its key.
     *
     * @param  ?string  $sha256  of what was made, where it is known
     *
     * @throws CannotKeep where another file is kept there: nothing that was made is overwritten
     */
    public function settle(string $key, ?string $sha256 = null): void;

    /** Moves a file to a key that is free. */
    public function move(string $from, string $to): void;

    public function remove(string $key): void;

    /** Removes all that is kept below a folder. */
    public function clear(string $folder): void;

    /** Whether anything is kept below a folder. */
    public function isTaken(string $folder): bool;

    /**
     * All that is kept below a folder.
     *
     * @return iterable<string, Stamp> by key
     */
    public function all(string $folder): iterable;

    /** Says that a file is wanted: a sweep takes what nobody has asked for. */
    public function touch(string $key): void;
}
