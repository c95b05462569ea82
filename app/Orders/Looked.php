<?php

declare(strict_types=1);

namespace App\Orders;

use App\Pictures\PictureStore;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Log;
use Planisher\Colour\PaperProfile;
use Planisher\Imaging\PictureRefused;
use Planisher\Imaging\SeenOnPaper;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Picture\Seen;
use Planisher\Plan\Plan;

/** What was measured of a plan's pixels on a paper: taken once, kept by the plan's hash, there for the findings from then on. */
final class Looked
{
    private const AGAIN_AFTER_SECONDS = 600;

    private const KEPT_SECONDS = 2_592_000;

    public static function at(Plan $plan, ?PaperProfile $paper): ?Seen
    {
        $held = Cache::get(self::key($plan, $paper));

        return is_array($held) ? new Seen(...$held['seen']) : null;
    }

    /** @return array{seen: array<string, mixed>, tones: ?array<string, float>} */
    public static function measure(Plan $plan, ?PaperProfile $paper): array
    {
        $key = self::key($plan, $paper);
        $held = Cache::get($key);
        if (! is_array($held)) {
            $measured = SeenOnPaper::measure(
                $plan->shown,
                $paper,
                PictureStore::proxy($plan->shown->placements[0]->picture->sha256, 'screen'),
            );
            $held = ['seen' => $measured->seen->toArray(), 'tones' => $measured->tones === null ? null : get_object_vars($measured->tones)];
            Cache::put($key, $held, self::KEPT_SECONDS);
        }

        return $held;
    }

    /** Measures what nobody waits for: what can't be is logged, and let be for a while. */
    public static function try(Plan $plan, ?PaperProfile $paper): void
    {
        try {
            self::measure($plan, $paper);
        } catch (PictureRefused|VipsError $e) {
            Log::warning("{$plan->files[0]->name} could not be looked at: {$e->getMessage()}");
            Cache::put(self::key($plan, $paper), false, self::AGAIN_AFTER_SECONDS);
        }
    }

    /** Whether it has been looked at, or tried to be. */
    public static function knows(Plan $plan, ?PaperProfile $paper): bool
    {
        return Cache::get(self::key($plan, $paper)) !== null;
    }

    private static function key(Plan $plan, ?PaperProfile $paper): string
    {
        return 'looked-'.$plan->hash().'-'.($paper->sha256 ?? 'file');
    }
}
