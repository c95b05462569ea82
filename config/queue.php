<?php

declare(strict_types=1);

// Merged into the framework's own. QUEUE_CONNECTION=redis keeps the queue on Redis (REDIS_HOST, REDIS_PORT, REDIS_PASSWORD). What a dead
// worker held is handed back by HandBack; by itself a queue gives a job out once more only after longer than any may take.
$longest = 6 * 3600;

return [
    'connections' => [
        'database' => [
            'driver' => 'database',
            'connection' => null,
            'table' => 'jobs',
            'queue' => 'default',
            'retry_after' => $longest,
            'after_commit' => false,
        ],
        'redis' => ['driver' => 'redis', 'connection' => 'default', 'queue' => 'default', 'retry_after' => $longest, 'block_for' => null],
    ],
];
