<?php

declare(strict_types=1);

/** bin/planisher bench [--quick]: exits 0 when every limit was kept, 1 when one was missed, 2 when it isn't understood. */

use Bench\Bench;
use Bench\BenchOrders;

require __DIR__.'/../vendor/autoload.php';

$words = array_slice($argv, 1);
if (array_diff($words, ['--quick']) !== []) {
    fwrite(STDERR, "usage: bin/planisher bench [--quick]\n");
    exit(2);
}
exit((new Bench(new BenchOrders(__DIR__.'/../var/bench'), $words === ['--quick']))->run() ? 0 : 1);
