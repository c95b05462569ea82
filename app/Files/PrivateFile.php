<?php

declare(strict_types=1);

namespace App\Files;

use App\Errors\Gone;
use Illuminate\Http\Response;

/** Lets nginx send a file from storage, which no address reaches directly. */
final class PrivateFile
{
    /** For what never changes under its address. */
    public static function inline(string $path, string $type): Response
    {
        return self::send($path, $type)->header('Cache-Control', 'private, max-age=31536000, immutable');
    }

    public static function download(string $path, string $type, string $name): Response
    {
        return self::send($path, $type)
            ->header('Cache-Control', 'private, no-store')
            ->header('Content-Disposition', "attachment; filename=\"{$name}\"");
    }

    private static function send(string $path, string $type): Response
    {
        is_file($path) || throw new Gone('The file isn’t there any more.');
        $below = str_replace('%2F', '/', rawurlencode(substr($path, strlen(storage_path('app/')))));

        return response('', 200, ['Content-Type' => $type, 'X-Accel-Redirect' => "/_private/{$below}"]);
    }
}
