<?php

declare(strict_types=1);

namespace App\Views;

use App\Errors\NotJustNow;
use App\Errors\NotPossible;
use App\Files\CannotKeep;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Log;
use Planisher\Imaging\Child\Stopped;
use Planisher\Imaging\Files\CannotWrite;
use Planisher\Imaging\Files\NoRoom;
use Planisher\Imaging\Files\OurFault;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Picture\PictureRefused;

/**
 * What fails for a picture as it is fails the same way at every request: why is kept for a while, and told instead of tried. What failed
 * because of us, a full disk or a machine that had too much to do, is tried again.
 */
final class FailureCache
{
    private const KEPT_SECONDS = 600;

    private const FAILED = 'It can’t be shown of this picture: its pixels can’t be read as they should. Export it again from the original.';

    public function __construct(private readonly Repository $cache) {}

    /**
     * @template T
     *
     * @param  string  $what  of which line as it is, the same for the same only
     * @param  callable(): T  $make
     * @return T
     */
    public function try(string $what, callable $make): mixed
    {
        $key = "failed-{$what}";
        $why = $this->cache->get($key);
        if (! is_string($why)) {
            try {
                return $make();
            } catch (NoRoom $e) {
                throw CannotKeep::of($e);
            } catch (Stopped|PictureRefused|CannotWrite $e) {
                $why = 'It can’t be shown of this picture: '.$e->getMessage();
                $isOurs = $e instanceof OurFault || ($e instanceof Stopped && $e->isPassing);
            } catch (VipsError $e) {
                $why = self::FAILED;
                $isOurs = ! $e->isOfAPicture();
            }
            Log::warning("{$what}: {$e->getMessage()} {$e->getPrevious()?->getMessage()}");
            if ($isOurs) {
                throw new NotJustNow(
                    'It couldn’t be shown just now, and that is no fault of the picture’s. It is tried again.',
                    previous: $e,
                );
            }
            $this->cache->put($key, $why, self::KEPT_SECONDS);
        }
        throw new NotPossible($why);
    }
}
