<?php

declare(strict_types=1);

namespace App\Views;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Log;
use Planisher\Imaging\Child\Stopped;
use Planisher\Imaging\PictureRefused;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Imaging\Write\CannotWrite;

/** What fails for a line as it is fails the same way at every request: why is kept for a while, and told instead of tried. */
final class NotAgain
{
    private const KEPT_SECONDS = 600;

    private const FAILED = 'It can’t be shown of this picture: its pixels can’t be read as they should. Export it again from the original.';

    /**
     * @template T
     *
     * @param  string  $what  of which line as it is, the same for the same only
     * @param  callable(): T  $make
     * @return T
     */
    public static function try(string $what, callable $make): mixed
    {
        $key = "failed-{$what}";
        $why = Cache::get($key);
        if (! is_string($why)) {
            try {
                return $make();
            } catch (Stopped|PictureRefused|CannotWrite $e) {
                $why = 'It can’t be shown of this picture: '.$e->getMessage();
            } catch (VipsError $e) {
                $why = self::FAILED;
            }
            Log::warning("{$what}: {$e->getMessage()} {$e->getPrevious()?->getMessage()}");
            Cache::put($key, $why, self::KEPT_SECONDS);
        }
        abort(422, $why);
    }
}
