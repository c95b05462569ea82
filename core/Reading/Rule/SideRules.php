<?php

declare(strict_types=1);

namespace Planisher\Reading\Rule;

use Planisher\Language\Offer;
use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Says;
use Planisher\Language\Unsure;

/** A size of which one side is said: the other follows from the picture, or from a ratio. Of what has a size it is said of the image. */
final class SideRules
{
    /** @return list<ReadingRule> */
    public static function all(): array
    {
        return [
            self::side('{measure} in width', 'wide', '12 inches in width'), // “12 in wide” is in WordRules: it may be that of a mark
            self::side('{measure} in height', 'high', '30 cm in height'),
            self::side(
                '{measure} on [the|its] (long|longer|longest) (edge|side) | '.
                    '(long|longer|longest) (edge|side) [of|at|to be] {measure} | {measure} (long|longer|longest) (edge|side)',
                'long',
                '12 in on the long edge',
            ),
            self::side(
                '{measure} on [the|its] (short|shorter|shortest) (edge|side) | '.
                    '(short|shorter|shortest) (edge|side) [of|at|to be] {measure} | {measure} (short|shorter|shortest) (edge|side)',
                'short',
                '8 in on the short edge',
            ),
            self::told('wide', 'wide', '12 in wide, so 12 × 8 in'),
            self::told('high', 'high', '30 cm high at 2.39:1, so 71.7 × 30 cm'),
            self::told('on the long edge', 'long', '12 in on the long edge, so 12 × 8 in'),
            self::told('on the short edge', 'short', '8 in on the short edge, so 12 × 8 in'),
            ReadingRule::with(
                'size {measure} (wide|high) [at {ratio}]',
                fn (Heard $said): ?array => $said->isSaidOfLine()
                    ? ['size' => self::sized($said), 'turn' => null] + self::shape($said)
                    : null,
                'size 12 in wide at 16:9',
                cost: -0.8,
            ),
            ReadingRule::with(
                '(make|print|have|want) (it|this) {measure} (wide|high)',
                fn (Heard $said): ?Unsure => $said->isSaidOfLine() && $said->now('size') !== null
                    ? new Unsure(['size' => self::sized($said), 'turn' => null], 'The print itself, or the picture on its paper?', [
                        new Offer('the print', 'size '.self::sized($said)),
                        new Offer('the picture on its paper', 'image '.self::sized($said)),
                    ])
                    : null,
                'make it 12 in wide',
                cost: -0.8,
            ),
            ReadingRule::with(
                '[cropped to] {size:asked} , the lab\'s {size}',
                fn (Heard $said): array => [Says::SIZE => (string) $said->size()],
                '10.2 × 15.2 cm, the lab’s 4 × 6 in',
                cost: -0.8,
            ),
            ReadingRule::with(
                '[crop~] [at|in|to|with] [a] [ratio [of]] {ratio}',
                fn (Heard $said): ?array => $said->isSaidOfLine() ? null : (self::ratio($said) ?: null),
                'cropped to 16:9',
                cost: -0.2,
            ),
        ];
    }

    /** As the sentence says it, with both sides: what follows of one is told, not asked for. */
    private static function told(string $words, string $side, string $example): ReadingRule
    {
        return ReadingRule::with(
            "[cropped to|on a face of] {measure} {$words} [at {ratio}] , so {size}",
            fn (Heard $said): ?array => $said->isSaidOfLine()
                ? null
                : [Says::ONE_SIDE => "{$said->length('measure')} {$side}"] + self::ratio($said),
            $example,
            cost: -1.2,
        );
    }

    /** “12 in wide”, as the order file has a size of one side */
    private static function sized(Heard $said): string
    {
        return $said->length('measure').(preg_match('/\bwide\b/iu', $said->words()) === 1 ? ' wide' : ' high');
    }

    /** @return array<string, string> */
    private static function shape(Heard $said): array
    {
        $ratio = self::ratio($said);

        return $ratio === [] ? [] : ['ratio' => $ratio[Says::RATIO]];
    }

    /** @return array<string, string> a number of a picture and one of prints are no shape */
    private static function ratio(Heard $said): array
    {
        return preg_match('/(?<![\d.])(\d{1,2}(?:\.\d+)?):(\d{1,2}(?:\.\d+)?)(?!\d)/', $said->words(), $sides) === 1
            ? [Says::RATIO => "{$sides[1]}:{$sides[2]}"]
            : [];
    }

    private static function side(string $pattern, string $side, string $example): ReadingRule
    {
        return ReadingRule::with(
            $pattern,
            fn (Heard $said): ?array => $said->isSaidOfLine() ? null : [Says::ONE_SIDE => "{$said->length('measure')} {$side}"],
            $example,
            cost: -0.2,
        );
    }
}
