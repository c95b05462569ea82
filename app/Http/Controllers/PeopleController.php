<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\People\PasswordLink;
use App\People\Sessions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Illuminate\Validation\Rules\Password as PasswordRule;

/** The people of the studio: who they are, how they come in, and out. */
final class PeopleController
{
    public const LEAST_LETTERS = 12;

    public const WRONG = [
        'name.required' => 'Give a name.',
        'email.required' => 'Give an e-mail to sign in with.',
        'email.email' => 'That is no e-mail, such as name@studio.example.',
        'password.min' => 'A password has '.self::LEAST_LETTERS.' letters at least. A few words are better than many signs.',
        'password.required' => 'Choose a password.',
        'current.required' => 'Give the password that you have now.',
    ];

    public function store(Request $request): JsonResponse
    {
        $given = $request->validate(
            ['name' => ['required', 'string', 'max:120'], 'email' => ['required', 'string', 'max:200', 'email']],
            self::WRONG,
        );
        $email = User::spelled($given['email']);
        if (User::query()->where('email', $email)->exists()) {
            return response()->json(
                ['message' => "{$email} is in the studio already.", 'errors' => ['email' => ["{$email} is in the studio already."]]],
                422,
            );
        }
        $person = User::query()->create(['name' => trim($given['name']), 'email' => $email, 'password' => Str::random(60)]);

        return self::link($person, 201);
    }

    /** A new link, for somebody who has lost theirs or their password; it ends where they are signed in when it is used. */
    public function linked(User $person): JsonResponse
    {
        return self::link($person, 200);
    }

    public function signOut(User $person): Response
    {
        Sessions::end($person);

        return response()->noContent();
    }

    public function destroy(User $person): JsonResponse|Response
    {
        return DB::transaction(function () use ($person): JsonResponse|Response {
            if (User::query()->lockForUpdate()->count() < 2) {
                return response()->json(
                    ['message' => "{$person->name} is the last one here: nobody could sign in any more. Add somebody else first."],
                    422,
                );
            }
            Sessions::end($person);
            $person->delete();

            return response()->noContent();
        });
    }

    /** One's own password; everywhere else one is signed out by it. */
    public function password(Request $request): JsonResponse|Response
    {
        $given = $request->validate(
            [
                'current' => ['required', 'string', 'max:200'],
                'password' => ['required', 'string', 'max:200', PasswordRule::min(self::LEAST_LETTERS)],
            ],
            self::WRONG,
        );
        $person = Auth::user();
        if (! ($person instanceof User) || ! Hash::check($given['current'], $person->password)) {
            return response()->json(
                ['message' => 'That isn’t your password.', 'errors' => ['current' => ['That isn’t your password.']]],
                422,
            );
        }
        $person->update(['password' => $given['password']]);
        Sessions::end($person, $request->session()->getId()); // this one is given the new password's hash at its end

        return response()->noContent();
    }

    /** Somebody chooses a password by the link they were given. */
    public function choose(Request $request): JsonResponse|Response
    {
        $given = $request->validate(
            [
                'email' => ['required', 'string', 'max:200'],
                'token' => ['required', 'string', 'max:200'],
                'password' => ['required', 'string', 'max:200', PasswordRule::min(self::LEAST_LETTERS)],
            ],
            self::WRONG,
        );

        return PasswordLink::use(User::spelled($given['email']), $given['token'], $given['password'])
            ? response()->noContent()
            : response()->json(
                ['message' => 'This link was used already, is older than three days, or isn’t whole. Ask in the studio for a new one.'],
                422,
            );
    }

    private static function link(User $person, int $status): JsonResponse
    {
        $link = PasswordLink::for($person);

        return response()->json(['id' => $person->id, 'link' => $link, 'wasMailed' => PasswordLink::mail($person, $link)], $status);
    }
}
