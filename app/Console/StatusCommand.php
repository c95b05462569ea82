<?php

declare(strict_types=1);

namespace App\Console;

use App\Health\Health;
use App\Housekeeping\Held;
use App\Housekeeping\Keeping;
use Illuminate\Console\Command;
use Planisher\Measure\Figure;

/** bin/planisher status: how the instance is, what it holds, and how large that may become. Ends with 1 where something isn't well. */
final class StatusCommand extends Command
{
    protected $signature = 'planisher:status {--json : for a program to read}';

    protected $description = 'Tell how the instance is, what it holds and how large that may become';

    public function handle(Health $health, Keeping $keeping): int
    {
        $services = $health->services();
        $holds = rescue($keeping->all(...), [], report: false);
        $isWell = ! in_array(false, $services, true);
        if ($this->option('json')) {
            $told = ['isWell' => $isWell, 'services' => $services] + $health->told() + ['holds' => $holds];
            $this->line(json_encode($told, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR));

            return $isWell ? self::SUCCESS : self::FAILURE;
        }
        $this->table(
            ['is', 'how'],
            array_map(fn (string $name, bool $is): array => [$name, $is ? 'well' : 'NOT WELL'], array_keys($services), $services),
        );
        $this->table(['also', 'is'], self::flat($health->told()));
        $this->table(
            ['what', 'holds', 'at most', ''],
            array_map(
                fn (Held $held): array => [
                    $held->name,
                    self::amount($held->amount, $held->unit),
                    $held->most === null ? '' : self::amount($held->most, $held->unit),
                    $held->rule,
                ],
                $holds,
            ),
        );

        return $isWell ? self::SUCCESS : self::FAILURE;
    }

    /**
     * @param  array<string, mixed>  $told
     * @return list<array{string, string}>
     */
    private static function flat(array $told, string $of = ''): array
    {
        $rows = [];
        foreach ($told as $name => $is) {
            $rows = is_array($is)
                ? [...$rows, ...self::flat($is, "{$of}{$name} ")]
                : [...$rows, [$of.$name, $is === null ? 'not known' : (string) $is]];
        }

        return $rows;
    }

    private static function amount(int $amount, string $unit): string
    {
        return $unit === 'bytes' ? Figure::bytes($amount) : Figure::count($amount)." {$unit}";
    }
}
