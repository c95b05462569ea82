<?php

declare(strict_types=1);

/** bin/planisher bench: exits 0 when every limit was kept, 1 when one was missed. */

use Bench\Bench;

require __DIR__.'/../vendor/autoload.php';

exit((new Bench(__DIR__.'/../var/bench'))->run() ? 0 : 1);
