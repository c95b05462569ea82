<?php

declare(strict_types=1);

namespace Planisher\Reading\Rule;

use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Says;

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
            ReadingRule::with(
                '[crop~] [at|in|to|with] [a] [ratio [of]] {ratio}',
                function (Heard $said): ?array {
                    $isRatio =
                        ! $said->isSaidOfLine() &&
                        preg_match('/(?<![\d.])(\d{1,2}(?:\.\d+)?):(\d{1,2}(?:\.\d+)?)$/', $said->words(), $sides) === 1;

                    return $isRatio ? [Says::RATIO => "{$sides[1]}:{$sides[2]}"] : null;
                },
                'cropped to 16:9',
                cost: -0.2,
            ),
        ];
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
