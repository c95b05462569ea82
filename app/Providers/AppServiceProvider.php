<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Illuminate\Support\Str;
use Planisher\Imaging\CodeTable;
use Planisher\Imaging\Profiles;

class AppServiceProvider extends ServiceProvider
{
    private const SIGN_INS_A_MINUTE = 5;

    public function boot(): void
    {
        Profiles::keptIn(storage_path('app/profiles'));
        CodeTable::keptIn(storage_path('app/previews/tables'));
        Model::shouldBeStrict($this->app->environment() !== 'production');
        RateLimiter::for('sign-in', fn (Request $request): Limit => Limit::perMinute(self::SIGN_INS_A_MINUTE)
            ->by(Str::lower($request->string('email')->value()).'|'.$request->ip())
            ->response(fn (Request $request, array $headers) => response()->json([
                'message' => "Too many tries. Wait {$headers['Retry-After']} seconds and try again.",
            ], 429, $headers)));
    }
}
