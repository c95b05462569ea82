<?php

declare(strict_types=1);

namespace App\Http;

use App\Errors\Gone;
use App\Errors\NotJustNow;
use App\Errors\NotPossible;
use App\Files\CannotKeep;
use App\Files\DiskAway;
use App\Pictures\FolderAway;
use Illuminate\Database\ConcurrencyErrorDetector;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Routing\Exceptions\InvalidSignatureException;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Planisher\Imaging\Sources\Proxy;
use Planisher\OrderFile\OrderFileError;
use Planisher\Picture\PictureRefused;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/** Turns what goes wrong into words: mendable errors say what to do, all others carry the id they are logged under. */
final class PlainErrors
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([OrderFileError::class, FolderAway::class]);
        $exceptions->map(Gone::class, fn (Gone $e) => new NotFoundHttpException($e->getMessage(), $e));
        $exceptions->map(NotPossible::class, fn (NotPossible $e) => new UnprocessableEntityHttpException($e->getMessage(), $e));
        $exceptions->map(NotJustNow::class, fn (NotJustNow $e) => new ServiceUnavailableHttpException(null, $e->getMessage(), $e));
        $exceptions->render(fn (DiskAway $e): JsonResponse => self::say($e->getMessage(), 503));
        $exceptions->render(fn (CannotKeep $e): JsonResponse => self::say(ucfirst($e->getMessage()), 507));
        $exceptions->render(
            fn (PictureRefused $e): JsonResponse => self::say(
                'It can’t be shown just now: '.$e->getMessage(),
                $e->getPrevious() instanceof CannotKeep || $e->getMessage() === Proxy::DISK ? 507 : 503,
            ),
        );
        $exceptions->render(fn (FolderAway $e): JsonResponse => self::say($e->getMessage(), 422));
        $exceptions->render(fn (OrderFileError $e): JsonResponse => self::mendable($e));
        $exceptions->render(
            fn (PostTooLargeException $e): JsonResponse => self::say('The file is larger than 400 MB, the most that is taken.', 413),
        );
        $exceptions->render(self::closed(...));
        $exceptions->render(function (\Throwable $e, Request $request): ?JsonResponse {
            if (! $request->is('api/*') || $e instanceof ValidationException || $e instanceof HttpResponseException) {
                return null;
            }
            if (self::isDatabaseAway($e)) {
                return self::say('The database isn’t answering. Nothing that was saved is lost; this is tried again.', 503);
            }
            if ((new ConcurrencyErrorDetector())->causedByConcurrencyError($e)) {
                return self::say('Two changes met in the database, and this one wasn’t made. It is tried again.', 503);
            }
            if ($e->getPrevious() instanceof TokenMismatchException) {
                return self::say('The page was open for too long. Load it again; all that was saved is kept.', 419);
            }
            if ($e instanceof NotFoundHttpException) {
                return self::say('This isn’t there any more.', 404);
            }
            if ($e instanceof HttpExceptionInterface) {
                return self::say($e->getMessage() ?: 'That isn’t possible here.', $e->getStatusCode());
            }
            if ($e instanceof \Illuminate\Auth\AuthenticationException) {
                return self::say('Sign in first.', 401);
            }
            $id = Str::lower(Str::random(8));
            Log::error("[{$id}] {$e->getMessage()}", ['exception' => $e]);

            return self::say("Something went wrong on our side. It was noted as {$id}; what was saved is kept.", 500);
        });
    }

    /** What a client is told behind a link that isn't open. */
    private static function closed(HttpExceptionInterface $e, Request $request): JsonResponse|Response|null
    {
        if (! $request->is('shown/*')) {
            return null;
        }
        $hasRunOut = $e instanceof InvalidSignatureException && URL::hasCorrectSignature($request, false);
        $words = match (true) {
            $hasRunOut => 'It has run out. Ask the studio for a new one.',
            $e instanceof InvalidSignatureException => 'It isn’t whole, or was altered. Open it just as it was sent to you.',
            $e->getStatusCode() === 429 => 'That was a lot at once. Wait a minute, then go on.',
            $e->getMessage() !== '' && in_array($e->getStatusCode(), [410, 422], true) => $e->getMessage(),
            default => 'There is nothing here any more. Ask the studio for a new link.',
        };

        return $request->expectsJson() || ! $request->isMethod('GET')
            ? self::say($words, $e->getStatusCode())
            : response()->view('closed', ['words' => $words], $e->getStatusCode());
    }

    private static function mendable(OrderFileError $e): JsonResponse
    {
        $words = $e->inWords();

        return response()->json(['message' => $words, 'errors' => [$e->path === '' ? 'change' : $e->path => [$words]]], 422);
    }

    private static function say(string $message, int $status): JsonResponse
    {
        return response()->json(['message' => $message], $status);
    }

    private static function isDatabaseAway(\Throwable $e): bool
    {
        return ($e instanceof QueryException || $e instanceof \PDOException) &&
            preg_match('/\[(2002|2006|2013|1053)\]|gone away|Connection refused|Lost connection|server shutdown/i', $e->getMessage()) === 1;
    }
}
