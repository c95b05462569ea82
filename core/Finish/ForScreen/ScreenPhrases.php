<?php

declare(strict_types=1);

namespace Planisher\Finish\ForScreen;

use Planisher\Measure\PixelSize;
use Planisher\Wish\Heard;
use Planisher\Wish\Phrase;

/** How people say that a copy is for a screen. */
final class ScreenPhrases
{
    private const SCREEN = '(?:e-?mail(?:ing)?|(?:the )?(?:web(?: ?site)?|internet|screens?)|(?:the )?(?:phone|website|web site)|online|sharing online)';

    /** @return list<Phrase> */
    public static function all(): array
    {
        $screen = self::SCREEN;
        $copy = '(?:(?:small|web|screen|digital|e-?mail) (?:copy|copies|version|size|file)s?)';
        $sided = fn (Heard $said): ?array => self::side((int) $said->words('pixels'));

        return [
            Phrase::with(
                "(?:{$copy}(?: (?:of|at|for {$screen}))*|for {$screen})?,?\\s*(?:of |at )?(?<width>\\d{2,5})\\s*(?:x|×|by)\\s*(?<height>\\d{2,5})\\s*(?:px|pixels?)(?: for {$screen})?",
                fn (Heard $said): array => [
                    'make' => ScreenFinish::NAME,
                    'shape' => "{$said->words('width')} x {$said->words('height')} px",
                ],
            ),
            Phrase::with("(?:{$copy}(?: for {$screen})?|for {$screen}),?(?: of| at)? (?<pixels>\\d{2,6})\\s*(?:px|pixels?)(?: (?:wide|long|on the long(?:est)? side|long side))*", $sided),
            Phrase::with("(?<pixels>\\d{2,6})\\s*(?:px|pixels?)(?: (?:wide|long|on the long(?:est)? side|long side))*(?: (?:{$copy}|for {$screen}))*", $sided),
            Phrase::of("(?:an? )?{$copy}(?: for {$screen})?|for {$screen}(?: only)?", ['make' => ScreenFinish::NAME]),
        ];
    }

    /** @return ?array<string, mixed> */
    private static function side(int $pixels): ?array
    {
        return $pixels < 1 || $pixels > PixelSize::MOST ? null : ['make' => ScreenFinish::NAME, 'longSide' => $pixels];
    }
}
