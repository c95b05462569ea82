<?php

declare(strict_types=1);

namespace Planisher\Reading\Rule;

use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Rule\Vocabulary;

/**
 * Where rules are found: by the word, or the kind of thing typed, that they may begin with, and what each needs of a line. Reading the
 * notation of all rules takes longer than reading a line by them, so the index of those that hold everywhere can be kept.
 */
final readonly class RuleIndex
{
    /**
     * @param  array<string, list<int>>  $byFirst  places in the list of rules, by a first word
     * @param  array<string, list<int>>  $byKind  the same by a first thing that is typed
     * @param  array<string, true>  $words  all that stand in rules
     * @param  list<list<array<string, true>>>  $needs  of each rule: what a line has to have, one word of each
     */
    private function __construct(public array $byFirst, public array $byKind, public array $words, private array $needs) {}

    /** @param  list<ReadingRule>  $rules */
    public static function of(array $rules): self
    {
        $byFirst = $byKind = $words = $needs = [];
        foreach ($rules as $at => $rule) {
            foreach ($rule->node()->first() as $first => $_) {
                $first = (string) $first;
                if (strlen($first) > 2 && $first[0] === '{') {
                    $byKind[substr($first, 1, -1)][] = $at;
                } else {
                    $byFirst[$first][] = $at;
                }
            }
            $words += $rule->node()->words();
            $needs[] = $rule->needs();
        }

        return new self($byFirst, $byKind, $words, $needs);
    }

    /**
     * The same as it was kept, if it was kept of these very rules.
     *
     * @param  mixed  $kept  what toKeep() gave
     * @param  list<ReadingRule>  $rules  each of which gets to know what it needs
     */
    public static function kept(mixed $kept, array $rules): ?self
    {
        if (! is_array($kept) || ($kept['of'] ?? null) !== self::sum($rules)) {
            return null;
        }
        $index = new self($kept['byFirst'], $kept['byKind'], $kept['words'], $kept['needs']);
        foreach ($rules as $at => $rule) {
            $rule->needing($index->needs[$at]);
        }

        return $index;
    }

    /**
     * @param  list<ReadingRule>  $rules
     * @return array<string, mixed> plain arrays
     */
    public static function toKeep(array $rules): array
    {
        return ['of' => self::sum($rules), ...get_object_vars(self::of($rules))];
    }

    /**
     * What an index depends on.
     *
     * @param  list<ReadingRule>  $rules
     */
    private static function sum(array $rules): string
    {
        $says = array_map(fn (ReadingRule $rule): string => $rule->says, $rules);

        return hash('xxh128', serialize([$says, Vocabulary::CLASSES]));
    }
}
