<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Planisher\Measure\Figure;
use Planisher\OrderFile\JsonText;
use Symfony\Component\HttpFoundation\Response;

/**
 * Holds every body of JSON to what its address may be sent, before anything of it is unpacked: rules and trimming walk all of it, some
 * of them more than once.
 */
final class BoundedJson
{
    /** Bytes, depth and elements at most, by the address; the first that fits. */
    private const MOST = [
        '~^api/(sign-in|first|choose-password)$~' => [4_000, 2, 20],
        '~^shown/[^/]+/answers$~' => [800_000, 4, 3_000],
        '~^api/orders/\d+/list(/read)?$~' => [900_000, 16, 40_000],
        '~~' => [1_000_000, 24, 40_000],
    ];

    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isJson()) {
            return $next($request);
        }
        [$bytes, $depth, $elements] = self::most($request->path());
        $body = (string) $request->getContent();
        $refused = match (true) {
            strlen($body) > $bytes => [413, 'That is larger than what is taken here: '.Figure::bytes($bytes).'.'],
            ! JsonText::isWithin($body, $depth, $elements) => [
                422,
                "That has more in it than what is taken here: {$elements} values, {$depth} of them within each other.",
            ],
            default => null,
        };

        return $refused === null ? $next($request) : new JsonResponse(['message' => $refused[1]], $refused[0]);
    }

    /** @return array{int, int, int} */
    private static function most(string $path): array
    {
        foreach (self::MOST as $pattern => $most) {
            if (preg_match($pattern, $path) === 1) {
                return $most;
            }
        }
        throw new \LogicException('The last takes all.');
    }
}
