<?php

declare(strict_types=1);

namespace Planisher\Reading\Rule;

use Planisher\Language\Offer;
use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Says;
use Planisher\Language\Unsure;

/** The frames in which a number is how many: “x2”, “2 of”, “(2)”, “two each”, “in triplicate”. A number outside of them is none. */
final class CountRules
{
    private const IN = ['duplicate' => 2, 'triplicate' => 3, 'quadruplicate' => 4];

    /** @return list<ReadingRule> */
    public static function all(): array
    {
        $count = fn (bool $isEach = false): \Closure => fn (Heard $said): array => [Says::COUNT => $said->count()] +
            ($isEach ? [Says::EACH => true] : []);
        $things =
            '(copy~|prints|print|piece~|pcs|pc|exemplars|exemplar|exemplaires|exemplaire|ex|expl|example'.
            '|examples|abzüge|abzug|stück|stk|copias|copia|nos|no|sets|set|pieces|off|extra|spare|spares)';

        // Of a line that is there it comes to what it has.
        $more = fn (Heard $said): array => [
            Says::COUNT => $said->count() + ($said->isSaidOfLine() ? (int) ($said->now('copies') ?? 1) : 0),
        ];

        return [
            ReadingRule::with(
                "(x|*) {count} [times|{$things}] | {count} (x|*) [of] | times {count} | {count} times",
                $count(),
                ['x2', '2x', '3 ×'],
                cost: -0.1,
            ),
            ReadingRule::with("{count} (of|off|nos|pcs|pc|ea|st|stk) [these|those|them|it|em|'em]", $count(), '2 of', cost: 0.0),
            ReadingRule::with(
                "[in|n .|n] {count} [single|identical|more|extra|further|additional] {$things} [of [these|them|it]] ".
                    '[again|will do|is enough|is fine]',
                fn (Heard $said): array => preg_match('/\b(?:more|extra|further|additional|spares?)\b/i', $said->words()) === 1
                    ? $more($said)
                    : $count()($said),
                ['two copies', '3 prints', '5 exemplars'],
                cost: -0.1,
            ),
            ReadingRule::with(
                '(print|item|line|position|pos) {count} :',
                fn (Heard $said): Unsure => new Unsure([], "Its number in a list, or {$said->count()} prints?", [
                    new Offer("{$said->count()} prints", "{$said->count()} prints"),
                ]),
                'print 2:',
                cost: -0.6,
            ),
            ReadingRule::with(
                '(qty|quantity|copies|count|anzahl|menge|cantidad) [:|=|is|of] {count}',
                $count(),
                ['qty 2', 'copies: 3'],
                cost: -0.1,
            ),
            ReadingRule::with(
                '(twice|three times|double|half) as (big|large|wide|much|deep|high|long|small)',
                fn (Heard $said): ?Unsure => $said->isSaidOfLine() && preg_match('/\b(?:big|large)\b/i', $said->words()) === 1
                    ? null // of a block that is chosen (WordRules)
                    : new Unsure([], 'As what? Say how much it is to be.'),
                'twice as big',
                cost: -0.2,
            ),
            ReadingRule::with(
                '(about|around|roughly|approx|approximately|circa|maybe|perhaps|up to|at least|at most|no more than|not more than'.
                    '|max|maximum|min|minimum|anything up to|as many as) {count} [copies|prints|of [it|them|these|each]] | '.
                    '{count} [copies|prints] or (so|thereabouts|more|less|fewer)',
                fn (Heard $said): Unsure => new Unsure([Says::COUNT => $said->count()], "How many exactly: {$said->count()}?", [
                    new Offer((string) $said->count(), "{$said->count()} of it"),
                ]),
                ['about 10', 'up to 5', 'at least 2 copies', 'a dozen or so'],
                cost: -0.6,
            ),
            ReadingRule::with(
                '(twice|double|half|thrice|three times) (that|as many|this|that number|the number)',
                fn (Heard $said): ?Unsure => $said->isSaidOfLine() ? null : new Unsure([], 'How many is that?'),
                'twice that',
                cost: -0.5,
            ),
            ReadingRule::with(
                '{count} (-|to|or|bis|/) {count:other} [(copies|prints|of [it|them|these|each])]',
                fn (Heard $said): ?Unsure => $said->count() < 1 || $said->count('other') <= $said->count() || $said->count('other') > 50
                    ? null
                    : new Unsure([Says::COUNT => $said->count()], 'How many exactly?', [
                        new Offer((string) $said->count(), "{$said->count()} copies"),
                        new Offer((string) $said->count('other'), "{$said->count('other')} copies"),
                    ]),
                ['2-3 copies', 'two or three'],
                cost: 0.6,
            ),
            ReadingRule::with(
                '[OPEN] (not|never|instead of|rather than) {count} [copies|prints] [CLOSE]',
                fn (Heard $said): Unsure => new Unsure([], "How many, if not {$said->count()}?"),
                ['not 2', 'instead of 3'],
                cost: 0.2,
            ),
            ReadingRule::with(
                '(was|were|used to be|formerly|previously) {count} | OPEN (was|were) {count} CLOSE',
                fn (): array => [Says::INSTEAD => true],
                'was 2',
                cost: -0.2,
            ),
            ReadingRule::with(
                '{count} for [my|the|our] {word} [,|and|&] [and] {count:other} for [my|the|our] {word:whom}',
                fn (Heard $said): Unsure => new Unsure(
                    [Says::COUNT => $said->count() + $said->count('other')],
                    'How many in all: '.($said->count() + $said->count('other')).'?',
                    [new Offer($said->count() + $said->count('other').' in all', $said->count() + $said->count('other').' copies')],
                ),
                ['3 for mum, 2 for dad', 'one for me and one for my sister'],
                cost: -0.8,
            ),
            ReadingRule::of('once', [Says::COUNT => 1], 'once'),
            ReadingRule::of('twice', [Says::COUNT => 2], 'twice'),
            ReadingRule::of('thrice', [Says::COUNT => 3], 'thrice'),
            ReadingRule::with('OPEN [x] {count} [x] [copies|prints|of each|each|no|ea|off] CLOSE', $count(), ['(2)', '(x3)'], cost: -0.2),
            ReadingRule::with(
                '{count} [of|off|x|copies|prints|pieces|nos] [from] (each|ea|apiece|every one|everyone'.
                    '|jeweils) [of [them|these|it]] [one] | each [a|x] {count} | '.
                    '[from] each [of them] {count} [x] | je {count} | {count} de cada [una|uno] | '.
                    'one [of] each | {count} to each | {count} for each',
                $count(true),
                ['two each', '2 of each', 'each two', 'two apiece'],
                cost: -0.3,
            ),
            ReadingRule::with(
                'one (of each|each|apiece|time each|per picture) | 1 (of each|each) | once each | one of them each',
                fn (): array => [Says::COUNT => 1, Says::EACH => true],
                'one of each',
                cost: -0.4,
            ),
            ReadingRule::with(
                'in {word}',
                fn (Heard $said): ?array => isset(self::IN[(string) $said->value('word')])
                    ? [Says::COUNT => self::IN[(string) $said->value('word')]]
                    : null,
                'in duplicate',
                cost: -0.2,
            ),
            ReadingRule::with(
                '(in|as) [a] (set|pack|packs|sets) of {count}',
                fn (Heard $said): Unsure => new Unsure([Says::COUNT => $said->count()], "{$said->count()} prints of it?", [
                    new Offer("{$said->count()} prints", "{$said->count()} prints"),
                ]),
                'in a set of 6',
                cost: -0.4,
            ),
            ReadingRule::with(
                '(at|@) {count} (each|apiece|per print|a piece)',
                fn (Heard $said): Unsure => new Unsure(
                    [Says::COUNT => $said->count(), Says::EACH => true],
                    'So many of each, or what each costs?',
                    [new Offer("{$said->count()} of each", "{$said->count()} of each")],
                ),
                'at 25 each',
                cost: -0.4,
            ),
            ReadingRule::with('{count} @', $count(), '1 @', cost: 0.0),
            ReadingRule::with('(just|only) [the] {count} [of it|of them|piece|print|please]', $count(), 'just two', cost: -0.7),
            ReadingRule::with(
                'make~ [that] a {count}',
                fn (Heard $said): ?array => preg_match('/dozen|pair/i', $said->words()) === 1 ? [Says::COUNT => $said->count()] : null,
                'make that a pair',
                cost: -0.3,
            ),
            ReadingRule::with(
                'make [it|that|them] {count}',
                fn (Heard $said): array|Unsure => $said->isSaidOfLine() && preg_match('/dozen|pair/i', $said->words()) !== 1
                    ? new Unsure([], "{$said->count()} prints, or something else?", [
                        new Offer("{$said->count()} prints", "{$said->count()} prints"),
                    ])
                    : [Says::COUNT => $said->count()],
                'make it 3',
                cost: 0.1,
            ),
            ReadingRule::with(
                "{count} (more|extra|further|additional) [please|{$things}|of] | another {count} [{$things}] | ".
                    "add {count} [more|extra] [{$things}] | {count} {$things} more",
                $more,
                ['two more', 'another 3', 'add 2 copies'],
                cost: -0.4,
            ),
            ReadingRule::with(
                "(plus|+) {count} [more|extra] [{$things}]",
                fn (Heard $said): ?array => $said->isSaidOfLine() ? $more($said) : null,
                'plus 2 copies',
                cost: -0.4,
            ),
            ReadingRule::with(
                'one more | another (copy|one|print) | an extra (copy|one|print)',
                fn (Heard $said): array => $said->isSaidOfLine()
                    ? [Says::COUNT => (int) ($said->now('copies') ?? 1) + 1]
                    : [Says::COUNT => 1],
                'one more',
                cost: -0.7,
            ),
            ReadingRule::with(
                '{count} (fewer|less) [copies|prints]',
                fn (Heard $said): ?array => ! $said->isSaidOfLine()
                    ? null
                    : [Says::COUNT => max(0, (int) ($said->now('copies') ?? 1) - $said->count())],
                '2 fewer copies',
                cost: -0.2,
            ),
            ReadingRule::with(
                'double [the] (copies|prints|quantity|number) | twice as many',
                fn (Heard $said): ?array => ! $said->isSaidOfLine() ? null : [Says::COUNT => 2 * (int) ($said->now('copies') ?? 1)],
                'double the copies',
                cost: -0.2,
            ),
            ReadingRule::with(
                '(one|a|1) sheet of {count} [each]',
                fn (Heard $said): array => [Says::COUNT => $said->count(), Says::EACH => true, Says::GATHER => true],
                'a sheet of eight',
                cost: -0.5,
            ),
            ReadingRule::with('{count} (across|by) {count:down} down', fn (): array => [], '2 across 2 down', cost: -0.3),
            ReadingRule::with(
                'edition of {count} [, this is number {count:number}]',
                fn (Heard $said): Unsure => new Unsure(
                    [Says::COUNT => $said->count()],
                    "Are all {$said->count()} of the edition to be printed?",
                    [new Offer("{$said->count()} prints", "{$said->count()} prints")],
                ),
                'edition of 5',
                cost: -0.3,
            ),
            ReadingRule::with('{count} of this sheet | {count} (sheets|sheet)', $count(), '30 of this sheet', 'shared-sheet', -0.2),
        ];
    }
}
