<?php

declare(strict_types=1);

namespace App\Lists;

use App\Files\KeptPhp;
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
        KeptPhp::write(self::file(), RuleIndex::toKeep(RuleBook::general()));
    }

    private static function file(): string
    {
        return KeptPhp::file('rules.php');
    }
}
