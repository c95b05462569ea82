<?php

declare(strict_types=1);

/** bin/planisher bench --pages, on a throw-away instance with the demo in it. */

use Bench\Pages;
use Illuminate\Auth\Middleware\Authenticate;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Contracts\Http\Kernel as HttpKernel;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Session\Middleware\AuthenticateSession;

require __DIR__.'/../vendor/autoload.php';

$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
// Nobody signs in here: the pages are measured, not the door.
foreach ([Authenticate::class, AuthenticateSession::class, ValidateCsrfToken::class] as $door) {
    $app->instance(
        $door,
        new class
        {
            public function handle(mixed $request, Closure $next, string ...$guards): mixed
            {
                return $next($request);
            }
        },
    );
}
$app->make(HttpKernel::class);
exit((new Pages(storage_path('../pictures-folder/many')))->run() ? 0 : 1);
