<?php

declare(strict_types=1);

namespace App\Console;

use App\Lists\KeptRules;
use App\Views\CodeVersion;
use Illuminate\Console\Command;

/**
 * Part of `artisan optimize`: the index of the reader's rules written out, so that no page reads the notation of all of them, and which
 * code this is, by which lines are kept.
 */
final class RulesCommand extends Command
{
    public const NAME = 'planisher:rules';

    protected $signature = self::NAME;

    protected $description = 'Keep the index of the rules that words are read by, and which code this is';

    public function handle(): int
    {
        KeptRules::write();
        CodeVersion::write();

        return self::SUCCESS;
    }
}
