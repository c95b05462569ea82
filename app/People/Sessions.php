<?php

declare(strict_types=1);

namespace App\People;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Where somebody is signed in. */
final class Sessions
{
    /** When somebody signed in, in their session. */
    public const SINCE = 'signed_in_at';

    public static function begin(Request $request, User $person): void
    {
        Auth::guard('web')->login($person);
        $request->session()->regenerate(true);
        $request->session()->put(self::SINCE, now()->getTimestamp());
    }

    /** Ends all of them, but one where it is named. */
    public static function end(User $person, ?string $but = null): void
    {
        DB::table(config('session.table'))
            ->where('user_id', $person->id)
            ->when($but !== null, fn ($query) => $query->where('id', '!=', $but))
            ->delete();
        $person->forceFill(['remember_token' => Str::random(60)])->save();
    }
}
