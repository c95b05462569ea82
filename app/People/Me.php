<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Studio;
use App\Models\User;

/** Who is signed in, and to what. */
final class Me
{
    /** @return MeShape */
    public static function of(?User $person): array
    {
        return [
            'user' => $person === null ? null : ['name' => $person->name, 'email' => $person->email],
            // nobody is told what the studio is called before they are in
            'studio' => $person === null ? null : ['name' => Studio::current()->name, 'unit' => Studio::current()->unitSaid()],
            'isNew' => $person === null && User::query()->doesntExist(),
        ];
    }
}
