<?php

declare(strict_types=1);

namespace Planisher\Line;

/** What a line is made into. */
enum Make: string
{
    case Print = 'print';
    case Canvas = 'canvas';
    case Panels = 'panels';
    case SharedSheet = 'shared-sheet';
    case ScreenCopy = 'screen-copy';

    /** “print”, “12 prints” without the number */
    public function label(int $copies): string
    {
        [$one, $many] = match ($this) {
            self::Print => ['print', 'prints'],
            self::Canvas => ['canvas', 'canvases'],
            self::Panels => ['set of panels', 'sets of panels'],
            self::SharedSheet => ['shared sheet', 'shared sheets'],
            self::ScreenCopy => ['screen copy', 'screen copies'],
        };

        return $copies === 1 ? $one : $many;
    }
}
