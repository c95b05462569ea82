<?php

// Writes docs/states.md: where lines, files, sets and parcels may be, and where they may go.

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';

file_put_contents(__DIR__.'/../docs/states.md', App\States\Tables::text());
