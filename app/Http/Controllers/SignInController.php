<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\People\Me;
use App\People\Sessions;
use App\SignIn\Nobody;
use App\SignIn\Tries;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;

final class SignInController
{
    public function show(Request $request): JsonResponse
    {
        return response()->json(Me::of($request->user()));
    }

    public function store(Request $request): JsonResponse
    {
        $given = $request->validate([
            'email' => ['bail', 'required', 'string', 'max:200', 'email'],
            'password' => ['bail', 'required', 'string', 'max:200'],
        ]);
        $email = User::spelled($given['email']);
        $user = User::query()->where('email', $email)->first();
        $tries = new Tries($email, $user, (string) $request->ip());
        $waits = $tries->waits();
        $isTooOften = fn (): JsonResponse => response()->json(['message' => "Too many tries. Wait {$waits} seconds and try again."], 429, [
            'Retry-After' => $waits,
        ]);
        if ($waits > 0 && ! $tries->isFromWhereOneWas()) {
            return $isTooOften();
        }
        // The same work whether there is such a person or not, so that the time of the answer doesn't tell.
        if (! Hash::check($given['password'], $user->password ?? Nobody::password()) || $user === null) {
            $tries->failed();
            if ($waits > 0) {
                return $isTooOften();
            }

            return response()->json(['message' => 'No such e-mail and password. Check both and try again.'], 422);
        }
        $tries->succeeded();
        Sessions::begin($request, $user);

        return $this->show($request);
    }

    public function destroy(Request $request): Response
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return self::forgotten();
    }

    /** Ends every session of this person, this one among them. */
    public function everywhere(Request $request): Response
    {
        $person = $request->user();
        $person === null || Sessions::end($person);

        return $this->destroy($request);
    }

    /** Pictures that were shown leave the browser's cache, too. */
    private static function forgotten(): Response
    {
        return response()->noContent()->header('Clear-Site-Data', '"cache"');
    }
}
