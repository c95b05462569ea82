<?php

declare(strict_types=1);

namespace App\Files;

/** What is worked out once for this code, in a file of PHP beside what is kept of the configuration and the routes. */
final class KeptPhp
{
    public static function file(string $name): string
    {
        return dirname(app()->getCachedConfigPath())."/{$name}";
    }

    public static function write(string $file, mixed $value): void
    {
        $beside = "{$file}.".getmypid();
        if (file_put_contents($beside, '<?php return '.var_export($value, true).';') === false || ! rename($beside, $file)) {
            throw new \RuntimeException("What is kept of the code could not be written to {$file}.");
        }
    }
}
