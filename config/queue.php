<?php

declare(strict_types=1);

// Merged into the framework's own. QUEUE_CONNECTION=redis keeps the queue on Redis (REDIS_HOST, REDIS_PORT, REDIS_PASSWORD). A job is
// given out once more when nothing was heard of it for longer than any may take (queue:work --timeout).
return [
    'connections' => [
        'redis' => ['driver' => 'redis', 'connection' => 'default', 'queue' => 'default', 'retry_after' => 660, 'block_for' => null],
    ],
];
