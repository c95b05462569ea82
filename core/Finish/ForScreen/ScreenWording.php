<?php

declare(strict_types=1);

namespace Planisher\Finish\ForScreen;

use Planisher\Finish\Wording;
use Planisher\Measure\Figure;
use Planisher\Phrase\Facts;
use Planisher\Phrase\SentenceSegments;
use Planisher\Plan\LineContext;

/** What is said of a screen copy. */
final class ScreenWording implements Wording
{
    public function madeOf(LineContext $at): ?array
    {
        return null;
    }

    public function size(LineContext $at): string
    {
        $wanted = ScreenWanted::of($at->line) ?? throw new \LogicException('It is a screen copy.');

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
        return 'for a screen, '.(ScreenLayout::in($at->plan?->layout)?->pixels->label() ?? 'without a size yet');
    }

    public function facts(LineContext $at): array
    {
        return $at->plan === null ? [] : [Facts::cut($at->plan)];
    }

    public function byHand(LineContext $at): array
    {
        return [];
    }
}
