<?php

declare(strict_types=1);

namespace App\Console;

use App\Housekeeping\Held;
use App\Housekeeping\Keeping;
use Illuminate\Console\Command;
use Planisher\Measure\Figure;

/** bin/planisher status: what the instance holds, and how large that may become. */
final class StatusCommand extends Command
{
    protected $signature = 'planisher:status';

    protected $description = 'Tell what the instance holds and how large that may become';

    public function handle(): int
    {
        $this->table(
            ['what', 'holds', 'at most', ''],
            array_map(
                fn (Held $held): array => [
                    $held->name,
                    self::amount($held->amount, $held->unit),
                    $held->most === null ? '' : self::amount($held->most, $held->unit),
                    $held->rule,
                ],
                Keeping::all(),
            ),
        );
        $free = @disk_free_space(storage_path());
        $this->line($free === false ? '' : 'Free on its disk: '.Figure::bytes((int) $free));

        return self::SUCCESS;
    }

    private static function amount(int $amount, string $unit): string
    {
        return $unit === 'bytes' ? Figure::bytes($amount) : Figure::count($amount)." {$unit}";
    }
}
