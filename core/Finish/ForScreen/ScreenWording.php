<?php

declare(strict_types=1);

namespace Planisher\Finish\ForScreen;

use Planisher\Finish\OffersWords;
use Planisher\Measure\Figure;
use Planisher\Phrase\Facts;
use Planisher\Phrase\SentenceSegments;
use Planisher\Plan\LineContext;
use Planisher\Plan\Plan;

/**
 * What is said of a screen copy.
 *
 * @implements OffersWords<ScreenWanted, ScreenLayout>
 */
final class ScreenWording implements OffersWords
{
    public function size(LineContext $at): string
    {
        $wanted = $at->line->wanted;

        return $wanted->shape === null
            ? 'of '.Figure::count($wanted->longSide).Figure::THIN_SPACE.'px on its long side'
            : "cropped to {$wanted->shape->label()}";
    }

    public function words(SentenceSegments $sentence, LineContext $at): void {}

    public function addable(LineContext $at): array
    {
        return ['sharpen' => 'sharpened for a screen'];
    }

    public function short(LineContext $at): string
    {
        return 'for a screen, '.($at->plan?->layout->own->pixels->label() ?? 'without a size yet');
    }

    public function facts(LineContext $at, Plan $plan): array
    {
        return [Facts::cut($plan)];
    }
}
