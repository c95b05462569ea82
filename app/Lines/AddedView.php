<?php

declare(strict_types=1);

namespace App\Lines;

use Planisher\Measure\Unit;
use Planisher\Overlay\LaidOverlay;
use Planisher\Plan\Overprint;
use Planisher\Words\SetBlock;
use Planisher\Words\SetLine;

/** Words and overlays as the screens draw them, in mm on the paper. */
final class AddedView
{
    /** @return AddedShape */
    public static function of(Overprint $added): array
    {
        return [
            'caption' => $added->caption === null ? null : self::block($added->caption),
            'lettering' => array_map(self::block(...), $added->lettering),
            'overlays' => array_map(
                fn (LaidOverlay $overlay): array => [
                    'name' => $overlay->wanted->picture,
                    'sha256' => $overlay->picture->sha256,
                    'strength' => $overlay->wanted->strength,
                    'box' => $overlay->box->toArray(),
                ],
                $added->overlays,
            ),
        ];
    }

    /** @return SetBlockShape */
    private static function block(SetBlock $block): array
    {
        $mm = fn (float $nanometres): float => round($nanometres / Unit::Millimetre->nanometres(), 4);

        return [
            'face' => $block->face->value,
            'isBold' => $block->style->isBold(),
            'isItalic' => $block->style->isItalic(),
            'height' => $mm($block->height),
            'colour' => (string) $block->colour,
            'align' => $block->align->value,
            'widest' => $block->widest === null ? null : $mm($block->widest),
            'box' => $block->box->toArray(),
            'lines' => array_map(
                fn (SetLine $line): array => [
                    'text' => $line->text,
                    'left' => $mm($block->box->x + $line->left),
                    'baseline' => $mm($block->box->y + $line->baseline),
                    'width' => $mm($line->width),
                ],
                $block->lines,
            ),
        ];
    }
}
