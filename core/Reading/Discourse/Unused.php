<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;

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
     * @param  list<ChartItem>  $general  wishes for all of them
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
    public function ask(ReadSentence $sentence): void
    {
        if ($sentence->speech !== Speech::Order || ! $this->isOfPrints($sentence) || $sentence->isAsked()) {
            return;
        }
        $counts = array_map(fn (ChartItem $of): ?int => $of->count, array_filter($sentence->of(ItemKind::Count), $this->isUsed(...)));
        $before = null;
        $isBeside = $isWhose = false;
        foreach ($sentence->items as $item) {
            $isBeside = $item->words === '(' || ($isBeside && $item->words !== ')'); // “16 (14 players + 2 coaches)”
            $isWhose = $item->kind === ItemKind::Passed ? $isWhose || preg_match(self::WHOSE, $item->words) === 1 : $isWhose;
            $item->kind->saysSomething() && ($isWhose = $isWhose && $item->kind === ItemKind::Pictures);
            $isNot = $before?->kind === ItemKind::Not || $before?->kind === ItemKind::Instead;
            $item->kind === ItemKind::Passed || ($before = $item);
            $isMeant = match ($item->kind) {
                ItemKind::Count => ! ($isBeside && $counts !== []) && ! in_array($item->count, $counts, true), // “Two (2)”
                ItemKind::Pictures => ! $isWhose && ! $this->areNamed($item), // “for our Goneril”
                ItemKind::Size, ItemKind::Wish => true,
                default => false,
            };
            $isMeant && ! $isNot && ! $this->isUsed($item) && $item->doubt(self::WHY[$item->kind->name]);
        }
    }

    /** Asks what heads nothing: “Matte:”, above a blank line. */
    public function askHeading(ReadSentence $heading): bool
    {
        foreach ($heading->of(ItemKind::Wish, ItemKind::Size) as $item) {
            if (! $this->isUsed($item)) {
                $item->doubt($item->kind === ItemKind::Size ? self::WHY['Size'] : self::WHY['Wish']);

                return true;
            }
        }

        return false;
    }

    private function isUsed(ChartItem $item): bool
    {
        return isset($this->used[spl_object_id($item)]);
    }

    private function areNamed(ChartItem $pictures): bool
    {
        return array_filter($pictures->names(), fn (string $name): bool => ! isset($this->names[$name])) === [];
    }

    private function isOfPrints(ReadSentence $sentence): bool
    {
        return array_filter($sentence->items, $this->isUsed(...)) !== [];
    }
}
