<?php

declare(strict_types=1);

/**
 * From the seconds of each step of a file to what 64 workers would make: php bench/simulate.php ALONE DATABASE STORE NETWORK. The measured
 * ones are said by bin/planisher bench --pages; docs/scale.md has what came of them.
 */

use Bench\QueueLimits;

require __DIR__.'/../vendor/autoload.php';

$given = array_map(floatval(...), array_slice($argv, 1));
if (count($given) !== 4 || min($given) <= 0) {
    fwrite(STDERR, "php bench/simulate.php ALONE DATABASE STORE NETWORK: seconds of a file, each above 0, such as 0.42 0.008 0.02 0.03\n");
    exit(2);
}
(new QueueLimits($given[0], array_combine(['database', 'store', 'network'], array_slice($given, 1))))->say();
