<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Language\Offer;
use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Unsure;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;

/** How people say what white, or whatever colour, is to be left round the image. */
final class BorderRules
{
    /** Narrow, and nobody has said how narrow: a guess (common practice, no source). */
    private const USUAL = '0.25 in';

    private const USUAL_MAT = '1 in';

    /** A border that is to be thinner or wider, where nobody says how much: our own choice, no source. */
    private const NARROWER = 0.75;

    private const WIDER = 1.25;

    private const FOR_MAT = '(to|for) [a|the] mat~ [over]';

    private const SMALL = '[even|equal|thin|narrow|wide|tiny|small|smallish|normal|simple|bit of]';

    /** @return list<ReadingRule> */
    public static function all(): array
    {
        return [...self::said(), ...self::ofSides(), ...self::changed(), ...self::coloured(), ...self::unsaid()];
    }

    /** @return list<ReadingRule> how wide it is */
    private static function said(): array
    {
        $border = self::border(...);
        $small = self::SMALL;
        $mat = self::FOR_MAT;

        return [
            ReadingRule::with("{measure} [wide|thick] [{colour}] [paper] BORDER [ROUND] [$mat] [INSTEAD {measure:old}]", $border, [
                '1/2 in white border',
                'a quarter inch border all round',
                'ten mil border',
            ]),
            ReadingRule::with("{measure} [wide|thick] {colour} [paper] [BORDER|edge|room|space|free] [ROUND] [$mat]", $border, [
                '1/2 white',
                '2 in of white to mat over',
            ]),
            ReadingRule::with("{colour} {measure} [wide|thick] BORDER [ROUND] [$mat]", $border, 'white 1 in border', cost: -0.2),
            ReadingRule::with('{measure} [{colour}] [free|clear|paper] ROUND', $border, '0.25 in all around', cost: -0.2),
            ReadingRule::with(
                "$small [{colour}] BORDER [{colour:exact}] [again|back] [of|is|at|to".
                    '|from] {measure} [wide|thick] [ROUND] [,] [{colour:exact}] [INSTEAD {measure:old}]',
                $border,
                ['border 20 mm', 'margin of 20 mm on four sides', 'white border: 2 cm'],
            ),
            ReadingRule::with(
                '{colour} (edge|edges|frame|rim|space|room) [of|is|at|to] {measure} [ROUND]',
                $border,
                'white edge of 2 cm',
                self::print(),
            ),
            ReadingRule::with('{colour} ROUND [of|at|,] {measure}', $border, 'white all round, 2 cm'),
            ReadingRule::with(
                '[thin|narrow|wide|small] [{colour}] BORDER [ROUND] OPEN {measure} [ROUND] CLOSE',
                $border,
                ['border (5 mm)', 'white border all round (1/2 in)'],
                cost: -0.3,
            ),
            ReadingRule::with('{colour} {measure} ROUND', $border, 'white two inches round'),
            ReadingRule::with("leave~ {measure} [of] [{colour}] [ROUND] [$mat]", $border, 'leave 2 in all round to mat over'),
            ReadingRule::with(
                '(plus|including|incl|inclusive of) [a] {measure} [{colour}] BORDER [ROUND] | '.
                    '(plus|including|incl) [a] [{colour}] BORDER of {measure} [ROUND]',
                fn (Heard $said): Unsure => new Unsure($border($said), 'Is it within that size, or added to it? It was read as within.'),
                'plus 3 cm white border',
                cost: -0.3,
            ),
            ReadingRule::with(
                'leave~ {measure} [of] [{colour}] [room|space|paper] (for|under) [the|a|its] (frame|framer|framing)',
                fn (Heard $said): Unsure => new Unsure([], 'White round it, or so much of it under the frame?', [
                    new Offer("a border of {$said->length('measure')}", "white border {$said->length('measure')}"),
                    new Offer("{$said->length('measure')} under the frame", "the frame covers {$said->length('measure')}"),
                ]),
                'leave 5 mm for the frame',
                cost: -0.3,
            ),
            ReadingRule::with("{measure} [{colour}] [room|space|paper] [ROUND] $mat", $border, '1 in to mat over'),
            ReadingRule::with("[{colour}] [room|space|paper|margin] [left] $mat [of|,] {measure}", $border, 'room to mat over of 2 in'),
            ReadingRule::with('(room|border|margin) of {measure} [ROUND] to mat over', $border, 'room of 1 in to mat over'),
            ReadingRule::of('[a] (bottom [-] weighted|weighted [at the] bottom) [mat|border|margin]', [], 'bottom-weighted mat'),
            ReadingRule::with(
                '{percent} of the (short|shorter|smaller|long|longer) (side|edge) [as] [a] BORDER | '.
                    'BORDER [of] {percent} of the (short|shorter|smaller|long|longer) (side|edge)',
                function (Heard $said): ?array {
                    $size = self::size($said);
                    if ($size === null) {
                        return null;
                    }
                    $isLong = preg_match('/\blong/i', $said->words()) === 1;
                    $side = $isLong ? $size->landscape()->width : $size->portrait()->width;

                    return ['border' => (string) Length::exact((int) round($side->nanometres * $said->share('percent')), $side->unit)];
                },
                '10 % of the short side as a border',
            ),
        ];
    }

    /** @return list<ReadingRule> of some sides */
    private static function ofSides(): array
    {
        $sides = fn (Heard $said): array => [
            'border' => array_fill_keys((array) $said->value('sides'), $said->length('measure')),
            ...$said->has('colour') ? ['paperColour' => $said->colour()] : [],
        ];
        $isMore = fn (Heard $said): bool => preg_match('/\b(?:in|inch|inches|cm|mm|")\s+more\b/i', $said->words()) === 1;
        $isLoose = fn (Heard $said): bool => ! $said->isSaidOfLine() &&
            preg_match('/^\W*(?:the )?(?:top|bottom|left|right) \d+$/i', $said->words()) === 1;
        $of = fn (Heard $said): array|Unsure => match (true) {
            $isMore($said) && $said->now('border') !== null => new Unsure(
                $sides($said),
                'So much more, or so much in all? It was read as in all.',
            ),
            $isLoose($said) => new Unsure($sides($said), 'Is that a border, so wide on that side?'), // “my top 3”
            default => $sides($said),
        };

        return [
            ReadingRule::with(
                '[BORDER [of]] {measure} [{colour}] [BORDER] (on|at|along) (two|three|2|3) sides',
                fn (): Unsure => new Unsure([], 'On which sides? Say them: top, bottom, left, right.'),
                ['border 2 in on three sides', '1 cm white border on 2 sides'],
                self::print(),
                -0.8,
            ),
            ReadingRule::with(
                '{measure} [more] [wide] [of] [{colour}] [BORDER] {sides}',
                $of,
                ['1.5 in below', 'an inch of white at top and sides', '2 in white at the bottom'],
                self::print(),
            ),
            ReadingRule::with(
                '{sides} [BORDER] [{colour}] [of|to|at] {measure}',
                $of,
                ['bottom 2.5 in', 'the bottom border to 2 inches'],
                self::print(),
            ),
            ReadingRule::with('keep~ {sides} [BORDER] [at|to] {measure}', $of, 'keep the rest at 1 in', self::print()),
            ReadingRule::with(
                '[more] [{colour}] BORDER {sides} [more big|bigger|wider'.
                    '|larger] [than the others] [,] [of|to] {measure} [each] [INSTEAD {measure:old}]',
                $of,
                ['border at the bottom 2 in', 'the margin below bigger than the others, 5 cm'],
                self::print(),
            ),
            ReadingRule::with(
                'more {colour} {sides} [,] {measure} [INSTEAD {measure:old}]',
                $of,
                'more white below, 4 cm in place of 2',
                self::print(),
            ),
            ReadingRule::with(
                '{colour} (bars|strips|bands|borders) {sides} [,] {measure} [each]',
                $of,
                'black bars top and bottom, 1 in each',
                self::print(),
                -0.2,
            ),
            ReadingRule::with(
                '{measure:first} [and] a (wee|little|tiny) bit more {sides} [,] [say|like] {measure}',
                fn (Heard $said): array => [
                    'border' => array_fill_keys((array) $said->value('sides'), $said->length('measure')) + [
                        'rest' => $said->length('first'),
                    ],
                ],
                'one inch and a wee bit more below, say 1 1/4',
                self::print(),
            ),
        ];
    }

    /** @return list<ReadingRule> otherwise than it is */
    private static function changed(): array
    {
        $times = fn (float $times): \Closure => fn (Heard $said): Unsure|array => self::scaled($said, $times);

        return [
            ReadingRule::with('double [the] BORDER | BORDER (twice|double) [as wide|the width]', $times(2), 'double the border'),
            ReadingRule::with('(half|halve) [the] BORDER', $times(0.5), 'halve the border'),
            ReadingRule::with(
                '[same] BORDER [but] {measure} (less|smaller|narrower|thinner) [ROUND] | '.
                    '{measure} (less|smaller|narrower) BORDER | (smaller|narrower|thinner) BORDER by {measure}',
                fn (Heard $said): Unsure|array => self::scaled($said, 1, '-'.$said->length('measure')),
                'border 5 mm narrower',
            ),
            ReadingRule::with(
                '[same] BORDER [but] {measure} (more|bigger|wider|larger) [ROUND] | '.
                    '{measure} (more|wider|bigger) BORDER | (bigger|wider|larger) BORDER by {measure}',
                fn (Heard $said): Unsure|array => self::scaled($said, 1, $said->length('measure')),
                'border 5 mm wider',
            ),
            ReadingRule::with(
                'BORDER [SLIGHTLY] (thinner|narrower|smaller) [,] [like|say|about] {measure} | '.
                    '[SLIGHTLY] (thinner|narrower|smaller) BORDER [,] [like|say|about] {measure}',
                fn (Heard $said): array => ['border' => $said->length('measure')],
                'a bit thinner border, like 3/8',
            ),
            ReadingRule::with(
                'BORDER [SLIGHTLY] (wider|bigger|larger|thicker) [,] [like|say|about] {measure} | '.
                    '[SLIGHTLY] (wider|bigger|larger|thicker) BORDER [,] [like|say|about] {measure}',
                fn (Heard $said): array => ['border' => $said->length('measure')],
                'a bigger border, say 1 in',
            ),
            ReadingRule::with(
                'BORDER [SLIGHTLY] (thinner|narrower|smaller) | [SLIGHTLY] (thinner|narrower|smaller) BORDER',
                $times(self::NARROWER),
                'a bit thinner border',
            ),
            ReadingRule::with(
                'BORDER [SLIGHTLY] (wider|bigger|larger|thicker) | [SLIGHTLY] (wider|bigger|larger|thicker) BORDER',
                $times(self::WIDER),
                'a bit wider border',
            ),
            ReadingRule::of(
                '(borderless|edge to edge|full [-] bleed|bleed to the edge|no white [edge|edges'.
                    '|BORDER] [on it|showing|at all|ROUND]|without [any] white [edge|edges|BORDER]'.
                    '|to the edge)',
                ['fit' => 'fill', 'border' => null],
                ['borderless', 'full bleed', 'no white edges', 'without white'],
            ),
            ReadingRule::of(
                'NO [more] [{colour}] BORDER [at all|ROUND] | BORDER OFF | no [{colour}] BORDER | BORDER none',
                ['border' => null],
                ['no border', 'without a border', 'take off the border'],
            ),
        ];
    }

    /** @return list<ReadingRule> in which colour */
    private static function coloured(): array
    {
        $paper = fn (Heard $said): array => ['paperColour' => $said->colour($said->has('exact') ? 'exact' : 'colour')];

        return [
            ReadingRule::with('BORDER [go~] [back] (in|to) [the|a] {colour}', $paper, ['border in cream', 'border back to white']),
            ReadingRule::with('(on|the paper in) {colour} paper | paper [colour|color] {colour}', $paper, [
                'on cream paper',
                'paper white',
            ]),
            ReadingRule::with(
                'in [the|a] {colour}',
                fn (Heard $said): ?array => $said->isSaidOfLine() || preg_match('/#/', $said->words()) !== 1
                    ? null
                    : ['paperColour' => $said->colour()],
                'in the pink #e8b4b8',
                cost: 0.4,
            ),
            ReadingRule::with(
                '{colour} [paper] ROUND [,] [{colour:exact}]',
                fn (Heard $said): array|Unsure => $said->now('border') === null
                    ? self::howWide($said, $said->colour($said->has('exact') ? 'exact' : 'colour'))
                    : [
                        'paperColour' => $said->colour($said->has('exact') ? 'exact' : 'colour'),
                    ],
                'white all round',
                cost: 0.3,
            ),
        ];
    }

    /** @return list<ReadingRule> where nobody says how wide */
    private static function unsaid(): array
    {
        $small = self::SMALL;
        $mat = self::FOR_MAT;

        return [
            ReadingRule::with(
                "$small [{colour}] BORDER [ROUND] [,] [{colour:exact}]",
                fn (Heard $said): array|Unsure => self::howWide(
                    $said,
                    match (true) {
                        $said->has('exact') => $said->colour('exact'),
                        $said->has('colour') => $said->colour(),
                        default => null,
                    },
                ),
                'a thin black border',
                cost: 0.5,
            ),
            ReadingRule::with(
                "[some|enough] [room|space|white|margin] [left] $mat",
                fn (): Unsure => new Unsure(
                    ['border' => self::USUAL_MAT],
                    'How much white to mat over isn’t said.',
                    self::lengths(['1 in', '2 in', '3 in'], fn (string $length): string => "{$length} to mat over"),
                ),
                'room to mat over',
                cost: 0.5,
            ),
            ReadingRule::with(
                '{colour} (edge|edges|side|sides|bar|bars|frame|rim) [ROUND] | (edge|edges|side|sides|bar|bars) [in] {colour}',
                fn (Heard $said): ?Unsure => in_array($said->make, ['canvas', 'panels', 'shared-sheet'], true)
                    ? null
                    : new Unsure(
                        ['border' => self::USUAL, 'paperColour' => $said->colour()],
                        'A border in that colour round it? How wide it is to be isn’t said.',
                        self::lengths(
                            ['1/4 in', '1/2 in', '1 in'],
                            fn (string $length): string => "{$length} ".$said->words('colour').' border',
                        ),
                    ),
                'white edges',
                self::print(),
                0.4,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function border(Heard $said): array
    {
        $colour = $said->has('exact') ? $said->colour('exact') : ($said->has('colour') ? $said->colour() : null);

        return ['border' => $said->length('measure'), ...$colour === null ? [] : ['paperColour' => $colour]];
    }

    /** @return Unsure|array<string, mixed> */
    private static function scaled(Heard $said, float $times, ?string $more = null): Unsure|array
    {
        $border = $said->changed('border', $times, $more);

        return $border === null ? new Unsure([], 'The border is to be changed, and there is none of one width.') : ['border' => $border];
    }

    /** @return Unsure|array<string, mixed> */
    private static function howWide(Heard $said, ?string $colour): Unsure|array
    {
        $of = $colour === null ? [] : ['paperColour' => $colour];
        if ($said->now('border') !== null) {
            return $of === [] ? new Unsure([], 'It has a border. What of it is to be otherwise?') : $of;
        }
        $named = $said->has('colour') ? $said->words('colour').' ' : '';

        return new Unsure(
            ['border' => self::USUAL] + $of,
            'How wide the border is to be isn’t said.',
            self::lengths(['1/4 in', '1/2 in', '1 in'], fn (string $length): string => "{$length} {$named}border"),
        );
    }

    private static function size(Heard $said): ?Size
    {
        try {
            return is_string($said->now('size')) ? Size::parse($said->now('size'), $said->known->unit) : null;
        } catch (MeasureError) {
            return null;
        }
    }

    /**
     * @param  list<string>  $lengths
     * @param  \Closure(string): string  $with
     * @return list<Offer>
     */
    private static function lengths(array $lengths, \Closure $with): array
    {
        return array_map(fn (string $length): Offer => new Offer($with($length), $with($length)), $lengths);
    }

    private static function print(): string
    {
        return PrintFinish::NAME;
    }
}
