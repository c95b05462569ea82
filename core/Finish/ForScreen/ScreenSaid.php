<?php

declare(strict_types=1);

namespace Planisher\Finish\ForScreen;

use Planisher\Finish\Said;
use Planisher\Measure\Figure;
use Planisher\Phrase\Facts;
use Planisher\Phrase\Segments;
use Planisher\Plan\Situation;

/** What is said of a screen copy. */
final class ScreenSaid implements Said
{
    public function madeOf(Situation $at): ?array
    {
        return null;
    }

    public function size(Situation $at): string
    {
        $wanted = ScreenWanted::of($at->line) ?? throw new \LogicException('It is a screen copy.');

        return $wanted->shape === null
            ? 'of '.Figure::count($wanted->longSide).Figure::THIN_SPACE.'px on its long side'
            : "cropped to {$wanted->shape->label()}";
    }

    public function words(Segments $sentence, Situation $at): void {}

    public function addable(Situation $at): array
    {
        return ['sharpen' => 'sharpened for a screen'];
    }

    public function short(Situation $at): string
    {
        return 'for a screen, '.(ScreenLayout::in($at->plan?->layout)?->pixels->label() ?? 'without a size yet');
    }

    public function facts(Situation $at): array
    {
        return $at->plan === null ? [] : [Facts::cut($at->plan)];
    }

    public function byHand(Situation $at): array
    {
        return [];
    }
}
