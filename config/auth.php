<?php

declare(strict_types=1);

use App\Models\User;

return [
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => User::class]],
    'passwords' => [
        // A link to choose a password by: once, within three days.
        'users' => ['provider' => 'users', 'table' => 'password_reset_tokens', 'expire' => 3 * 24 * 60, 'throttle' => 0],
    ],
];
