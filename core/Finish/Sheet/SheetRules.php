<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Says;
use Planisher\Language\Unsure;
use Planisher\Measure\Size;

/** How people say that several prints share a sheet, and what is wanted of it. */
final class SheetRules
{
    private const MOST = 100;

    private const SHEET = SheetFinish::NAME;

    private const ORDINALS = ['first' => 0, 'second' => 1, 'third' => 2, 'fourth' => 3, 'fifth' => 4, 'sixth' => 5];

    /** @return list<ReadingRule> */
    public static function all(): array
    {
        return [...self::gathered(), ...self::laid(), ...self::ofCells(), ...self::told()];
    }

    /** @return list<ReadingRule> a sheet's own sentence: what its cells hold is told there, and said of the cells */
    private static function told(): array
    {
        $cells = '{count:a} {size:aa} [,|and] [{count:b} {size:bb}] [,|and] [{count:c} {size:cc}] [,|and] [{count:d} {size:dd}]';
        $sheet = '[make~] {count} shared (sheet|sheets)';
        $sheets = fn (Heard $said): ?array => $said->isSaidOfLine()
            ? ['copies' => $said->count()] + ($said->size() === null ? [] : ['size' => (string) $said->size()])
            : null;

        return [
            ReadingRule::with(
                '[as|in] [a] {count:columns} (x|by) {count:rows} (grid|collage|block|layout)',
                fn (): Unsure => new Unsure([], 'How large is each of them on the sheet?'),
                'as a 2x2 grid',
                cost: -0.6,
            ),
            ReadingRule::with(
                "{$sheet} of {$cells} on {size}",
                $sheets,
                'make 1 shared sheet of two 3 x 4 in on 8 x 10 in',
                self::SHEET,
                -2.0,
            ),
            ReadingRule::with(
                "{$sheet} of {$cells} on ([{count:sheets} of] the cheapest (sheet|sheets)) [, {size:cheapest}]",
                fn (Heard $said): ?array => $said->isSaidOfLine() ? ['copies' => $said->count(), 'size' => 'cheapest'] : null,
                'make 2 shared sheets of four 3 x 4 in on the cheapest sheet',
                self::SHEET,
                -2.0,
            ),
        ];
    }

    /** @return list<ReadingRule> that prints come to share a sheet */
    private static function gathered(): array
    {
        $many = fn (Heard $said): ?array => $said->count() < 1 || $said->count() > self::MOST
            ? null
            : [
                Says::GATHER => ['many' => $said->count()] + ($said->size() === null ? [] : ['on' => (string) $said->size()]),
            ];
        $all = fn (Heard $said): array => [
            Says::GATHER => ['many' => 0] +
                match (true) {
                    $said->size() !== null => ['on' => (string) $said->size()],
                    preg_match('/\b(?:one|single|the same)\b/iu', $said->words()) === 1 => ['isOne' => true],
                    default => [],
                },
        ];

        return [
            ReadingRule::with(
                '{count} (to|per|a|each|upon) [a|an|one|each] SHEET | {count} (to|per) (a|an|one|each) {size}',
                $many,
                ['two to a sheet', '4 per page', 'two to an 8x10'],
                cost: -0.3,
            ),
            ReadingRule::with('[gang~ [them|it]] {count} [-] up [on [a|an|one] {size}]', $many, ['2-up', 'two up on an 8x10'], cost: -0.3),
            ReadingRule::with(
                '[put~|print~|lay~|gang~] {count} of (these|them|it|those) [together] on (one|a|the same|a single) (SHEET|{size})',
                $many,
                ['four of these on one sheet', 'four of these on one 4x6'],
                cost: -0.5,
            ),
            ReadingRule::with(
                '(put~|print~) {count} on (a|one) SHEET',
                fn (Heard $said): Unsure => new Unsure([], 'Of this picture alone, and on which sheet? Say “4 of these on one 8x10”.'),
                'put 4 on a sheet',
                cost: -0.4,
            ),
            ReadingRule::with(
                '[all|both] [of them] [together|put|laid|ganged|nested|combined] (on|onto) (one|the same'.
                    '|a single|a shared) [shared] SHEET [together] | [all] [on] shared SHEET | '.
                    'sharing [a] SHEET | share~ [a] SHEET',
                $all,
                ['all on one sheet', 'on shared sheets', 'sharing a sheet'],
                cost: -0.2,
            ),
            ReadingRule::with(
                'share~ [a|an|one] {size} | (combine~|gang~|nest~) [both|all|them] [together] [on [a|an'.
                    '|one] {size}] | [both|all|together] side by side on (one|an|a) {size} | '.
                    'together on (one|a|an) {size} | (both|all [three|four]) on (one|a|an) {size}',
                $all,
                ['share a 4x6', 'ganged', 'side by side on one 8x10'],
                cost: -0.2,
            ),
            ReadingRule::of(
                '[ganged|nested|together] on [the] cheapest (sheet|paper) [of the lab]',
                [Says::GATHER => ['many' => 0, 'on' => 'cheapest']],
                'ganged on the cheapest sheet',
                cost: -0.3,
            ),
            ReadingRule::with(
                'as many as fit~ [on [a|an|one] {size}]',
                fn (Heard $said): Unsure => new Unsure([], 'How many those are is worked out on the bench. Say how many are wanted.'),
                'as many as fit',
            ),
        ];
    }

    /** @return list<ReadingRule> what is wanted of the sheet */
    private static function laid(): array
    {
        $gutter = fn (Heard $said): array => ['sheet' => ['gutter' => $said->length('measure')]];
        $margin = fn (Heard $said): array => ['sheet' => ['margin' => $said->length('measure')]];

        return [
            ReadingRule::of(
                'NO (cut|cutting|trim) [-] (marks|ticks) | (cut|cutting) [-] (marks|ticks) OFF',
                ['sheet' => ['cutMarks' => false]],
                ['no cut marks', 'cut marks off'],
                self::SHEET,
            ),
            ReadingRule::of(
                '[with] [little] (cut|cutting) [-] (marks|mark|ticks) [on]',
                ['sheet' => ['cutMarks' => true]],
                ['cut marks', 'with cutting marks'],
            ),
            ReadingRule::of('[with] (trim|crop|tick|corner) [-] marks', ['sheet' => ['cutMarks' => true]], 'with trim marks', self::SHEET),
            ReadingRule::with('[a] gutter~ [of|:] {measure} | {measure} gutter~', $gutter, ['gutters of 2 mm', '1/8 in gutter']),
            ReadingRule::with('[with] (gap|gaps|spacing) [of] {measure} | {measure} gap~', $gutter, ['3mm gaps', 'gap 5 mm'], self::SHEET),
            ReadingRule::with(
                '{measure} (between [them|each|the prints]|apart|between the pictures)',
                $gutter,
                ['2 mm between them', '1/4 in apart'],
                self::SHEET,
            ),
            ReadingRule::with(
                'margin [of] {measure} | {measure} margin [ROUND] | '.
                    '{measure} [free] (round|around) [the] (outside|edge|edges) [of the sheet] | '.
                    '{measure} inside [its|the] edge',
                $margin,
                ['margin 10 mm', '4 mm round the outside', '5 mm inside its edge'],
                self::SHEET,
                -0.5,
            ),
            ReadingRule::of('[the|this] sheet', [], 'the sheet', self::SHEET, 0.8),
            ReadingRule::of('edge to edge', ['sheet' => ['gutter' => '0 mm']], 'edge to edge', self::SHEET, -0.3),
            ReadingRule::of('cut (once|apart) [in {count}]', [], 'cut apart in three', self::SHEET),
        ];
    }

    /** @return list<ReadingRule> what is wanted of the prints on it */
    private static function ofCells(): array
    {
        return [
            ReadingRule::with(
                '{count} [of] each of both | {count} of each [of them]',
                fn (Heard $said): ?array => self::cells($said, fn (array $cell): array => ['copies' => $said->count()] + $cell),
                '2 of each of them',
                self::SHEET,
                -0.4,
            ),
            ReadingRule::with(
                '{count} of [the] (small|smaller|little) (ones|prints|one) [INSTEAD {count:old}]',
                fn (Heard $said): ?array => self::ofSize($said, isSmall: true, count: $said->count()),
                '4 of the small ones',
                self::SHEET,
                -0.4,
            ),
            ReadingRule::with(
                '{count} of [the] (big|bigger|large|larger) (ones|prints|one) [INSTEAD {count:old}]',
                fn (Heard $said): ?array => self::ofSize($said, isSmall: false, count: $said->count()),
                '2 of the big ones',
                self::SHEET,
                -0.4,
            ),
            ReadingRule::with(
                'add~ [a|another] [{count}] {size} of {pictures}',
                function (Heard $said): ?array {
                    $named = $said->value('pictures');
                    $cells = $said->now('sheet.cells');

                    return $named === null || ! is_array($cells) || $said->size() === null || count($named->names) !== 1
                        ? null
                        : [
                            'sheet' => [
                                'cells' => [
                                    ...$cells,
                                    [
                                        'picture' => $named->names[0],
                                        'size' => (string) $said->size(),
                                        'copies' => $said->has('count') ? $said->count() : 1,
                                    ],
                                ],
                            ],
                        ];
                },
                'add a 2x3 of oars',
                self::SHEET,
                -1.0,
            ),
            ReadingRule::with(
                '{colour} BORDER [of] {measure} on (each|all) [of [the]] [little|small] (ones|one|prints'.
                    '|cells|pictures) | {measure} [{colour}] BORDER on (each|all) [of [the]] [little'.
                    '|small] (ones|one|prints|cells|pictures)',
                fn (Heard $said): ?array => self::cells(
                    $said,
                    fn (array $cell): array => [
                        'border' => $said->length('measure'),
                        ...$said->has('colour') && $said->colour() !== '#ffffff' ? ['paperColour' => $said->colour()] : [],
                    ] + $cell,
                ),
                'white border of 3 mm on all of the little ones',
                self::SHEET,
                -0.5,
            ),
            ReadingRule::with(
                'turn~ [the] {word} (one|print|picture) [a quarter|round] | {word} one turned',
                function (Heard $said): ?array {
                    $at = self::ORDINALS[(string) $said->value('word')] ?? null;

                    return $at === null
                        ? null
                        : self::cell(
                            $said,
                            $at,
                            fn (array $cell): ?array => isset($cell['at'])
                                ? ['at' => ['turned' => ! ($cell['at']['turned'] ?? false)] + $cell['at']] + $cell
                                : null,
                        );
                },
                'turn the first one round',
                self::SHEET,
                -0.3,
            ),
            ReadingRule::with(
                '[the] {word} (one|print|picture) {measure} from [the] (left|top) [edge]',
                function (Heard $said): ?array {
                    $at = self::ORDINALS[(string) $said->value('word')] ?? null;
                    $key = preg_match('/\btop\b/i', $said->words()) === 1 ? 'y' : 'x';

                    return $at === null
                        ? null
                        : self::cell(
                            $said,
                            $at,
                            fn (array $cell): ?array => isset($cell['at'])
                                ? ['at' => [$key => $said->length('measure')] + $cell['at']] + $cell
                                : null,
                        );
                },
                'the second one 2 in from the left',
                self::SHEET,
                -0.3,
            ),
        ];
    }

    /**
     * @param  \Closure(array<string, mixed>): ?array<string, mixed>  $with
     * @return ?array<string, mixed>
     */
    private static function cells(Heard $said, \Closure $with): ?array
    {
        $cells = $said->now('sheet.cells');

        return is_array($cells) ? ['sheet' => ['cells' => array_values(array_map($with, $cells))]] : null;
    }

    /**
     * @param  \Closure(array<string, mixed>): ?array<string, mixed>  $with
     * @return ?array<string, mixed>
     */
    private static function cell(Heard $said, int $at, \Closure $with): ?array
    {
        $cells = $said->now('sheet.cells');
        $cell = is_array($cells) && isset($cells[$at]) ? $with($cells[$at]) : null;

        return $cell === null ? null : ['sheet' => ['cells' => array_values(array_replace((array) $cells, [$at => $cell]))]];
    }

    /** @return ?array<string, mixed> */
    private static function ofSize(Heard $said, bool $isSmall, int $count): ?array
    {
        $cells = $said->now('sheet.cells');
        if (! is_array($cells) || count($cells) < 2) {
            return null;
        }
        $areas = array_map(fn (array $cell): float => Size::parse((string) $cell['size'], $said->known->unit)->areaSquareInches(), $cells);
        $wanted = $isSmall ? min($areas) : max($areas);
        $many = count(array_filter($areas, fn (float $area): bool => $area === $wanted));
        if ($many !== 1) {
            return null;
        }

        return self::cell($said, (int) array_search($wanted, $areas, true), fn (array $cell): array => ['copies' => $count] + $cell);
    }
}
