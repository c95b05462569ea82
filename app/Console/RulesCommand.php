<?php

declare(strict_types=1);

namespace App\Console;

use App\Lists\KeptRules;
use Illuminate\Console\Command;

/** Part of `artisan optimize`: the index of the reader's rules written out, so that no page reads the notation of all of them. */
final class RulesCommand extends Command
{
    public const NAME = 'planisher:rules';

    protected $signature = self::NAME;

    protected $description = 'Keep the index of the rules that words are read by';

    public function handle(): int
    {
        KeptRules::write();

        return self::SUCCESS;
    }
}
