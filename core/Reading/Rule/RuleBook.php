<?php

declare(strict_types=1);

namespace Planisher\Reading\Rule;

use Planisher\Finish\Finish;
use Planisher\Finish\Finishes;
use Planisher\Language\Known;
use Planisher\Language\Rule\Rule;
use Planisher\Language\Unsure;

/** All rules that hold for a studio and a lab, found by the word that they begin with. */
final class RuleBook
{
    /** @var ?\WeakMap<Known, self> */
    private static ?\WeakMap $books = null;

    /** @var array<string, list<Rule>> by a first word */
    private array $byFirst = [];

    /** @var array<string, list<Rule>> by a first thing that is typed */
    private array $byKind = [];

    /** @var array<string, true> all words that stand in rules */
    private array $words = [];

    /** @var list<Rule> */
    public readonly array $rules;

    /** @var array<string, true> what may stand behind an “in” that is no inch */
    public readonly array $adjectives;

    private function __construct(Known $known)
    {
        $this->rules = self::all($known);
        $adjectives = [];
        foreach ($this->rules as $rule) {
            foreach ($rule->node()->first() as $first => $_) {
                $first = (string) $first;
                if (strlen($first) > 2 && $first[0] === '{') {
                    $this->byKind[substr($first, 1, -1)][] = $rule;
                } else {
                    $this->byFirst[$first][] = $rule;
                }
            }
            $this->words += $rule->node()->words();
        }
        foreach ($known->lab->papers as $paper) {
            $adjectives[explode(' ', LabRules::plain($paper->name))[0]] = true;
        }
        foreach (explode(' ', 'matte matt mat gloss glossy lustre luster satin greyscale landscape portrait bold italic') as $word) {
            $adjectives[$word] = true;
        }
        $this->adjectives = $adjectives;
    }

    public static function of(Known $known): self
    {
        self::$books ??= new \WeakMap();

        return self::$books[$known] ??= new self($known);
    }

    /** @return list<Rule> rules that may begin with that word */
    public function beginningWith(string $word): array
    {
        return $this->byFirst[$word] ?? [];
    }

    /** @return array<string, list<Rule>> rules that may begin with something typed, by its kind */
    public function beginningTyped(): array
    {
        return $this->byKind;
    }

    public function isWord(string $word): bool
    {
        return isset($this->words[$word]);
    }

    /** @return array<string, true> */
    public function words(): array
    {
        return $this->words;
    }

    /** @return list<Rule> */
    private static function all(Known $known): array
    {
        return [...self::house($known), ...LabRules::of($known), ...self::general()];
    }

    /** @return list<Rule> those that hold everywhere, the same objects each time */
    public static function general(): array
    {
        static $rules = null;

        return $rules ??= [
            ...CountRules::all(),
            ...ScopeRules::all(),
            ...OtherRules::all(),
            ...FileRules::all(),
            ...ToneRules::all(),
            ...WordRules::all(),
            ...array_merge(...array_map(fn (Finish $finish): array => $finish->rules(), array_values(Finishes::all()))),
        ];
    }

    /** @return list<Rule> a house finish is meant where its name stands */
    private static function house(Known $known): array
    {
        $rules = [];
        foreach ($known->finishes as $name => $change) {
            $rules[] = Rule::with(
                '[with|as|in|on] [the|our] [house finish] '.LabRules::plain((string) $name).' [finish]',
                fn (): array|Unsure => $change,
                [],
                cost: -0.3,
            );
        }

        return $rules;
    }
}
