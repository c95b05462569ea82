<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Reading\Chart\Item;
use Planisher\Reading\Chart\Kind;

/**
 * The last look at a message: a number, a size, a picture or a wish that was read in a sentence of prints, and that none of its prints
 * came of, is asked. Nothing is dropped in silence.
 */
final class Unused
{
    private const WHY = [
        'Count' => 'How many of what is that?',
        'Size' => 'What is to be in this size?',
        'Pictures' => 'What is to be made of it?',
        'Wish' => 'Of which print is that said?',
    ];

    /** Behind it somebody is named, who may be called like a picture */
    private const WHOSE = '/^(?:for|to|from)$/i';

    /** @var array<int, true> what prints came of, by object */
    private array $used = [];

    /** @var array<string, true> pictures that are printed or left out */
    private array $names = [];

    /**
     * @param  list<Draft>  $drafts
     * @param  list<Item>  $general  wishes for all of them
     * @param  list<string>  $struck  pictures that were taken back
     */
    public function __construct(array $drafts, array $general, array $struck)
    {
        foreach ($drafts as $draft) {
            foreach ([...$draft->from, ...$draft->wishes] as $item) {
                $this->used[spl_object_id($item)] = true;
            }
            $draft->picture === null || ($this->names[$draft->picture] = true);
        }
        foreach ($general as $item) {
            $this->used[spl_object_id($item)] = true;
        }
        $this->names += array_fill_keys($struck, true);
    }

    /** Asks what of a sentence was not used, where prints came of it. */
    public function ask(Sentence $sentence): void
    {
        if ($sentence->speech !== Speech::Order || ! $this->isOfPrints($sentence) || $sentence->isAsked()) {
            return;
        }
        $counts = array_map(fn (Item $of): ?int => $of->count, array_filter($sentence->of(Kind::Count), $this->isUsed(...)));
        $before = null;
        $isBeside = $isWhose = false;
        foreach ($sentence->items as $item) {
            $isBeside = $item->words === '(' || ($isBeside && $item->words !== ')'); // “16 (14 players + 2 coaches)”
            $isWhose = $item->kind === Kind::Passed ? $isWhose || preg_match(self::WHOSE, $item->words) === 1 : $isWhose;
            $item->kind->saysSomething() && ($isWhose = $isWhose && $item->kind === Kind::Pictures);
            $isNot = $before?->kind === Kind::Not || $before?->kind === Kind::Instead;
            $item->kind === Kind::Passed || ($before = $item);
            $isMeant = match ($item->kind) {
                Kind::Count => ! ($isBeside && $counts !== []) && ! in_array($item->count, $counts, true), // “Two (2)”
                Kind::Pictures => ! $isWhose && ! $this->areNamed($item), // “for our Goneril”
                Kind::Size, Kind::Wish => true,
                default => false,
            };
            $isMeant && ! $isNot && ! $this->isUsed($item) && $item->doubt(self::WHY[$item->kind->name]);
        }
    }

    private function isUsed(Item $item): bool
    {
        return isset($this->used[spl_object_id($item)]);
    }

    private function areNamed(Item $pictures): bool
    {
        return array_filter($pictures->names(), fn (string $name): bool => ! isset($this->names[$name])) === [];
    }

    private function isOfPrints(Sentence $sentence): bool
    {
        return array_filter($sentence->items, $this->isUsed(...)) !== [];
    }
}
