<?php

declare(strict_types=1);

// Merged into the framework's own; nothing in storage has an address of its own. FILESYSTEM_DISK=s3 keeps the studio's files on an
// S3-compatible store (AWS_BUCKET, AWS_ENDPOINT, AWS_ACCESS_KEY_ID, AWS_SECRET_ACCESS_KEY, AWS_DEFAULT_REGION).
return [
    'default' => env('FILESYSTEM_DISK', 'local'),
    'disks' => [
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true],
        's3' => [
            'driver' => 's3',
            'key' => env('AWS_ACCESS_KEY_ID'),
            'secret' => env('AWS_SECRET_ACCESS_KEY'),
            'region' => env('AWS_DEFAULT_REGION', 'us-east-1'),
            'bucket' => env('AWS_BUCKET'),
            'endpoint' => env('AWS_ENDPOINT'),
            // A store of one's own has no name of its own for each bucket.
            'use_path_style_endpoint' => env('AWS_ENDPOINT') !== null,
            'throw' => true,
            'retries' => 2,
            'http' => ['connect_timeout' => 3, 'timeout' => 300],
        ],
    ],
];
