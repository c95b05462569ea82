<?php

declare(strict_types=1);

// Twelve hours unused; thirty days at most (SessionOfThoseSignedIn). Secure where the site is served by TLS.
return [
    'cookie' => 'planisher_session',
    'same_site' => 'strict',
    'lifetime' => 60 * 12,
    'http_only' => true,
    'lottery' => [0, 100], // swept by planisher:sweep, and never in the middle of somebody's request
    'secure' => str_starts_with((string) env('APP_URL'), 'https://'),
];
