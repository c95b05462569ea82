<?php

declare(strict_types=1);

use App\Console\BackupCommand;
use App\Console\PersonCommand;
use App\Console\RecoverCommand;
use App\Console\RestoreCommand;
use App\Console\RulesCommand;
use App\Console\StatusCommand;
use App\Console\SweepCommand;
use App\Console\UpgradeCommand;
use App\Http\Middleware\BoundedJson;
use App\Http\Middleware\ContentSecurityPolicy;
use App\Http\Middleware\SessionOfThoseSignedIn;
use App\Http\PlainErrors;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        then: function (): void {
            require __DIR__.'/../routes/web.php';
        },
    )
    ->withCommands([
        BackupCommand::class,
        PersonCommand::class,
        RecoverCommand::class,
        RestoreCommand::class,
        StatusCommand::class,
        RulesCommand::class,
        SweepCommand::class,
        UpgradeCommand::class,
    ])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class); // same origin only
        $middleware->prepend(BoundedJson::class);
        $middleware->append(ContentSecurityPolicy::class);
        $middleware->validateCsrfTokens(except: ['api/sign-in', 'api/first', 'api/choose-password']); // guests have no session to hold a token in: FromThisSite
        $middleware->web(replace: [StartSession::class => SessionOfThoseSignedIn::class]);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*') || $request->expectsJson());
        PlainErrors::register($exceptions);
    })
    ->create();

$storage = getenv('PLANISHER_STORAGE');
if (is_string($storage) && $storage !== '') {
    $app->useStoragePath($storage);
}

return $app;
