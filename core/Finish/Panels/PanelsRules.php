<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Says;
use Planisher\Language\Unsure;

/** How people say that one picture is shared out between several panels. */
final class PanelsRules
{
    /** A middle panel that is to be a little wider, where nobody says how much: our own choice, no source. */
    private const WIDER = 1.25;

    /** @return list<ReadingRule> */
    public static function all(): array
    {
        return [...self::counted(), ...self::shared(), ...self::between(), ...self::undone()];
    }

    /** @return list<ReadingRule> */
    private static function counted(): array
    {
        $made =
            '[as|in|into|split~ [it] [up] [into|over|in|across]|cut~ into|across|over|divided into'.
            '|shared out between|shared between] [a] [set of]';
        $stacked =
            '(stacked|one (above|below|under|on top of) (another|the other)|one above another'.
            '|under each other|on top of each other|[from] top to bottom)';
        $beside = fn (Heard $said): array|Unsure|null => $said->count() > PanelShares::MOST
            ? new Unsure([], "{$said->count()} panels are more than ".PanelShares::MOST.', which is the most.')
            : self::columns(self::equal($said->count()));
        $wider = fn (Heard $said): ?array => self::columns(
            match ($said->count()) {
                3 => [1, 2, 1],
                5 => [1, 1, 2, 1, 1],
                default => null,
            },
        );
        $middle =
            '[with|,] [the|a] (middle|centre|center) [one|panel] (twice|double) [as] (wide'.
            '|the width) [as the (outer|others)|of the outer] [two]';

        return [
            ReadingRule::with(
                "{$made} {count} [equal|even|same] {$stacked} PANELS | ".
                    "{$made} {count} [equal|even] PANELS [,] {$stacked} | ".
                    "{count} rows {$stacked} [,] [no columns]",
                fn (Heard $said): ?array => self::rows(self::equal($said->count())),
                ['three stacked panels', 'two panels, one above the other'],
                cost: -0.2,
            ),
            ReadingRule::with(
                "{$made} {count:columns} (x|by|*) {count:rows} [equal] PANELS | {count:rows} rows of {count:columns} [PANELS]",
                function (Heard $said): ?array {
                    [$columns, $rows] = [self::equal($said->count('columns')), self::equal($said->count('rows'))];

                    return $columns === null || $rows === null
                        ? null
                        : ['make' => PanelsFinish::NAME, 'panels' => ['columns' => $columns, 'rows' => $rows]];
                },
                ['2 x 2 panels', '2 rows of 3'],
                cost: -0.3,
            ),
            ReadingRule::with(
                "{$made} {count} PANELS {$middle} | {$made} {count} [PANELS] [,] [with] [a] (wide|wider".
                    "|bigger) (middle|centre|center) [one|panel|piece] | split~ [it] in {count} [,] {$middle}",
                $wider,
                ['three panels with the middle one twice as wide', 'three panels with a wide middle'],
                cost: -0.2,
            ),
            ReadingRule::with(
                "{$made} {count} [equal|even|same|of the same size] [PICTURE] PANELS [side by side] [of ".
                    "(the same|equal) (size|width)] | {$made} {count} side by side",
                $beside,
                ['three panels', 'as a set of 2 equal panels', 'split in three panels'],
            ),
            ReadingRule::with(
                '[add~] ({count} (more|fewer|less)|another|a further) PANELS | {count} PANELS (more|fewer|less) | add~ [a|{count}] PANELS',
                fn (Heard $said): ?Unsure => $said->isSaidOfLine() ? new Unsure([], 'How many panels are there to be in all?') : null,
                ['one more panel', 'another panel', 'two panels fewer'],
                cost: -1.0,
            ),
            ReadingRule::with('split~ [it] (in|into|over|across) {count} [ways]', $beside, 'split it in three', cost: 0.1),
            ReadingRule::with(
                "{$made} {count} (panel|panels|strips|sections|parts) [of|:] {size} [each] | ".
                    "{$made} {count} {size} (panel|panels) | (triptych|diptych) [of|,|:] {count} (x|of) {size}",
                fn (Heard $said): ?array => $said->size() === null || self::equal($said->count()) === null
                    ? null
                    : [
                        'make' => PanelsFinish::NAME,
                        'panels' => ['columns' => self::equal($said->count())],
                        Says::EACH_SIZE => (string) $said->size(),
                    ],
                ['three panels of 30x60 in', '2 panels of 80 x 60 cm', 'as three 12x18 panels', 'triptych 3 x 12x18'],
                cost: -0.2,
            ),
            ReadingRule::with(
                '{count} (x|by) {count:down}',
                fn (Heard $said): ?Unsure => $said->isSaidOfLine() && max($said->count(), $said->count('down')) < 5
                    ? new Unsure([], 'So large, or so many panels beside and above each other? Say the size with its unit.')
                    : null,
                '2 by 3',
                PanelsFinish::NAME,
                -1.0,
            ),
            ReadingRule::with(
                'each [panel] [of] {size} | {size} each [panel|piece]',
                fn (Heard $said): array => [Says::EACH_SIZE => (string) $said->size()],
                'each 30 x 80 cm',
                PanelsFinish::NAME,
            ),
            ReadingRule::with(
                '(in all|overall|together|total) {size} | {size} (in all|overall|together|total|all in all)',
                fn (Heard $said): array => [Says::SIZE => (string) $said->size()],
                '100 x 100 cm in all',
            ),
            ReadingRule::of(
                "{$made} (triptych|triptychon|tryptych) [{$stacked}]",
                ['make' => PanelsFinish::NAME, 'panels' => ['columns' => [1, 1, 1]]],
                ['triptych', 'as a triptych'],
            ),
            ReadingRule::of(
                "{$made} (triptych) [,] [with] [a] (wide|wider) (middle|centre|center)",
                ['make' => PanelsFinish::NAME, 'panels' => ['columns' => [1, 2, 1]]],
                'triptych with a wide middle',
                cost: -0.2,
            ),
            ReadingRule::of(
                '[with|and] [a|the] (wide|wider|bigger|broad|broader) (middle|centre|center) [one|panel|piece]',
                ['make' => PanelsFinish::NAME, 'panels' => ['columns' => [1, 2, 1]]],
                'wide middle',
            ),
            ReadingRule::of("{$made} diptych", ['make' => PanelsFinish::NAME, 'panels' => ['columns' => [1, 1]]], 'diptych'),
            ReadingRule::of('[equal|even] PANELS', [], 'equal panels', PanelsFinish::NAME, 0.3),
            ReadingRule::of('side by side', [], 'side by side', PanelsFinish::NAME, 0.3),
        ];
    }

    /** @return list<ReadingRule> */
    private static function shared(): array
    {
        return [
            ReadingRule::with(
                '[in|of|as] [the] [ratio|proportions|shares] [of] [PANELS] {ratio} [PANELS]',
                fn (Heard $said): ?array => self::columns((array) $said->value('ratio')),
                ['1:2:1', 'in the ratio one to two to one', '60 / 120 / 60'],
                PanelsFinish::NAME,
            ),
            ReadingRule::with(
                '[shared out between|in|into|as] [{count}] PANELS [of|:] {measure:a} [,|and] {measure:b} [,] [and] [{measure:c}]',
                function (Heard $said): ?array {
                    $shares = array_map(
                        fn (string $name): string => $said->length($name),
                        array_values(array_filter(['a', 'b', 'c'], $said->has(...))),
                    );

                    return count($shares) < 2 ? null : self::columns($shares);
                },
                'panels of 25 in, 40 in and 25 in',
                cost: -0.3,
            ),
            ReadingRule::with(
                '{count} PANELS [of|,|in|:] {ratio}',
                fn (Heard $said): ?array => self::columns((array) $said->value('ratio')),
                'three panels 1:2:1',
                cost: -0.3,
            ),
            ReadingRule::with(
                '(sides|outer [two|panels|ones]) {measure} [,|and] (middle|centre|center) [one|panel] {measure:middle}',
                fn (Heard $said): ?array => self::columns([$said->length('measure'), $said->length('middle'), $said->length('measure')]),
                'sides 20 in, middle 50',
                PanelsFinish::NAME,
                -0.2,
            ),
            ReadingRule::with(
                '(middle|centre|center) [one|panel] {measure} [wide] [,|and] (sides|outer [two|panels|ones]) {measure:side}',
                fn (Heard $said): ?array => self::columns([$said->length('side'), $said->length('measure'), $said->length('side')]),
                'middle 50 in, sides 20',
                PanelsFinish::NAME,
                -0.2,
            ),
            ReadingRule::with(
                '[with|,] [the|a] (middle|centre|center) [one|panel|piece] (twice|double) [as] (wide'.
                    '|the width) [as|of] [the] [outer|others|other] [two|ones]',
                fn (Heard $said): ?array => self::columns([1, 2, 1]),
                'the middle one twice as wide',
                PanelsFinish::NAME,
            ),
            ReadingRule::with(
                '[a] [SLIGHTLY] (wider|bigger|broader) (middle|centre|center) [one|panel'.
                    '|piece] [,] [skinnier (sides|ones)] | (middle|centre|center) [one'.
                    '|panel] [SLIGHTLY] wider',
                fn (Heard $said): ?array => self::columns([
                    1,
                    preg_match('/slight|bit|little|touch/i', $said->words()) === 1 ? self::WIDER : 2,
                    1,
                ]),
                'a slightly wider middle panel',
            ),
            ReadingRule::with(
                'top row twice as (high|tall) [as] [the] [bottom] [one|row]',
                fn (): array => ['panels' => ['rows' => [2, 1]]],
                'top row twice as high',
                PanelsFinish::NAME,
            ),
            ReadingRule::with(
                'bottom row twice as (high|tall) [as] [the] [top] [one|row]',
                fn (): array => ['panels' => ['rows' => [1, 2]]],
                'bottom row twice as high',
                PanelsFinish::NAME,
            ),
        ];
    }

    /** @return list<ReadingRule> */
    private static function between(): array
    {
        $gap = fn (Heard $said): ?array => $said->make === 'shared-sheet'
            ? null
            : ['make' => PanelsFinish::NAME, 'panels' => ['gap' => $said->length('measure')]];
        $panels = PanelsFinish::NAME;

        return [
            ReadingRule::with(
                '[with] (gap|gaps|spacing) [of|is|:] {measure} [between [them|the PANELS]] | {measure} gap~ [between [them|the PANELS]]',
                $gap,
                ['gap 2 cm', '1 in gaps', '2 inch gaps'],
            ),
            ReadingRule::with(
                '[hung] {measure} [of wall] [showing] (apart|between [them|the PANELS|the pieces|each]) | '.
                    '[with] {measure} [of] wall [between them]',
                $gap,
                ['1 in between them', '3 cm of wall showing between the pieces', '2 cm apart'],
            ),
            ReadingRule::of(
                '(no|without [a|any]) (gap|gaps|spacing) [between [them|the PANELS]] | edge to edge | '.
                    'hang~ flush | flush | touching | butted',
                ['panels' => ['gap' => null]],
                ['no gap', 'edge to edge'],
                $panels,
                -0.2,
            ),
            ReadingRule::with(
                '{measure} overlap | (overlap~|overlapping) [by|of] {measure}',
                fn (Heard $said): array => ['panels' => ['overlap' => $said->length('measure')]],
                ['1 cm overlap', 'overlapping by 2 cm'],
                $panels,
            ),
            ReadingRule::of(
                '[the] picture kept whole | (nothing|none) lost behind [the] gap~ | (don\'t|do not) lose (what~|what\'s'.
                    '|anything) [is] behind [the] gap~ | keep~ (what is|the strip|what\'s) behind [the] gap~',
                ['panels' => ['behindGap' => 'keep']],
                'nothing lost behind the gaps',
                $panels,
            ),
            ReadingRule::of(
                '(leave~ out|drop~|omit~|lose) [the] (strip|picture|part|bit|what is'.
                    '|what\'s) [of picture] [that] [falls|is|lies] behind [the] (gap|gaps'.
                    '|it) [so the lines run on] | [the] strip [of picture] behind (it|them|the gap'.
                    '|the gaps) [is] [to be] (omitted|dropped|left out) | picture behind [the] gaps left out | '.
                    'what lies behind a gap left out',
                ['panels' => ['behindGap' => 'drop']],
                'leave out the strip behind the gap',
                $panels,
            ),
        ];
    }

    /** @return list<ReadingRule> */
    private static function undone(): array
    {
        return [
            ReadingRule::of(
                '[as] (one|a) [single] piece [instead] [,] [no panels] | no panels [,] [one piece] | one single print',
                ['make' => 'print'],
                ['as one piece', 'no panels'],
                PanelsFinish::NAME,
                -0.2,
            ),
        ];
    }

    /** @return ?list<int> */
    private static function equal(int $count): ?array
    {
        return $count < 2 || $count > PanelShares::MOST ? null : array_fill(0, $count, 1);
    }

    /**
     * @param  ?array<mixed>  $shares
     * @return ?array<string, mixed>
     */
    private static function columns(?array $shares): ?array
    {
        return $shares === null || count($shares) > PanelShares::MOST
            ? null
            : ['make' => PanelsFinish::NAME, 'panels' => ['columns' => array_values($shares)]];
    }

    /**
     * @param  ?list<int>  $shares
     * @return ?array<string, mixed>
     */
    private static function rows(?array $shares): ?array
    {
        return $shares === null ? null : ['make' => PanelsFinish::NAME, 'panels' => ['columns' => [1], 'rows' => $shares]];
    }
}
