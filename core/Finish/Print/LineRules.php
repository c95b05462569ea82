<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Unsure;

/** How people speak of the fine line round an image. */
final class LineRules
{
    /** A line that is to be thicker or thinner, where nobody says how much: our own choice, no source. */
    private const THICKER = 1.5;

    private const THINNER = 0.67;

    /** @return list<ReadingRule> */
    public static function all(): array
    {
        $drawn = fn (Heard $said): array => [
            'keyline' => [
                ...$said->has('measure') ? ['width' => $said->length('measure')] : [],
                ...$said->has('colour') ? ['colour' => $said->colour()] : [],
            ],
        ];
        $times = fn (float $times): \Closure => function (Heard $said) use ($times): Unsure|array {
            $width = $said->now('keyline') === null ? null : $said->changed('keyline.width', $times) ?? null;

            return $width === null
                ? new Unsure([], 'There is no line of a width yet. Say how thick it is to be.')
                : ['keyline' => ['width' => $width]];
        };
        $thin = '[very] [thin|fine|small|narrow|faint|hairline|solid|simple]';

        return [
            ReadingRule::of(
                'NO [thin|fine|{colour}] LINE [ROUND] [again] | LINE [back] OFF [again] | '.
                    'take~ [the] LINE [back] (off|of|away) [again] | no LINE [ROUND]',
                ['keyline' => null],
                ['no line', 'no keyline round it', 'keyline off'],
            ),
            ReadingRule::with(
                "{length} [wide|thick] {$thin} [{colour}] {$thin} LINE [ROUND]",
                fn (Heard $said): array => [
                    'keyline' => ['width' => $said->length(), ...$said->has('colour') ? ['colour' => $said->colour()] : []],
                ],
                ['1 mm line', '0.5 mm black keyline', 'half-point gray keyline'],
            ),
            ReadingRule::with(
                "{$thin} [{colour}] {$thin} LINE [to] [of|in|at|:] {length} [ROUND] [and|,|in] [{colour:exact}]",
                fn (Heard $said): array => [
                    'keyline' => [
                        'width' => $said->length(),
                        ...$said->has('exact')
                            ? ['colour' => $said->colour('exact')]
                            : ($said->has('colour')
                                ? ['colour' => $said->colour()]
                                : []),
                    ],
                ],
                ['keyline 0.25 mm', 'keyline 0,25 mm, white', 'a black line of 0.5 mm round it'],
                cost: 0.1,
            ),
            ReadingRule::with(
                "{pixels} [wide] {$thin} [{colour}] {$thin} LINE [ROUND] | LINE [of] {pixels} [{colour}]",
                fn (Heard $said): array => [
                    'keyline' => ['width' => "{$said->value('pixels')} px", ...$said->has('colour') ? ['colour' => $said->colour()] : []],
                ],
                '3 px black line',
            ),
            ReadingRule::with(
                '(thin|fine|hairline|narrow|faint|single) [{colour}] LINE [ROUND] [in {colour:exact}] | '.
                    "{colour} {$thin} LINE [ROUND] | (key [-] line|keyline|hairline|outline|stroke) [in".
                    '|,] [{colour}] [ROUND] | LINE ROUND [it]',
                fn (Heard $said): array => [
                    'keyline' => $said->has('exact')
                        ? ['colour' => $said->colour('exact')]
                        : ($said->has('colour')
                            ? ['colour' => $said->colour()]
                            : []),
                ],
                ['a thin black line', 'black line round it', 'a keyline', 'hairline in grey'],
            ),
            ReadingRule::with('LINE [in|to] {colour} [INSTEAD {colour:old}]', $drawn, ['the line in white, not black'], cost: 0.1),
            ReadingRule::with('outlined [in {colour}]', $drawn, 'outlined in black'),
            ReadingRule::with('LINE (twice|double) as (thick|wide) | double [the] LINE', $times(2), 'line twice as thick'),
            ReadingRule::with(
                '[SLIGHTLY] (thicker|wider|heavier|bolder) LINE | LINE [SLIGHTLY] (thicker|wider|heavier|bolder)',
                $times(self::THICKER),
                'a bit thicker line',
            ),
            ReadingRule::with(
                '[SLIGHTLY] (thinner|finer|lighter) LINE | LINE [SLIGHTLY] (thinner|finer)',
                $times(self::THINNER),
                'thinner line',
            ),
        ];
    }
}
