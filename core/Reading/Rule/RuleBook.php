<?php

declare(strict_types=1);

namespace Planisher\Reading\Rule;

use Planisher\Finish\Finishes;
use Planisher\Finish\SaidInWords;
use Planisher\Language\Known;
use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Unsure;

/** All rules that hold for a studio and a lab, found by the word that they begin with. */
final class RuleBook
{
    /** @var ?\WeakMap<Known, self> */
    private static ?\WeakMap $books = null;

    /** @var list<ReadingRule> of this studio and its lab */
    private readonly array $own;

    private readonly RuleIndex $ownIndex;

    private readonly RuleIndex $generalIndex;

    /** @var ?array<string, list<ReadingRule>> */
    private ?array $byKind = null;

    /** @var ?array<string, true> */
    private ?array $words = null;

    /** @var array<string, true> what may stand behind an “in” that is no inch */
    public readonly array $adjectives;

    /** @var ?\Closure(): mixed gives the index of the rules that hold everywhere, where it is kept */
    private static ?\Closure $kept = null;

    private function __construct(Known $known)
    {
        $this->own = [...self::house($known), ...LabRules::of($known)];
        $this->ownIndex = RuleIndex::of($this->own);
        $this->generalIndex = self::index();
        $adjectives = [];
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

    /** @param  \Closure(): mixed  $kept  gives what RuleIndex::toKeep() gave, or nothing; asked once, when words are read */
    public static function keptBy(\Closure $kept): void
    {
        self::$kept = $kept;
    }

    private static function index(): RuleIndex
    {
        static $index = null;

        return $index ??= RuleIndex::kept(self::$kept === null ? null : (self::$kept)(), self::general()) ?? RuleIndex::of(self::general());
    }

    /** @return list<ReadingRule> rules that may begin with that word */
    public function beginningWith(string $word): array
    {
        return $this->both($this->ownIndex->byFirst[$word] ?? [], $this->generalIndex->byFirst[$word] ?? []);
    }

    /** @return array<string, list<ReadingRule>> rules that may begin with something typed, by its kind */
    public function beginningTyped(): array
    {
        if ($this->byKind === null) {
            $this->byKind = [];
            foreach ($this->ownIndex->byKind + $this->generalIndex->byKind as $kind => $_) {
                $this->byKind[$kind] = $this->both($this->ownIndex->byKind[$kind] ?? [], $this->generalIndex->byKind[$kind] ?? []);
            }
        }

        return $this->byKind;
    }

    /**
     * @param  list<int>  $own
     * @param  list<int>  $general
     * @return list<ReadingRule>
     */
    private function both(array $own, array $general): array
    {
        $all = self::general();

        return [
            ...array_map(fn (int $at): ReadingRule => $this->own[$at], $own),
            ...array_map(fn (int $at): ReadingRule => $all[$at], $general),
        ];
    }

    public function isWord(string $word): bool
    {
        return isset($this->ownIndex->words[$word]) || isset($this->generalIndex->words[$word]);
    }

    /** @return array<string, true> */
    public function words(): array
    {
        return $this->words ??= $this->ownIndex->words + $this->generalIndex->words;
    }

    /** @return list<ReadingRule> those that hold everywhere, the same objects each time */
    public static function general(): array
    {
        static $rules = null;

        return $rules ??= [
            ...CountRules::all(),
            ...ScopeRules::all(),
            ...SideRules::all(),
            ...OtherRules::all(),
            ...FileRules::all(),
            ...ToneRules::all(),
            ...WordRules::all(),
            ...array_merge(...array_map(fn (SaidInWords $finish): array => $finish->rules(), Finishes::saidInWords())),
        ];
    }

    /** @return list<ReadingRule> a house finish is meant where its name stands */
    private static function house(Known $known): array
    {
        $rules = [];
        foreach ($known->finishes as $name => $settles) {
            $named = LabRules::plain((string) $name);
            $rules[] = ReadingRule::with(
                "[with|as|in|on] [the|our|a|an|one|on one] [house finish] ({$named} | {$named}s) [finish]",
                fn (Heard $said): array|Unsure => $settles($said->make),
                [],
                cost: -0.3,
            );
        }

        return $rules;
    }
}
