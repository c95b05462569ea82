<?php

declare(strict_types=1);

namespace Planisher\Finish\ForScreen;

use Planisher\Language\Offer;
use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Says;
use Planisher\Language\Unsure;
use Planisher\Measure\PixelSize;

/** How people say that a copy is for a screen. What it becomes, a line of its own or a copy beside a print, the print decides. */
final class ScreenRules
{
    /** Below it nobody wants a picture. Our own choice, no source. */
    private const SMALLEST = 100;

    private const SCREEN = ScreenFinish::NAME;

    /** @return list<ReadingRule> */
    public static function all(): array
    {
        $for = '[for (SCREEN)] [,]';
        $long = '[wide|long|across|on (the|its) (long|longest|longer) (side|edge)|long (side|edge)]';
        $copy = fn (Heard $said): array|Unsure => self::copy($said);
        $lead = '[and|also|plus|with] [an|a|one] [small|little|sharpened]';

        return [
            ReadingRule::with(
                "{$lead} (SCREENCOPY|web one|e [-] mail one) [sharpen~] {$for} [of|at|,] {pixels} {$long} {$for} ".
                    '[quality {count:quality}] [sharpen~]',
                $copy,
                ['web copy of 2048 px', 'small copy for e-mail, 1600 px', 'an e-mail copy of 864 px'],
                cost: -0.4,
            ),
            ReadingRule::with(
                "{$lead} (SCREENCOPY|web one|one) {$for} [of|at|,] {count:bare} {$long} [,] [quality {count:quality}] [,] [sharpen~]",
                function (Heard $said): array|Unsure|null {
                    $isClear =
                        $said->count('bare') >= self::SMALLEST &&
                        preg_match('/\bone\b(?!.*(?:web|insta|mail|screen|phone|online|social))/i', $said->words()) !== 1;

                    return $isClear ||
                        (preg_match('/web|insta|mail|screen|phone|online|social/i', $said->words()) === 1 &&
                            $said->count('bare') >= self::SMALLEST)
                        ? self::copy($said)
                        : null;
                },
                ['a web one, 2048 wide, quality 80', 'one for Instagram, 1080 wide'],
                cost: 0.2,
            ),
            ReadingRule::with(
                "{$lead} [SCREENCOPY] [copy] {$for} [of|at|cropped to] {number:width} (x|by) {number:height} (px|pixels|pixel) {$for}",
                $copy,
                '1080 x 1350 px',
                cost: -0.4,
            ),
            ReadingRule::with(
                "{$lead} (SCREENCOPY|web one) {$for} [of|at|,] {number:width} (x|by) {number:height} {$for}",
                fn (Heard $said): array|Unsure|null => max($said->count('width'), $said->count('height')) < self::SMALLEST
                    ? null
                    : $copy($said),
                'web copy 800 x 800',
                cost: -0.4,
            ),
            ReadingRule::of(
                '(NO sharpening|not sharpened|unsharpened|don\'t sharpen~) (on|for|of) [the] (web|screen|email) (one|copy|version)',
                ['screenCopy' => ['sharpen' => false]],
                'no sharpening on the web one',
                cost: -1.0,
            ),
            ReadingRule::with(
                "{$lead} copy {$for} [of|at] {pixels} {$long} | ".
                    "{$lead} copy for (SCREEN) [of|at] {pixels} {$long} | ".
                    "for (SCREEN) [,|of|at] {pixels} {$long} | {pixels} {$long} {$for} [INSTEAD {count:old}]",
                $copy,
                ['1600 px for the web', '2400 pixels', 'for the web, 2048 px'],
                cost: -0.1,
            ),
            ReadingRule::with(
                "{$lead} (SCREENCOPY) {$for} | {$lead} (copy|version|one|jpeg|jpg|file) for (SCREEN) | for (SCREEN) [only]",
                $copy,
                ['a web copy', 'for the web', 'a copy for the screen'],
                cost: 0.2,
            ),
            ReadingRule::of(
                'NO [small] (SCREENCOPY|copy for (SCREEN)) [needed|wanted] [after all] | (web|screen) copy OFF',
                ['screenCopy' => null],
                'no web copy',
            ),
            ReadingRule::with(
                'square [,] {pixels}',
                fn (Heard $said): array => ['shape' => "{$said->value('pixels')} x {$said->value('pixels')} px"],
                'square, 1080 px',
                self::SCREEN,
                -0.3,
            ),
            ReadingRule::with(
                'shape [it] {number:width} (x|by) {number:height}',
                fn (Heard $said): array => ['shape' => "{$said->count('width')} x {$said->count('height')} px"],
                'shape it 1080 by 1350',
                self::SCREEN,
                -0.5,
            ),
            ReadingRule::with(
                '(SCREENCOPY|screen|web) [copy] [:|,] sharpen~ [,] [(q|quality) {count:quality}] | '.
                    '(SCREENCOPY) [:|,] [(q|quality) {count:quality}] sharpen~',
                fn (Heard $said): array => [
                    'screenCopy' => ['sharpen' => true] + ($said->has('quality') ? ['quality' => $said->count('quality')] : []),
                ],
                'web copy: sharpen',
                cost: -0.3,
            ),
        ];
    }

    /** @return array<string, mixed>|Unsure a merge patch of the line */
    private static function copy(Heard $said): array|Unsure
    {
        $of = [];
        if ($said->has('width')) {
            [$width, $height] = [$said->count('width'), $said->count('height')];
            if (max($width, $height) < self::SMALLEST) {
                return new Unsure(
                    [Says::SCREEN => ['shape' => "{$width} x {$height} px"]],
                    "{$width} × {$height} pixels are hardly anything on a screen.",
                    [
                        new Offer("{$width} × {$height} in", "{$width} x {$height} in"),
                        new Offer("{$width} × {$height} cm", "{$width} x {$height} cm"),
                    ],
                );
            }
            $of['shape'] = "{$width} x {$height} px";
        } elseif ($said->has('pixels') || $said->has('bare')) {
            $side = $said->has('pixels') ? (int) $said->value('pixels') : $said->count('bare');
            if ($side < self::SMALLEST || $side > PixelSize::MOST) {
                return new Unsure([], "A copy of {$side} pixels is hardly what is meant.");
            }
            $of['longSide'] = $side;
        }
        $said->has('quality') && ($of['quality'] = $said->count('quality'));
        preg_match('/sharpen/i', $said->words()) === 1 && ($of['sharpen'] = true);
        $isBeside = preg_match('/\b(?:copy|copies|version|one|also|plus|and)\b/i', $said->words()) === 1;
        $change = [Says::SCREEN => $of, ...$isBeside ? [Says::IS_BESIDE => true] : []];
        $isPixelsAlone = ! $said->isSaidOfLine() && preg_match('/^[\d.,\s]+(?:px|pix|pixels?)[\s,]*$/i', $said->words()) === 1;

        return $isPixelsAlone
            ? new Unsure($change, 'Is that a copy for a screen, besides?', [
                new Offer('a copy for a screen', "and a copy for a screen of {$said->words()}"),
            ])
            : $change;
    }
}
