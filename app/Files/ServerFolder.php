<?php

declare(strict_types=1);

namespace App\Files;

/** A folder on the server that somebody names: not the system's, not Planisher's own, nor one that either lies in. */
final class ServerFolder
{
    /** Of the system (Filesystem Hierarchy Standard 3.0): all that is below them, too. */
    private const SYSTEM = ['bin', 'boot', 'dev', 'etc', 'lib', 'lib32', 'lib64', 'libx32', 'proc', 'root', 'run', 'sbin', 'sys', 'usr'];

    /** Below these a folder may be, but not they themselves: others have theirs there. */
    private const SHARED = ['', 'home', 'media', 'mnt', 'opt', 'srv', 'tmp', 'var', 'var/lib', 'var/log', 'var/tmp'];

    /**
     * Why it can't be named, in words; null where it can.
     *
     * @param  string  $such  an example of one, such as /srv/pictures
     */
    public static function trouble(string $folder, string $such): ?string
    {
        $real = str_contains($folder, "\0") ? false : realpath($folder);

        return match (true) {
            ! str_starts_with($folder, '/') => "“{$folder}” is no whole path. Begin it with a /, such as {$such}.",
            $real === false || ! is_dir($real) => "“{$folder}” isn’t there. Is its disk there, is it spelled right?",
            self::isSystems($real) => "“{$folder}” is the system’s. Choose a folder of the studio’s, such as {$such}.",
            self::isOurs($real) => "“{$folder}” is Planisher’s own, or has it in it. Choose a folder outside its data.",
            default => null,
        };
    }

    private static function isSystems(string $real): bool
    {
        $within = ltrim($real, '/');

        return in_array($within, self::SHARED, true) || in_array(explode('/', $within)[0], self::SYSTEM, true);
    }

    private static function isOurs(string $real): bool
    {
        if (str_starts_with("{$real}/", dirname(storage_path()).'/pictures-folder/')) {
            return false; // the demo's: it lies in our data, and has nothing of it
        }
        foreach ([storage_path(), base_path('var'), base_path('app'), base_path('vendor')] as $ours) {
            $ours = realpath($ours) ?: $ours;
            if (str_starts_with("{$real}/", "{$ours}/") || str_starts_with("{$ours}/", "{$real}/")) {
                return true;
            }
        }

        return false;
    }
}
