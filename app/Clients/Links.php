<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\ClientPage;
use Illuminate\Support\Facades\URL;

/** The addresses of a client's page and of all that is on it: each is signed, and runs out with the page. */
final class Links
{
    public static function page(ClientPage $page): string
    {
        return url(self::signed($page, 'shown'));
    }

    public static function prints(ClientPage $page): string
    {
        return self::signed($page, 'shown.prints');
    }

    public static function answers(ClientPage $page): string
    {
        return self::signed($page, 'shown.answers');
    }

    public static function picture(ClientPage $page, int $line, string $hash, int $width): string
    {
        return self::signed($page, 'shown.picture', ['line' => $line, 'hash' => $hash, 'width' => $width]);
    }

    /** @param  array<string, int|string>  $with */
    private static function signed(ClientPage $page, string $route, array $with = []): string
    {
        return URL::temporarySignedRoute($route, $page->expires_at, ['page' => $page->id] + $with, absolute: false);
    }
}
