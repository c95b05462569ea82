<?php

declare(strict_types=1);

use App\Logging\Discreet;
use Monolog\Formatter\JsonFormatter;
use Monolog\Formatter\LineFormatter;

// Merged into the framework's own: one file a day, kept for two weeks, for the service's user and group alone.
return [
    'channels' => [
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/laravel.log'),
            'level' => 'debug',
            'days' => 14,
            'permission' => 0640,
            'tap' => [Discreet::class],
            'formatter' => LineFormatter::class,
            'formatter_with' => ['dateFormat' => DATE_ATOM, 'allowInlineLineBreaks' => true, 'ignoreEmptyContextAndExtra' => true],
            'replace_placeholders' => true,
        ],
        // The same as JSON, a line each, for what gathers logs (PLANISHER_LOG=json).
        'json' => [
            'driver' => 'daily',
            'path' => storage_path('logs/laravel.json.log'),
            'level' => 'debug',
            'days' => 14,
            'permission' => 0640,
            'tap' => [Discreet::class],
            'formatter' => JsonFormatter::class,
            'replace_placeholders' => true,
        ],
    ],
];
