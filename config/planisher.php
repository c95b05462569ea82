<?php

declare(strict_types=1);

return [
    // How long a lab is waited for, a piece of a file apart.
    'lab' => ['seconds' => 20],

    // The simulated lab that is started beside the demo; none beside a studio of one's own.
    'labsim' => ['url' => env('LABSIM_URL'), 'key' => env('LABSIM_KEY')],
];
