<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

final class SignInController
{
    public function show(Request $request): JsonResponse
    {
        $user = $request->user();

        return response()->json(['user' => $user === null ? null : ['name' => $user->name, 'email' => $user->email]]);
    }

    public function store(Request $request): JsonResponse
    {
        $given = $request->validate(['email' => ['required', 'string', 'email', 'max:200'], 'password' => ['required', 'string', 'max:200']]);
        if (! Auth::attempt($given, true)) {
            return response()->json(['message' => 'No such e-mail and password. Check both and try again.'], 422);
        }
        $request->session()->regenerate();

        return $this->show($request);
    }

    public function destroy(Request $request): Response
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }
}
