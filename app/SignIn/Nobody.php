<?php

declare(strict_types=1);

namespace App\SignIn;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;

/** What is checked where there is nobody, so that the time of an answer doesn't tell whether there is. */
final class Nobody
{
    /** The hash of a password that nobody has, as costly to check as everybody's. */
    public static function password(): string
    {
        return Cache::remember(
            'nobodys-password-'.config('hashing.bcrypt.rounds'),
            now()->addMonth(),
            fn (): string => Hash::make(Str::random(40)),
        );
    }
}
