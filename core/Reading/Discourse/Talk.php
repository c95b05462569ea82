<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;
use Planisher\Reading\Message\Block;
use Planisher\Reading\Reader;
use Planisher\Reading\ReadLine;

/** What holds while a message is read: headings, what was spoken of last, what waits for a size, what was taken back. */
final class Talk
{
    /** @var list<Draft> */
    public array $drafts = [];

    /** Whether a print was read that has no size yet */
    public bool $isWaiting = false;

    /** @var list<Draft> those of the sentence before */
    public array $last = [];

    /** What the heading says that is over the lines now */
    public ?Segment $heading = null;

    public ?string $headingMake = null;

    /** @var list<ReadSentence> those that were headings */
    public array $headings = [];

    /** The line of the heading */
    public int $headedAt = -2;

    /** Nothing stood under the heading that mutes yet */
    public bool $isMuteOpen = false;

    /** A blank line stands between it and what is under it: further ones don't end it */
    public bool $isMuteSpaced = false;

    /** A blank line stood since the heading's last line */
    public bool $isApart = false;

    /** @var list<ChartItem> wishes for all prints */
    public array $general = [];

    /** @var list<string> pictures that were taken back */
    public array $struck = [];

    /** @var list<array{Segment, ReadSentence}> “the rest”, which is known at the end */
    public array $rest = [];

    /** @var list<array{list<Draft>, array<string, mixed>, ChartItem}> prints that share sheets, and how */
    public array $sheets = [];

    /** @var list<string> pictures that were spoken of last, though nothing was ordered of them */
    public array $topic = [];

    /** @var list<ChartItem> */
    public array $sums = [];

    /** @var list<string> pictures that were left out before anything was ordered: “as before but without …” */
    public array $never = [];

    /** @var array<string, string> pictures that are meant, by those that are named */
    public array $renamed = [];

    /** @var list<string> finishes that were taken back */
    public array $struckMakes = [];

    /** Why nothing comes of the lines under this heading: “Please quote for:” */
    public ?string $muted = null;

    /** Something was said to be otherwise, and nobody could tell what: all of it is looked at */
    public ?string $unsettled = null;

    /**
     * @param  list<Block>  $blocks
     * @param  array<int, ReadLine>  $lines  by the block's place
     * @param  array<int, list<ReadSentence>>  $sentences  by the block's place
     * @param  list<string>  $chosen  pictures that are meant where nothing is said
     */
    public function __construct(
        public readonly Reader $reader,
        public readonly array $blocks,
        public readonly array $lines,
        public array $sentences,
        public readonly array $chosen,
    ) {}

    public function add(Draft ...$made): void
    {
        array_push($this->drafts, ...$made);
        $this->isWaiting = $this->isWaiting || array_filter($made, fn (Draft $draft): bool => $draft->size === null) !== [];
    }

    /**
     * What waits for a size is the same print, where its picture gets one later on.
     *
     * @param  list<Draft>  $made
     */
    public function known(array $made): void
    {
        if (! $this->isWaiting) {
            return;
        }
        $sized = array_map(fn (Draft $draft): ?string => $draft->size === null ? null : $draft->picture, $made);
        $this->drafts = array_values(
            array_filter(
                $this->drafts,
                fn (Draft $draft): bool => $draft->size !== null || $draft->picture === null || ! in_array($draft->picture, $sized, true),
            ),
        );
    }

    /** @return list<Draft> prints that wait for a size */
    public function waiting(): array
    {
        return array_values(array_filter($this->drafts, fn (Draft $draft): bool => $draft->size === null && $draft->picture !== null));
    }

    /** What the heading says of it: nothing, where it has a size of its own and the heading is of another. */
    public function over(Segment $segment): ?Segment
    {
        if ($this->heading === null) {
            return null;
        }
        $isOther = $segment->size !== null && $this->heading->size !== null;

        return $isOther || ($this->isApart && $segment->size !== null && $segment->pictures !== []) ? null : $this->heading;
    }

    public function speaksOf(ReadSentence $sentence, Draft $draft): void
    {
        $line = $this->lines[$sentence->line];
        $draft->line === $sentence->line || ($line->speaksOf = $this->lines[$draft->line]->number);
    }

    /** What was not understood beside prints: what only says why or for whom is kept as a remark, the rest is asked. */
    public function keepReasons(ReadSentence $sentence): void
    {
        $kept = Reasons::passed($sentence->items);
        foreach ($kept === [] ? [] : $sentence->items as $i => $item) {
            if ($item->kind !== ItemKind::Unknown) {
                continue;
            }
            $isMany =
                preg_match('/^(?:of|von|de|des)$/i', $sentence->items[$i + 1]->words ?? '') === 1 &&
                ($sentence->items[$i + 2] ?? null)?->kind === ItemKind::Pictures &&
                ! $sentence->has(ItemKind::Count);
            $item->why === null && $isMany && $item->doubt('How many is that?'); // “halbes Dutzend von 0412”
            $isNamed = array_filter(preg_split('/\PL+/u', mb_strtolower($item->words)) ?: [], $this->reader->pictures->isWord(...)) !== [];
            $item->why === null && $isNamed && $item->doubt('Is that the picture?'); // “alle Fans-Bilder”
        }
        foreach ($kept === [] ? [] : $this->drafts as $draft) {
            if ($draft->line === $sentence->line) {
                $draft->remarks = [...$draft->remarks, ...$kept];
            }
        }
    }
}
