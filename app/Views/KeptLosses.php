<?php

declare(strict_types=1);

namespace App\Views;

use App\Pictures\PictureStore;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Log;
use Planisher\Colour\PaperProfile;
use Planisher\Imaging\Look\LossOnPaper;
use Planisher\Imaging\PictureRefused;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Picture\ColourLoss;
use Planisher\Plan\Plan;

/** What becomes of a plan's colours on a paper: measured once, kept by the plan's hash, there for the findings from then on. */
final class KeptLosses
{
    private const AGAIN_AFTER_SECONDS = 600;

    private const KEPT_SECONDS = 2_592_000;

    public function __construct(private readonly PictureStore $pictures) {}

    public function at(Plan $plan, ?PaperProfile $paper): ?ColourLoss
    {
        $held = Cache::memo()->get(self::key($plan, $paper));

        return is_array($held) ? new ColourLoss(...$held['seen']) : null;
    }

    /** @return array{seen: array<string, mixed>, tones: ?array<string, float>} */
    public function measure(Plan $plan, ?PaperProfile $paper): array
    {
        $key = self::key($plan, $paper);
        $held = Cache::memo()->get($key);
        if (is_array($held) && isset($held['seen'])) {
            return ['seen' => $held['seen'], 'tones' => $held['tones'] ?? null];
        }
        $measured = LossOnPaper::measure($plan->shown, $paper, $this->pictures->proxiesOf($plan));
        $held = [
            'seen' => $measured->loss->toArray(),
            'tones' => $measured->tones === null ? null : get_object_vars($measured->tones),
        ];
        Cache::memo()->put($key, $held, self::KEPT_SECONDS);

        return $held;
    }

    /** Measures what nobody waits for: what can't be is logged, and let be for a while. */
    public function try(Plan $plan, ?PaperProfile $paper): void
    {
        try {
            $this->measure($plan, $paper);
        } catch (PictureRefused|VipsError $e) {
            Log::warning("Plan {$plan->hash()} could not be measured: {$e->getMessage()}");
            Cache::memo()->put(self::key($plan, $paper), false, self::AGAIN_AFTER_SECONDS);
        }
    }

    /** Whether it has been measured, or tried to be. */
    public function knows(Plan $plan, ?PaperProfile $paper): bool
    {
        return Cache::memo()->get(self::key($plan, $paper)) !== null;
    }

    private static function key(Plan $plan, ?PaperProfile $paper): string
    {
        return 'looked-'.$plan->hash().'-'.($paper->sha256 ?? 'file');
    }
}
