<?php

declare(strict_types=1);

namespace App\Views;

use App\Pictures\PictureStore;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Log;
use Planisher\Colour\PaperProfile;
use Planisher\Imaging\Inspect\LossOnPaper;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Picture\ColourLoss;
use Planisher\Picture\PictureRefused;
use Planisher\Plan\Plan;

/** What becomes of a plan's colours on a paper: measured once, kept by the plan's hash, there for the findings from then on. */
final class KeptLosses
{
    private const AGAIN_AFTER_SECONDS = 600;

    private const KEPT_SECONDS = 2_592_000;

    public function __construct(private readonly PictureStore $pictures) {}

    public function at(Plan $plan, ?PaperProfile $paper): ?ColourLoss
    {
        $held = Cache::memo()->get(self::keyOf($plan, $paper));

        return is_array($held) ? new ColourLoss(...$held['seen']) : null;
    }

    /** @return array{seen: array<string, mixed>, tones: ?array<string, float>} */
    public function measure(Plan $plan, ?PaperProfile $paper): array
    {
        $key = self::keyOf($plan, $paper);
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
            Cache::memo()->put(self::keyOf($plan, $paper), false, self::AGAIN_AFTER_SECONDS);
        }
    }

    /**
     * What is held under some keys now, told so that it is the same for the same only.
     *
     * @param  list<string>  $keys
     * @return array<string, ?string> by key; null where nothing was measured or tried yet
     */
    public function heldUnder(array $keys): array
    {
        $held = [];
        foreach ($keys === [] ? [] : Cache::memo()->getMultiple($keys) as $key => $of) {
            $held[$key] = $of === null ? null : hash('xxh128', serialize($of));
        }

        return $held;
    }

    /** Whether it has been measured, or tried to be. */
    public function knows(Plan $plan, ?PaperProfile $paper): bool
    {
        return Cache::memo()->get(self::keyOf($plan, $paper)) !== null;
    }

    /** What it is kept under. */
    public static function keyOf(Plan $plan, ?PaperProfile $paper): string
    {
        return 'looked-'.$plan->hash().'-'.($paper->sha256 ?? 'file');
    }
}
