<?php

declare(strict_types=1);

return [
    'version' => '1.6',

    // What this machine is called among those that work for the studio; by itself its host name.
    'machine' => env('PLANISHER_MACHINE'),

    // Where this machine listens for what ends TLS, or for browsers.
    'port' => (int) env('PLANISHER_PORT', 0),

    // How long a lab is waited for, a piece of a file apart.
    'lab' => ['seconds' => 20],

    // So few lines of an order that are worked anew each time cost less than keeping them.
    'lines' => ['workedAnew' => 8],

    // Bytes of files that are packed into a ZIP while somebody waits; more are packed by a worker.
    'zip' => ['mostWaitedFor' => 250_000_000],

    // The simulated lab that is started beside the demo; none beside a studio of one's own.
    'labsim' => ['url' => env('LABSIM_URL'), 'key' => env('LABSIM_KEY')],
];
