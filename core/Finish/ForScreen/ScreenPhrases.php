<?php

declare(strict_types=1);

namespace Planisher\Finish\ForScreen;

use Planisher\Measure\PixelSize;
use Planisher\Wish\Heard;
use Planisher\Wish\Offer;
use Planisher\Wish\Phrase;
use Planisher\Wish\Unsure;

/** How people say that a copy is for a screen. */
final class ScreenPhrases
{
    /** Below it nobody wants a picture. Our own choice, no source. */
    private const SMALLEST = 100;

    private const SCREEN =
        '(?:e-?mail(?:ing)?|(?:the )?(?:web(?: ?site)?|internet|screens?)|(?:the )?(?:phone|website|'.'web site)|online|sharing online)';

    /** @return list<Phrase> */
    public static function all(): array
    {
        $screen = self::SCREEN;
        $copy = '(?:(?:small|web|screen|digital|e-?mail) (?:copy|copies|version|size|file)s?)';
        $sided = fn (Heard $said): ?array => self::side((int) $said->words('pixels'));

        return [
            Phrase::with(
                "(?:{$copy}(?: (?:of|at|for {$screen}))*|for {$screen})?,?\\s*(?:of |at )?(?<width>\\d{2,5})\\s*(?:x|×|".
                    "by)\\s*(?<height>\\d{2,5})\\s*(?:px|pixels?)(?: for {$screen})?",
                fn (Heard $said): array|Unsure => self::shape((int) $said->words('width'), (int) $said->words('height')),
            ),
            Phrase::with(
                "(?:{$copy}(?: for {$screen})?|for {$screen}),?(?: of| at)? (?<pixels>\\d{2,6})\\s*(?:px|pixels?)(?: ".
                    '(?:wide|long|on the long(?:est)? side|long side))*',
                $sided,
            ),
            Phrase::with(
                '(?<pixels>\\d{2,6})\\s*(?:px|pixels?)(?: (?:wide|long|on the long(?:est)? side|long side))*(?: '.
                    "(?:{$copy}|for {$screen}))*",
                $sided,
            ),
            Phrase::of("(?:an? )?{$copy}(?: for {$screen})?|for {$screen}(?: only)?", ['make' => ScreenFinish::NAME]),
        ];
    }

    /**
     * Fifteen by eleven pixels were meant as inches, as a rule.
     *
     * @return Unsure|array<string, mixed>
     */
    private static function shape(int $width, int $height): Unsure|array
    {
        $change = ['make' => ScreenFinish::NAME, 'shape' => "{$width} x {$height} px"];

        return max($width, $height) >= self::SMALLEST
            ? $change
            : new Unsure($change, "{$width} × {$height} pixels are hardly anything on a screen.", [
                new Offer("{$width} × {$height} in", "{$width} x {$height} in"),
                new Offer("{$width} × {$height} cm", "{$width} x {$height} cm"),
            ]);
    }

    /** @return ?array<string, mixed> */
    private static function side(int $pixels): ?array
    {
        return $pixels < 1 || $pixels > PixelSize::MOST ? null : ['make' => ScreenFinish::NAME, 'longSide' => $pixels];
    }
}
