<?php

declare(strict_types=1);

namespace App\Views;

use App\Files\KeptPhp;

/** Which code it is that works lines and tells of them: what other code has kept is worked anew. */
final class CodeVersion
{
    /** Where all lies that a line as it is told depends on, beside its data. */
    private const FOLDERS = ['core', 'imaging/Type', 'app/Lines', 'app/Models'];

    private static ?string $now = null;

    /** As it was written by `artisan optimize`; without that the code is read once a process. */
    public static function now(): string
    {
        return self::$now ??= is_file(self::file()) ? (string) require self::file() : self::read();
    }

    public static function write(): void
    {
        KeptPhp::write(self::file(), self::read());
    }

    private static function read(): string
    {
        $sums = [];
        foreach (self::FOLDERS as $folder) {
            $all = new \RecursiveDirectoryIterator(base_path($folder), \FilesystemIterator::SKIP_DOTS);
            foreach (new \RecursiveIteratorIterator($all) as $file) {
                $sums[] = hash_file('xxh128', $file->getPathname());
            }
        }
        sort($sums);

        return hash('xxh128', implode('', $sums));
    }

    private static function file(): string
    {
        return KeptPhp::file('code.php');
    }
}
