<?php

declare(strict_types=1);

namespace Planisher\Reading;

use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;

/** One line of what was written: its words, what they were read as, and the prints that come of it. */
final class ReadLine
{
    /** @var list<ReadPrint> */
    public array $prints = [];

    /** The number of the line of which it takes something back, or changes it */
    public ?int $speaksOf = null;

    /**
     * @param  int  $number  in the list, from 1
     * @param  string  $text  as it was written
     * @param  list<ChartItem>  $items
     */
    public function __construct(public readonly int $number, public readonly string $text, public array $items) {}

    /** Whether everything in it was understood, and nothing is in doubt. What stays as a remark is no doubt. */
    public function isSure(): bool
    {
        return array_filter($this->items, fn (ChartItem $item): bool => $item->isAsked()) === [] &&
            array_filter($this->prints, fn (ReadPrint $print): bool => ! $print->isSure) === [];
    }

    /** Says what isn't sure, at the first words that say something, or at those behind a place. */
    public function doubt(string $why, ?int $at = null): void
    {
        if ($this->items === []) {
            $words = trim($this->text);
            $this->items = [new ChartItem(ItemKind::Unknown, (int) strpos($this->text, $words), strlen($words), words: $words)];
        }
        $says = array_values(
            array_filter($this->items, fn (ChartItem $item): bool => $item->kind->saysSomething() && ($at === null || $item->end() > $at)),
        );
        $any =
            $says[0] ??
            (array_values(array_filter($this->items, fn (ChartItem $item): bool => ! $item->is(ItemKind::End, ItemKind::Stop)))[0] ??
                ($this->items[0] ?? null));
        $any?->doubt($why);
    }

    /**
     * Its words in pieces that give the line when they are put together again.
     *
     * @return list<WordsPartShape>
     */
    public function parts(): array
    {
        $parts = [];
        $at = 0;
        foreach ($this->items as $item) {
            if ($item->at < $at && $item->why !== null && $parts !== [] && $parts[count($parts) - 1]['why'] === null) {
                // One own word of the studio's may say several things, of which a later one isn't sure.
                $parts[count($parts) - 1] = [...self::part('', 'unsure', $item), 'words' => $parts[count($parts) - 1]['words']];
            }
            if ($item->length === 0 || $item->at < $at) {
                continue;
            }
            if ($item->at > $at) {
                $parts[] = self::part(substr($this->text, $at, $item->at - $at), 'passed');
            }
            $is = match (true) {
                $item->kind === ItemKind::Unknown && $item->why !== null, $item->kind === ItemKind::Remark => 'left',
                $item->why !== null => 'unsure',
                $item->is(ItemKind::Passed, ItemKind::Stop, ItemKind::End, ItemKind::And, ItemKind::Unknown) => 'passed',
                default => 'read',
            };
            $parts[] = self::part(substr($this->text, $item->at, $item->length), $is, $item);
            $at = $item->end();
        }
        if ($at < strlen($this->text)) {
            $parts[] = self::part(substr($this->text, $at), 'passed');
        }

        return $parts;
    }

    /**
     * @param  'read'|'passed'|'unsure'|'left'  $is
     * @return WordsPartShape
     */
    private static function part(string $words, string $is, ?ChartItem $of = null): array
    {
        return [
            'words' => $words,
            'is' => $is,
            'why' => $of?->why,
            'role' => $of?->role(),
            'isMany' => $of !== null && $of->kind === ItemKind::Count && ($of->count ?? 1) > 1,
            'offers' => array_map(fn ($offer): array => $offer->toArray(), $of->offers ?? []),
        ];
    }
}
