<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Language\Offer;
use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Says;
use Planisher\Language\Unsure;

/** How people speak of the paper a print is laid on, of its trim marks, and of the frame it goes in. */
final class PaperRules
{
    /** @return list<ReadingRule> */
    public static function all(): array
    {
        return [...self::sheets(), ...self::marks(), ...self::frames()];
    }

    /** @return list<ReadingRule> */
    private static function sheets(): array
    {
        $on = fn (Heard $said): array => [
            Says::ON_SHEET => (string) $said->size(),
            ...$said->has('one') ? [Says::IS_SHARED => true] : [],
        ];

        return [
            ReadingRule::with(
                '[printed|laid|lay~|set|put~|trimmed|centred|placed|fit~|all|together|both|go~] (on|onto'.
                    '|from|inside|to fit) [a|to] [one|single] [large|larger|lab~|white] [sheet'.
                    '|piece] [of] {size} [paper|sheet|stock|format]',
                $on,
                ['on 12x18', 'on a sheet of 11 x 14 in', 'laid on 16x20'],
            ),
            ReadingRule::with(
                '(on|onto|to) (one|a single|the same|each|every) {size} [paper|sheet]',
                fn (Heard $said): array => [Says::ON_SHEET => (string) $said->size(), Says::IS_SHARED => true],
                'on one 8x12',
                cost: -0.3,
            ),
            ReadingRule::with('(use~|take~) [the] {size} sheet | {size} sheet', $on, 'use the 16x20 sheet', cost: 0.2),
            ReadingRule::with('(paper|sheet) [size] [of|is|:] {size}', $on, 'paper size 16x20', cost: 0.3),
            ReadingRule::with("laid on the (lab|lab's|labs) {size} sheet", $on, 'laid on the lab’s 12 × 18 in sheet'),
            ReadingRule::of('white to trim away', [], 'white to trim away'),
            ReadingRule::of('(on|of|in) (the|this) (paper|sheet) | on paper', [], 'on the paper', cost: 0.3),
            ReadingRule::of(
                '[on] no larger (sheet|paper) | without [a] (larger (sheet|paper)|carrier) | no carrier | without white to trim',
                ['carrier' => CarrierWish::NONE],
                'on no larger sheet',
            ),
            ReadingRule::of(
                'on [the] (smallest|next larger|next bigger) (sheet|paper) [that] [fits|holds it]',
                ['carrier' => 'auto'],
                'on the smallest sheet that fits',
            ),
        ];
    }

    /** @return list<ReadingRule> */
    private static function marks(): array
    {
        $isOther = fn (Heard $said): bool => $said->isSaidOfLine() && ($said->make ?? PrintFinish::NAME) !== PrintFinish::NAME;
        $print = ReadingRule::with(
            '[make~|turn~] [it|this|that] (as|into|just) a [normal|simple|plain|paper] print [instead|rather] | '.
                'a [normal|simple|plain|paper] print instead',
            fn (Heard $said): ?array => $isOther($said) ? ['make' => PrintFinish::NAME] : null,
            'as a print instead',
            cost: -0.4,
        );
        $marks = '(trim|tick|corner|crop) [-] (marks|mark|lines) | ticks [for the guillotine]';

        return [
            $print,
            ReadingRule::of(
                "NO ({$marks}) | ({$marks}) OFF | without ({$marks})",
                ['trimMarks' => false],
                ['no trim marks', 'no ticks'],
                self::print(),
            ),
            ReadingRule::of(
                "[with] ({$marks}) [on] [so I can trim [it] [down]]",
                ['trimMarks' => true],
                ['trim marks', 'with tick marks'],
                self::print(),
            ),
            ReadingRule::of('trimmed by (eye|hand) | we trim by eye', [], 'we trim by eye'),
        ];
    }

    /** @return list<ReadingRule> */
    private static function frames(): array
    {
        $covers = '(cover~|hide~|overlap~|lap~ [over]|take~)';

        return [
            ReadingRule::with(
                "[for|in] [a] frame [that|which] {$covers} {measure} [ROUND|on each side] | ".
                    "rebate [{$covers}|of|is|only] {measure} [on this moulding] | {measure} rebate",
                fn (Heard $said): array => ['frameCover' => $said->length('measure')],
                ['the frame covers 6 mm', 'rebate 5 mm'],
            ),
            ReadingRule::with(
                '{measure} [of it] (under|behind|hidden by|covered by|for) [a|the] frame',
                fn (Heard $said): array => ['frameCover' => $said->length('measure')],
                '5 mm under the frame',
            ),
            ReadingRule::of(
                '(no|without [a]) frame [over (its|the) edge] | '.
                    "[the] frame (doesn't|does not|won't|covers) (cover (any|anything)|none|nothing) [of it]",
                ['frameCover' => '0 mm'],
                ['no frame', 'no frame over its edge', 'the frame covers nothing'],
            ),
            ReadingRule::of(
                '(go~|going) (for|into|in|behind) [a|an|the|its] (frame|mat|mount) | (for framing|to frame|gets framed|to be framed)',
                ['frameCover' => (string) PrintWanted::usualFrameCover()],
                'it goes in a frame',
            ),
            ReadingRule::with(
                '(for|in|into) [a] frame [of] {size}',
                fn (Heard $said): array => [Says::FRAME => (string) $said->size()],
                'for a frame of 40x50 cm',
            ),
            ReadingRule::with(
                '(for|to fit) [a] {size} frame',
                fn (Heard $said): array => [Says::FRAME => (string) $said->size(), Says::IS_ITS_SIZE => true],
                'for a 10 x 8 frame',
            ),
            ReadingRule::with(
                '[it] [go~] (in|into|inside|behind) [a] {size} (frame|mount|mat|aperture) | '.
                    '{size} (frame|mount|mat|aperture|mount opening) | mount~ [in {colour}] to {size}',
                fn (Heard $said): array => [Says::FRAME => (string) $said->size()],
                ['it goes in an 11x14 frame', 'mounted in ivory to 14 x 11'],
            ),
            ReadingRule::with(
                '[a] {measure} (mat|mount|passepartout) [ROUND] | (mat|mount|passepartout) [of] {measure} [wide]',
                fn (Heard $said): Unsure => new Unsure([], 'Is that white on the paper to mat over, or a mat of card?', [
                    new Offer("{$said->length('measure')} to mat over", "{$said->length('measure')} to mat over"),
                ]),
                'with a 2 inch mat',
                self::print(),
                0.2,
            ),
        ];
    }

    private static function print(): string
    {
        return PrintFinish::NAME;
    }
}
