<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Reading\Chart\ItemKind;

/** Words that nobody knows, where they stand by what is wanted: they may be a picture, somebody, a number, or change all of it. */
final class Strays
{
    /** Behind “a”, before a size: it says which, and not how many */
    private const NO_NUMBER = '/^(?:extra|spare|additional|enlargement|final|single|large|small|big|framed|mounted|nice)$/iu';

    public function __construct(private readonly Talk $talk) {}

    public function ask(ReadSentence $sentence): void
    {
        if (! $sentence->has(ItemKind::Unknown)) {
            return;
        }
        $this->sized($sentence);
        $this->joined($sentence);
        $this->whose($sentence);
        $this->odd($sentence);
    }

    /** “Fjrod 20x30 2 pcs and dunes 10x15”: a size belongs to the word before it, of which there is no picture. */
    private function sized(ReadSentence $sentence): void
    {
        $items = $sentence->spoken();
        $isOfWord = $items[0]->kind === ItemKind::Unknown && in_array(($items[1] ?? null)?->kind, [ItemKind::Size, ItemKind::Count], true);
        foreach ($isOfWord ? $items : [] as $item) {
            if ($item->kind === ItemKind::Pictures) {
                return;
            }
            if ($item->kind === ItemKind::And || ($item->kind === ItemKind::Stop && $item->words !== ':')) {
                $like = $this->talk->reader->pictures->like(mb_strtolower($items[0]->words));
                $sentence->has(ItemKind::Pictures) && $items[0]->ask('No picture is called so.', $like);

                return;
            }
        }
    }

    /** “Amria and ben 5x7”: a word nobody knows, joined to pictures, is one that isn't found. */
    private function joined(ReadSentence $sentence): void
    {
        $items = $sentence->items;
        foreach ($items as $i => $item) {
            $isLabel = preg_match('/(?:^|\s)(?:for|to|from)$/iu', $items[$i - 1]->words ?? '') === 1;
            $isAfter = ($items[$i - 1] ?? null)?->kind === ItemKind::And && ($items[$i - 2] ?? null)?->kind === ItemKind::Pictures;
            $isBefore = ($items[$i + 1] ?? null)?->kind === ItemKind::And && ($items[$i + 2] ?? null)?->kind === ItemKind::Pictures;
            if ($item->kind === ItemKind::Unknown && ! $isLabel && ($isAfter || $isBefore) && preg_match('/^\pL+$/u', $item->words) === 1) {
                $item->ask('No picture is called so.', $this->talk->reader->pictures->like(mb_strtolower($item->words)));
            }
        }
    }

    /**
     * “For the actor playing the Fool”, “Window display, all A3”: a word of a picture's name that stands by a word nobody knows may be
     * somebody, or something else.
     */
    private function whose(ReadSentence $sentence): void
    {
        $isFor = $isForeign = false;
        foreach ($sentence->items as $i => $item) {
            if ($item->kind === ItemKind::Stop || $item->kind === ItemKind::End || $item->kind === ItemKind::And) {
                $isFor = $isForeign = false;
            }
            $isFor = $isFor || ($item->kind === ItemKind::Passed && preg_match('/(?:^|\s)for$/iu', $item->words) === 1);
            $isForeign = $isForeign || ($isFor && $item->kind === ItemKind::Unknown);
            $isNamed = $item->kind === ItemKind::Pictures && preg_match('/\d/', $item->words) !== 1;
            if ($isNamed && ($isForeign || $this->isPartOfOther($sentence, $i))) {
                $item->doubt('Is that the picture?');
            }
        }
    }

    /** One word of several, right before a word that nobody knows. */
    private function isPartOfOther(ReadSentence $sentence, int $i): bool
    {
        [$item, $next] = [$sentence->items[$i], $sentence->items[$i + 1] ?? null];
        $words = preg_split('/\PL+/u', pathinfo($item->names()[0] ?? '', PATHINFO_FILENAME), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return $next?->kind === ItemKind::Unknown &&
            $next->value === null &&
            preg_match('/^\pL+$/u', $item->words) === 1 &&
            count($words) > 1;
    }

    /** “Qoute only: …”, “sharpen for mattte”: what a word says that nobody knows changes all of it. */
    private function odd(ReadSentence $sentence): void
    {
        $items = $sentence->items;
        foreach ($items as $i => $item) {
            [$before, $last] = [$items[$i - 1] ?? null, $items[$i - 2] ?? null];
            $isMany =
                $item->kind === ItemKind::Size &&
                $before?->kind === ItemKind::Unknown &&
                preg_match('/(?:^|\s)an?$/iu', $last->words ?? '') === 1;
            $isOther = preg_match(self::NO_NUMBER, $before->words ?? '') === 1;
            $isMany && ! $isOther && ! $sentence->has(ItemKind::Count) && $before->ask('How many is that?'); // “a doezn 4x6 of the bees”
            $isLabel = $item->kind === ItemKind::Stop && $item->words === ':' && $last?->kind === ItemKind::Unknown;
            if ($isLabel && preg_match('/^only$/i', $before->words ?? '') === 1) {
                $last->ask('What is that, and only that?');
                $sentence->first()?->doubt("“{$last->words} only”: is it an order?");
            }
            $isFor = $item->kind === ItemKind::Unknown && preg_match('/(?:^|\s)for$/iu', $before->words ?? '') === 1;
            $isFor && isset($last->change['output']['sharpen']) && $item->ask('For what is it to be sharpened?');
        }
    }
}
