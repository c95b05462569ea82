<?php

declare(strict_types=1);

namespace Planisher\Reading\Rule;

use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Unsure;

/** How people speak of lightness and contrast on paper, and of where a print is looked at from. */
final class ToneRules
{
    /** “A little lighter”, “a bit more contrast”, where nobody says how much: our own choice, no source. */
    private const STEP = 0.1;

    private const USUAL_LIFT = 0.3;

    /** @return list<ReadingRule> */
    public static function all(): array
    {
        return [...self::lift(), ...self::contrast(), ...self::seen()];
    }

    /** @return list<ReadingRule> */
    private static function lift(): array
    {
        $it = '[it|them|[the] (shadows|dark tones|dark parts|darks|PICTURE|blacks)]';
        $paper = '[for [the|its] (paper|printing|print|MATT|matte paper)]';
        $step = fn (float $by): \Closure => fn (Heard $said): array => [
            'forPaper' => ['open' => round(max(0.0, min(1.0, (float) ($said->now('forPaper.open') ?? 0) + $by)), 3)],
        ];

        return [
            ReadingRule::with(
                "(open~|lift~|lighten~|brighten~|raise~) {$it} [up] {$paper} [by|to|at|:] {share} {$paper} | ".
                    "shadows (open~|lift~) [up] [by|to] {share} | {percent} (lighter|brighter) {$paper}",
                fn (Heard $said): array => ['forPaper' => ['open' => $said->share($said->has('share') ? 'share' : 'percent')]],
                ['lift shadows 20 %', '20 % lighter for paper', 'shadows opened 12%', 'opened by 30 % for paper'],
                cost: -0.2,
            ),
            ReadingRule::with(
                "(open~|lift~|lighten~) [it|them] [up] SLIGHTLY {$paper} | ".
                    '(open~|lift~|lighten~) the (shadows|dark tones|dark parts|darks) [up] SLIGHTLY | '.
                    "[SLIGHTLY] (lighter|brighter) {$paper} | lighter [for paper] SLIGHTLY",
                fn (Heard $said): array => $step(self::STEP)($said),
                ['lighten it a bit', 'open the shadows just a touch', 'a little lighter for paper', 'brighter'],
            ),
            ReadingRule::with(
                '(open~|lift~|lighten~|brighten~) [up] [the] (shadows|dark tones|dark parts|darks) [up] '.
                    '| (open~|lift~|lighten~) [it] [up] for [the|its] paper | lighter shadows | '.
                    'lifted for [the|its] paper | lighten~ (it|them)',
                fn (): array => ['forPaper' => ['open' => self::USUAL_LIFT]],
                ['lift the shadows', 'lighter shadows', 'lifted for paper'],
            ),
            ReadingRule::of(
                'no (lift|lifting|opening) | (leave~ the) tones alone [,] [no lift] | [shadows] not (opened|lifted)',
                ['forPaper' => ['open' => 0]],
                ['no lift', 'leave the tones alone'],
            ),
            ReadingRule::of('[the] opened shadows stay | as is | as (it|they) (is|are) | leave~ [it] as [it] is', [], 'as is', cost: -0.6),
        ];
    }

    /** @return list<ReadingRule> */
    private static function contrast(): array
    {
        $step = fn (float $by): \Closure => fn (Heard $said): array => [
            'forPaper' => ['contrast' => round(max(0.0, min(1.0, (float) ($said->now('forPaper.contrast') ?? 0) + $by)), 3)],
        ];
        $less = fn (Heard $said): array|Unsure => (float) ($said->now('forPaper.contrast') ?? 0) > 0
            ? $step(-self::STEP)($said)
            : new Unsure([], 'No contrast was added that could be taken back, and the picture’s own isn’t changed here.');

        return [
            ReadingRule::with(
                '{percent} more contrast | contrast [up] [by|at|to] {share} | [with] {percent} contrast',
                fn (Heard $said): array => ['forPaper' => ['contrast' => $said->share($said->has('share') ? 'share' : 'percent')]],
                ['20 % more contrast', 'contrast 0.2', 'contrast up by 10 %'],
                cost: -0.2,
            ),
            ReadingRule::with(
                '[SLIGHTLY] (MORE|stronger|higher) contrast [in it] | boost~ [the] contrast | contrastier | contrast up',
                $step(self::STEP),
                ['a bit more contrast', 'boost the contrast'],
            ),
            ReadingRule::with('[SLIGHTLY] less contrast | contrast down', $less, 'less contrast'),
            ReadingRule::of(
                'contrast [back] to (nothing|none|zero|normal) | no [more] contrast | contrast OFF',
                ['forPaper' => ['contrast' => 0]],
                'contrast back to nothing',
            ),
        ];
    }

    /** @return list<ReadingRule> */
    private static function seen(): array
    {
        return [
            ReadingRule::with(
                '[hang~ [up] [a|in the|on the] [stairwell|wall|hall] [,]] [to be|they|guests|people'.
                    '|nobody] [will] (seen|viewed|looked at|see~|view~) [them|it] [from|at] [not] [nearer'.
                    '|closer|about] [than] {distance} [away] | viewing distance [of] {distance} | '.
                    '{distance} (viewing distance|away)',
                fn (Heard $said): array => ['viewedFrom' => (string) $said->value('distance')],
                ['seen from 3 m', 'looked at from 2 m', 'viewing distance 1.8 m', 'viewed from 8 ft'],
                cost: -0.2,
            ),
        ];
    }
}
