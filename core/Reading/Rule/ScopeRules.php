<?php

declare(strict_types=1);

namespace Planisher\Reading\Rule;

use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Says;
use Planisher\Language\Unsure;

/** How people speak of all, of the rest, of the same, of what is left out and of what comes besides. */
final class ScopeRules
{
    /** @return list<ReadingRule> */
    public static function all(): array
    {
        $things = '(pictures|photos|images|prints|shots|pics|ones|lot|files|fotos|bilder|fotografías)';

        return [
            ReadingRule::with(
                "all [of] [the|these|those|my] {count} [{$things}] [of them]",
                fn (Heard $said): array => [Says::ALL => $said->count()],
                ['all three', 'all six'],
                cost: -0.2,
            ),
            ReadingRule::with(
                "(those|these) {count} [{$things}]",
                fn (Heard $of): array => [Says::ALL => $of->count()],
                'those 4',
                cost: -0.2,
            ),
            ReadingRule::with(
                'all [of] [the|these|those] [them|others] | everything | [the] whole (set|lot|folder)',
                fn (): array => [Says::ALL => 0],
                'all',
                cost: 0.1,
            ),
            ReadingRule::with(
                "all [of] [the|these|those] {$things} | every (one|picture|photo|print|shot) [of them] | ".
                    "each (picture|photo|print) [in the folder] | [from] all {$things}",
                fn (): array => [Says::ALL => 0],
                ['all of the pictures', 'every picture'],
                cost: -0.1,
            ),
            ReadingRule::with(
                "(every|each) (second|other|2nd|third|3rd|fourth|4th) [{$things}] | ".
                    "[all] [the] (odd|even|odd numbered|even numbered) {$things}",
                fn (): Unsure => new Unsure([Says::ALL => 0], 'Which are those? Name them.'),
                'every second picture',
                cost: -0.4,
            ),
            ReadingRule::with('all of (them|these|those|it)', fn (): array => [Says::ALL => 0], 'all of them', cost: -0.1),
            ReadingRule::with(
                'use the other (picture|photo|image) [,|:] {pictures}',
                function (Heard $said): ?array {
                    $names = $said->value('pictures')->names ?? [];

                    return $said->isSaidOfLine() && count($names) === 1 ? ['picture' => $names[0]] : null;
                },
                'use the other picture, slipway',
                cost: -0.5,
            ),
            ReadingRule::of('pair [it] with', [], 'pair with', cost: -0.6),
            ReadingRule::with(
                '[one|{count}] per (pupil|person|child|family|head|sponsor|room|family|couple)',
                fn (Heard $said): Unsure => new Unsure([], 'How many those are isn’t said here.'),
                'one per pupil',
                cost: -0.3,
            ),
            ReadingRule::of('(as|are) a (pair|set) [of]', [], ['as a pair', 'as a set of'], cost: -0.5),
            ReadingRule::with('both [of] [them|these|those|baith] | baith | beide', fn (): array => [Says::ALL => 2], 'both'),
            ReadingRule::with('each | every | ea', fn (): array => [Says::EACH => true], 'each', cost: 0.2),
            ReadingRule::with(
                "[all] [the] (rest|others|remaining|remainder|other ones) [{$things}] [of (them".
                    "|the {$things})] | everything else [in the folder] | all [the] other {$things}",
                fn (): array => [Says::REST => true],
                ['the rest', 'everything else'],
                cost: -0.1,
            ),
            ReadingRule::with(
                '[the|in the|at the|in] same (size|format) [as {words}]',
                fn (): array => [Says::SAME => 'size'],
                'same size',
                cost: -0.3,
            ),
            ReadingRule::with(
                '[the|in the|at the|in] same (size|format) and number',
                fn (): array => [Says::SAME => 'line'],
                'same size and number',
                cost: -0.4,
            ),
            ReadingRule::with('[on] [the] same (paper|finish)', fn (): array => [Says::SAME => 'paper'], 'same paper', cost: -0.3),
            ReadingRule::with(
                '[the] same (as|like) [line|number|no|item|row|the] {count} | (as|like) [in] (line|item|row) {count}',
                fn (): Unsure => new Unsure([Says::SAME => 'line'], 'The same as another line: say what is to be the same.'),
                'same as line 2',
                cost: -0.5,
            ),
            ReadingRule::with(
                '[just|exactly] (as|like) (before|usual|always|last time|the last time|the last ones|last year)',
                fn (): Unsure => new Unsure([], 'As what was before? What the client had last time can be taken beside this field.'),
                ['as before', 'like last time'],
                cost: -0.3,
            ),
            ReadingRule::with(
                "[the] same {count} [{$things}] [again]",
                fn (Heard $said): Unsure => new Unsure([Says::SAME => 'line'], "Which {$said->count()} are those? Name them."),
                'the same three',
                cost: -0.3,
            ),
            ReadingRule::with(
                '[the|that|in the|of the|of that] same [one|ones|picture|photo|again|thing] [again] | '.
                    'ditto | dito | idem | likewise | as above | same again | the same for that',
                fn (): array => [Says::SAME => 'line'],
                ['ditto', 'the same', 'likewise'],
                cost: 0.1,
            ),
            ReadingRule::with(
                'except [for] | but not | apart from | other than | bar | excluding | minus | save for | '.
                    'not | without | no | außer | sauf | excepto | none of',
                fn (): array => [Says::NOT => true],
                ['except', 'but not'],
                cost: 0.4,
            ),
            ReadingRule::with(
                "(don't|dont|do not|never) (print|make|want|need|bother with|do|send) [any more of|any]",
                fn (): array => [Says::NOT => true],
                'don’t print',
                cost: -0.6,
            ),
            ReadingRule::with(
                'instead of | rather than | in place of | and not | instead | after all',
                fn (): array => [Says::INSTEAD => true],
                'instead of',
                cost: 0.1,
            ),
            ReadingRule::of('rather', [], 'rather', cost: -0.6),
            ReadingRule::with(
                'also | too | as well | additionally | additional | besides | plus | another | auch | aussi | también',
                fn (): array => [Says::ALSO => true],
                'also',
                cost: -0.8,
            ),
            ReadingRule::with('or | oder | ou', fn (): array => [Says::OR => true], 'or', cost: 0.2),
            ReadingRule::with(
                '[the] (first|last) [{count}] [one|ones|PICTURE] [of them]',
                fn (Heard $said): array => [
                    Says::PLACE => (preg_match('/first/i', $said->words()) === 1 ? 1 : -1) * ($said->has('count') ? $said->count() : 1),
                ],
                ['the last three', 'the first one'],
                cost: -0.1,
            ),
            ReadingRule::with(
                "[= | in] (total|altogether|in total|in all|all told) [of|qty|is] [{count}] [{$things}".
                    "|pcs|nos|pieces] | {count} [{$things}|pcs|pieces|nos] (in total|in all|altogether|total".
                    "|all told) | (=|→|= >) {count} (prints|pieces|copies|pcs) | [qty] total [:] {count} [{$things}|pcs|pieces|nos] | ".
                    "(that's|thats|that is|makes|makes it) {count} {$things}",
                fn (Heard $said): array => [Says::SUM => $said->has('count') ? $said->count() : null],
                ['total 5 prints', 'that is 39 prints', '26 prints in total'],
                cost: -0.6,
            ),
        ];
    }
}
