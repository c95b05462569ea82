<?php

declare(strict_types=1);

namespace App\Console;

use App\Providers\AppServiceProvider;
use Illuminate\Console\Command;
use Planisher\Reading\Rule\RuleBook;
use Planisher\Reading\Rule\RuleIndex;

/** Part of `artisan optimize`: the index of the reader's rules written out, so that no page reads the notation of all of them. */
final class RulesCommand extends Command
{
    public const NAME = 'planisher:rules';

    protected $signature = self::NAME;

    protected $description = 'Keep the index of the rules that words are read by';

    public function handle(): int
    {
        RuleIndex::keep(AppServiceProvider::rulesIndex(), RuleBook::general());

        return self::SUCCESS;
    }
}
