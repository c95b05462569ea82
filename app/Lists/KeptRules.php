<?php

declare(strict_types=1);

namespace App\Lists;

use Planisher\Reading\Rule\RuleBook;
use Planisher\Reading\Rule\RuleIndex;

/** The index of the rules that words are read by, in a file beside what is kept of the configuration and the routes. */
final class KeptRules
{
    public static function read(): mixed
    {
        return is_file(self::file()) ? require self::file() : null;
    }

    public static function write(): void
    {
        $beside = self::file().'.'.getmypid();
        $php = '<?php return '.var_export(RuleIndex::toKeep(RuleBook::general()), true).';';
        if (file_put_contents($beside, $php) === false || ! rename($beside, self::file())) {
            throw new \RuntimeException('The index of the rules could not be written to '.self::file().'.');
        }
    }

    private static function file(): string
    {
        return dirname(app()->getCachedConfigPath()).'/rules.php';
    }
}
