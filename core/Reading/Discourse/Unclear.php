<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Language\Offer;
use Planisher\Measure\Size;
use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;

/** What could be meant in two ways, and is asked. */
final class Unclear
{
    /** A part of a side: sizes are told in round figures of either unit (common practice, no source). */
    private const NEAR = 0.035;

    /** “0401, 0403-0404” */
    private const LIST_AND_RANGE = '/[,&+].*\d\s*(?:[-–—]|\bto\b)\s*\d|\d\s*(?:[-–—]|\bto\b)\s*\d.*[,&+]/iu';

    public function __construct(private readonly Talk $talk) {}

    /**
     * “All in 6x4 but 8x10 of the harbour”, “3 prints of garden: 8x10, 5x7, 4x6”: several sizes that may be meant otherwise.
     *
     * @param  list<Segment>  $segments
     * @param  list<Draft>  $made
     */
    public function askSizes(array $segments, array $made, ReadSentence $sentence): void
    {
        $sizes = array_values(array_filter(array_map(fn (Segment $one): ?ChartItem => $one->size, $segments)));
        if (count($sizes) < 2) {
            return;
        }
        if ($sentence->has(ItemKind::All) && preg_match('/\bbut\b(?! not)/iu', $sentence->text) === 1) {
            $sizes[count($sizes) - 1]->doubt('Besides, or instead?');
        }
        $count = $segments[0]->count;
        $pictures = array_unique(array_map(fn (Draft $of): ?string => $of->picture, $made));
        $isAlone = count(array_filter($made, fn (Draft $of): bool => $of->isCounted)) === 1 && count($pictures) === 1;
        $picture = $segments[0]->pictures[0] ?? null;
        $isBefore = $count !== null && $picture !== null && $count->at < $picture->at && $picture->at < $sizes[0]->at;
        if ($isBefore && $isAlone && $count->count === count($sizes)) {
            $count->doubt("{$count->count} of the first size, or one of each?");
        }
    }

    /**
     * What stands where, a letter each: P for pictures, S for a size, N for a number, a comma and a dash for signs.
     *
     * @param  list<ChartItem>  $items
     */
    private static function order(array $items): string
    {
        $letter = fn (ChartItem $item): string => match ($item->kind) {
            ItemKind::Pictures => 'P',
            ItemKind::Size => 'S',
            ItemKind::Count => 'N',
            ItemKind::Stop => $item->words === ',' ? ',' : '-',
            default => '.',
        };

        return implode('', array_map($letter, $items));
    }

    /** “0401 8x10 2 copies 0402 5x7”: a number between two prints, of which it could be of either. */
    public function askBetween(ReadSentence $sentence): void
    {
        $beside = [ItemKind::Passed, ItemKind::Wish, ItemKind::Remark];
        $isWeak = fn (ChartItem $item): bool => $item->isDash() ||
            ($item->kind === ItemKind::Stop && in_array($item->words, [':', '='], true));
        $items = array_values(
            array_filter($sentence->items, fn (ChartItem $item): bool => ! in_array($item->kind, $beside, true) && ! $isWeak($item)),
        );
        $order = self::order($items);
        preg_match_all('/(?<=PS)N(?=PS)|(?<=SP)N(?=SP)/', $order, $found, PREG_OFFSET_CAPTURE);
        $isInTurn =
            preg_match('/^(?:(?:PSN)+|(?:NPS)+(?:PS)*|(?:SPN)+|(?:NSP)+(?:SP)*)$/', (string) preg_replace('/[^PSN]/', '', $order)) === 1;
        foreach ($isInTurn ? [] : $found[0] as [, $at]) {
            $isPlain = preg_match('/^[x×(]|[x×]$|\bof$/iu', $items[$at]->words) !== 1 && ! $items[$at]->isEach;
            $isPlain && $items[$at]->doubt('Of the print before it, or of the one behind?');
        }
    }

    /** “0411 + 0412 as a diptych”: a set of panels of each, or one of both? */
    public function askPanels(ReadSentence $sentence): void
    {
        foreach ($sentence->segments as $segment) {
            foreach (count($segment->names()) > 1 && ! $segment->isEach ? $segment->wishes : [] as $wish) {
                $isOfSeveral = preg_match('/\w+tych\b|side by side/iu', $wish->words) === 1;
                $isOfSeveral && $wish->doubt('One set of panels of each of them, or these pictures beside each other?');
            }
        }
    }

    /** “8x10, garden, 5x7, wood”: the sizes stand before their pictures throughout, or behind them. */
    public function askOrder(ReadSentence $sentence): void
    {
        $of = $sentence->of(ItemKind::Pictures, ItemKind::Size);
        $last = end($of);
        if (count($sentence->of(ItemKind::Size)) < 2 || $last === false || $of[0]->kind === $last->kind) {
            return;
        }
        foreach ($sentence->segments as $segment) {
            $isSizeFirst = $segment->size !== null && $segment->pictures !== [] && $segment->size->at < $segment->pictures[0]->at;
            if ($segment->size !== null && $segment->pictures !== [] && $isSizeFirst !== ($of[0]->kind === ItemKind::Size)) {
                $segment->size->doubt('Is that the size of the pictures before it, or of those behind?');
            }
        }
    }

    /** “5x7: 0401, 0402, 0405 x2”: two of the last, or of each? */
    public function askOfLast(ReadSentence $sentence): void
    {
        $items = $sentence->spoken();
        foreach ($items as $i => $count) {
            [$picture, $before, $behind] = [$items[$i - 1] ?? null, $items[$i - 2] ?? null, $items[$i + 1] ?? null];
            $goesOn = $behind?->words === ',' && ($items[$i + 2] ?? null)?->kind === ItemKind::Pictures;
            $ends = [ItemKind::Stop, ItemKind::End, ItemKind::Size, ItemKind::Pictures];
            $isLast = ($behind === null || in_array($behind->kind, $ends, true)) && ! $goesOn;
            $isBehind = $picture?->kind === ItemKind::Pictures && $isLast;
            $isMixed = $picture?->kind === ItemKind::Pictures && preg_match(self::LIST_AND_RANGE, $picture->words) === 1;
            $isMixed &&
                $count->kind === ItemKind::Count &&
                ! $count->isEach &&
                $count->doubt('Of all of these, or only of the last of them?');
            if ($count->kind !== ItemKind::Count || $count->isEach || ! $isBehind || $count->words[0] === '(') {
                continue;
            }
            $isList = preg_match('/[,&+\/]|\band\b|\d\s+\w*\d/iu', $picture->words) === 1 && count($picture->names()) > 1;
            $isJoined =
                $before?->kind === ItemKind::Pictures ||
                (in_array($before?->kind, [ItemKind::Stop, ItemKind::And], true) && ($items[$i - 3] ?? null)?->kind === ItemKind::Pictures);
            if ($isList || ($isJoined && ! in_array($before->words, ['(', ')', ';'], true))) {
                $count->doubt("{$count->count} of the last of them, or of each?");
            }
        }
        $this->askOfUnevenRow($items);
    }

    /**
     * “Cake, two, rings, wood, two”: where some have a number of their own, two of the last, or of those before it, too?
     *
     * @param  list<ChartItem>  $items
     */
    private function askOfUnevenRow(array $items): void
    {
        $order = self::order($items);
        // “8x10: cake, rings, wood, two”, too
        $row = preg_match_all('/N/', $order) > 1 ? '/P,P[,-]N/' : '/P,P,N$/';
        if (preg_match_all($row, $order, $found, PREG_OFFSET_CAPTURE) > 0) {
            foreach ($found[0] as [, $at]) {
                $items[$at + 4]->isEach || $items[$at + 4]->doubt("{$items[$at + 4]->count} of the last of them, or of each?");
            }
        }
        // “8x10: cake, rings, 6 copies, wood”
        if (
            preg_match('/^(?:S.)?(?:(?:P,N,)+(?:P,N)?|(?:N,P,?)+)$/', $order) !== 1 &&
            preg_match('/P,N,P/', $order, $row, PREG_OFFSET_CAPTURE) === 1
        ) {
            $items[$row[0][1] + 2]->doubt('Of the picture before it, or of the one behind?');
        }
    }

    /** @param  list<Draft>  $made */
    public function askUnfamiliar(array $made, ReadSentence $sentence): void
    {
        // What isn't understood may yet turn out to be a reason, of which nothing is asked.
        $beside = [ItemKind::Remark, ItemKind::Unknown];
        $isDoubt = fn (ChartItem $item): bool => $item->why !== null && ! $item->is(...$beside);
        $doubts = array_filter($sentence->items, $isDoubt);
        $isAsked = $doubts !== [];
        if (($made === [] && ! $sentence->has(ItemKind::Rest)) || $isAsked || $sentence->speech !== Speech::Order) {
            return;
        }
        $words = $sentence->spoken();
        [$count, $colon] = [$words[0], $words[1] ?? null]; // “2: …”, “size 2: …”
        if ($count->kind === ItemKind::Count && ctype_digit($count->words) && $colon?->words === ':') {
            $count->doubt("Its number in a list, or {$count->count} prints?");
        }
        if (Familiar::is($sentence)) {
            return;
        }
        $of = $sentence->of(
            ItemKind::All,
            ItemKind::Each,
            ItemKind::Rest,
            ItemKind::Same,
            ItemKind::Not,
            ItemKind::Instead,
            ItemKind::Place,
            ItemKind::Sum,
        );
        ($of[0] ?? $sentence->first())?->doubt('Is it read as it is meant? It could be said of something else.');
    }

    /**
     * “… and both at 20x16”: so many pictures or sizes have to be there.
     *
     * @param  list<Draft>  $made
     */
    public static function askHowMany(array $made, ReadSentence $sentence): void
    {
        $pictures = count(array_unique(array_filter(array_map(fn (Draft $of): ?string => $of->picture, $made))));
        $sizes = count(array_unique(array_map(fn (Draft $of): string => (string) $of->size, $made)));
        foreach ($sentence->items as $i => $item) {
            $isMany = $item->kind === ItemKind::All && is_int($item->value) && $item->value > 0;
            $next = $sentence->items[$i + 1] ?? null;
            $isOfWhom = $next !== null && $next->kind === ItemKind::Unknown; // “for both mums”
            if (! $isMany || $isOfWhom || $item->why !== null || in_array($item->value, [$pictures, $sizes, count($made)], true)) {
                continue;
            }
            $item->doubt("{$item->value} are spoken of, and there are {$pictures}: which?");
        }
    }

    /** “One canvas and one print of the cake, 16x20”: two pieces of one size are two lines. */
    public function askBoth(ReadSentence $sentence): void
    {
        $and = '\W+(?:and|plus|&|\+)\W+(?:\w+\W+){0,2}';
        $both = "/\bcanvas{$and}(?:prints?|paper|matte?|lustre|gloss\w*)\b|\bprints?{$and}canvas\b|\bcanvas\s*[+&]\s*(?:a\s+)?print\b/iu";
        $isBoth = preg_match($both, $sentence->text) === 1;
        foreach ($isBoth && count($sentence->of(ItemKind::Size)) === 1 ? $sentence->of(ItemKind::Wish) : [] as $wish) {
            isset($wish->change['make']) && $wish->doubt('A canvas, and a print as well? Say each with its size.');
        }
    }

    /** “Ceremony 1 - 8x10, 2 - 5x7”: two of the first, or ceremony 2? */
    public function askNumbers(ReadSentence $sentence): void
    {
        $letters = fn (string $name): string => (string) preg_replace('/[\d\W_]+/u', '', pathinfo($name, PATHINFO_FILENAME));
        $last = null;
        foreach ($sentence->items as $i => $item) {
            $last = $item->kind === ItemKind::Pictures && preg_match('/\p{L}.*\d$/u', $item->words) === 1 ? $item : $last;
            $isBeforeSize =
                ($sentence->items[$i + 1] ?? null)?->kind === ItemKind::Stop &&
                in_array($sentence->items[$i + 1]->words, ['-', '–', '—', ':', '='], true) &&
                ($sentence->items[$i + 2] ?? null)?->kind === ItemKind::Size;
            if (
                $item->kind !== ItemKind::Count ||
                ! ctype_digit($item->words) ||
                ! $isBeforeSize ||
                $last === null ||
                $last->names() === []
            ) {
                continue;
            }
            $family = $letters($last->names()[0]);
            $meant = array_values(
                array_filter(
                    $this->talk->reader->pictures->numbered((int) $item->words),
                    fn (string $name): bool => $letters($name) === $family,
                ),
            );
            $meant === [] || $item->doubt("{$item->count} prints, or {$meant[0]}?", [new Offer($meant[0], $meant[0])]);
        }
    }

    /** “8x10 -> 11x14”, “change the 8x10 to an 11x14”: the size that it had, and the one that it is to have; or are both wanted? */
    public function becoming(ReadSentence $sentence): void
    {
        $sizes = $sentence->of(ItemKind::Size);
        foreach (array_slice($sizes, 1) as $n => $now) {
            $from = $sizes[$n]->end() - $sentence->items[0]->at;
            $between = substr($sentence->text, $from, $now->at - $sentence->items[0]->at - $from);
            $isTo = preg_match('/\b(?:change|swap|turn|upgrade|upsize|exchange|make)\b/iu', $sentence->text) === 1;
            if (
                preg_match('/^[^,;.]*(?:->|=>|→|➜)/u', $between) === 1 ||
                ($isTo && preg_match('/^[^,;.]*\b(?:in)?to\b/iu', $between) === 1)
            ) {
                $now->doubt("Instead of {$sizes[$n]->words}, or both?", [new Offer("{$now->words} only", $now->words)]);
            }
        }
    }

    /** “8x10 or 11x14”: one of the two, and somebody has to say which. The first stands until then. */
    public function eithers(ReadSentence $sentence): void
    {
        foreach ($sentence->of(ItemKind::Or) as $or) {
            $parts = $sentence->of(ItemKind::Size, ItemKind::Pictures, ItemKind::Count);
            $before = array_values(array_filter($parts, fn (ChartItem $item): bool => $item->end() <= $or->at));
            $after = array_values(array_filter($parts, fn (ChartItem $item): bool => $item->at >= $or->end()));
            if ($before === [] || $after === []) {
                continue;
            }
            [$one, $other] = [$before[count($before) - 1], $after[0]];
            $why = "“{$one->words}” or “{$other->words}”: which of the two?";
            $one->doubt($why);
            $last = null;
            foreach ($sentence->segments as $segment) {
                if ($last !== null && min(array_map(fn (ChartItem $item): int => $item->at, $segment->items())) >= $or->at) {
                    $last->pictures = $last->pictures ?: $segment->pictures;
                    $sentence->segments = array_values(array_filter($sentence->segments, fn (Segment $of): bool => $of !== $segment));
                    break;
                }
                if (in_array($other, $segment->pictures, true)) {
                    $segment->pictures = array_values(array_filter($segment->pictures, fn (ChartItem $of): bool => $of !== $other));
                }
                $last = $segment;
            }
        }
    }

    /** “16x20 with an 8x10 …”: a second size of the same picture that nothing adds is hardly another print. */
    public function doubled(ReadSentence $sentence): void
    {
        foreach ($sentence->segments as $n => $segment) {
            $last = $sentence->segments[$n - 1] ?? null;
            if (
                $last?->size === null ||
                $segment->size === null ||
                $segment->pictures !== [] ||
                $segment->count !== null ||
                $segment->scope !== null ||
                $segment->isEach
            ) {
                continue;
            }
            $between = array_filter(
                $sentence->items,
                fn (ChartItem $item): bool => $item->at >= $last->size->end() && $item->at < $segment->size->at,
            );
            $kinds = array_map(fn (ChartItem $item): ItemKind => $item->kind, $between);
            $isAdded =
                array_filter($kinds, fn (ItemKind $kind): bool => ! in_array($kind, [ItemKind::Passed, ItemKind::Unknown], true)) !== [];
            $hasWords = array_filter($between, fn (ChartItem $item): bool => preg_match('/\pL/u', $item->words) === 1) !== [];
            $isOfPicture = preg_match('/(?:picture|photo|image|print area)$/iu', end($between)->words ?? '') === 1;
            if ($isOfPicture || (! $isAdded && ($hasWords || $segment->size->size?->sameAs($last->size->size ?? $segment->size->size)))) {
                $segment->size->doubt('Another print of it, or the size of something else?');
            }
        }
    }

    /** The same print twice in one line: is it so, or is one of the numbers another's? */
    public function askTwins(): void
    {
        $seen = $before = [];
        foreach ($this->talk->drafts as $draft) {
            $isMore = array_filter($draft->from, fn (ChartItem $of): bool => $of->isMore()) !== [];
            if ($isMore || $draft->picture === null || $draft->size === null || $draft->sheet !== null) {
                continue;
            }
            $wishes = array_map(fn (ChartItem $wish): string => json_encode($wish->change) ?: '', $draft->wishes);
            $key = "{$draft->line} {$draft->picture} {$draft->size} ".implode(' ', $wishes);
            if (isset($seen[$key])) {
                $draft->isAsked = $seen[$key]->isAsked = true;
                end($draft->from) === false || end($draft->from)->doubt('The same print twice: are both meant?');
            }
            $seen[$key] = $draft;
            $last = $before[$draft->line." {$draft->picture}"] ?? null;
            if ($last?->size !== null && self::isSameInOtherUnits($last->size, $draft->size)) {
                $draft->isAsked = $last->isAsked = true;
                $size = array_values(array_filter($draft->from, fn (ChartItem $of): bool => $of->kind === ItemKind::Size))[0] ?? null;
                $size?->doubt("{$last->size->label()} in other words, or another print?");
            }
            $before[$draft->line." {$draft->picture}"] = $draft;
        }
    }

    /**
     * A number that stays in a remark is looked at where nothing else comes of its line; a size always is.
     *
     * @param  list<ReadSentence>  $of
     */
    public function askNumbered(int $at, array $of): void
    {
        $isPrinted = array_filter($this->talk->drafts, fn (Draft $draft): bool => $draft->line === $at) !== [];
        foreach ($of as $sentence) {
            foreach ($sentence->of(ItemKind::Remark) as $remark) {
                $isOfPrint = preg_match($isPrinted ? '/\d\s*[x×]\s*\d/u' : '/\d/', $remark->words) === 1;
                if ($isOfPrint && $this->talk->lines[$at]->isSure()) {
                    [$remark->kind, $remark->why] = [
                        ItemKind::Unknown,
                        'This was read as a remark, and nothing is done of it. Is that so?',
                    ];
                }
            }
        }
    }

    /** “8x10 (20x25 cm)”: two writings of one size. */
    private static function isSameInOtherUnits(Size $one, Size $other): bool
    {
        [$a, $b] = [$one->portrait(), $other->portrait()];
        $isNear = fn (int $a, int $b): bool => abs($a - $b) < self::NEAR * max($a, $b);

        return ($one->width->unit !== $other->width->unit || $one->name !== $other->name) &&
            $isNear($a->width->nanometres, $b->width->nanometres) &&
            $isNear($a->height->nanometres, $b->height->nanometres);
    }

    public function askSizeless(): void
    {
        foreach ($this->talk->waiting() as $draft) {
            if (Orders::haveSize([...$draft->wishes, ...$this->talk->general])) {
                continue;
            }
            ($draft->from[0] ?? null)?->doubt('In which size?');
        }
    }

    /** “5 prints in all”: as many have to be there. */
    public function askSums(): void
    {
        $all = array_sum(array_map(fn (Draft $draft): int => $draft->copies, $this->talk->drafts));
        foreach ($this->talk->sums as $sum) {
            // “Just the two: …, three of each” counts the pictures
            $isOfPrints = preg_match('/\b(?:prints?|copies|pieces|total|all)\b/i', $sum->words) === 1;
            $isOfPictures = ! $isOfPrints && $sum->value === count($this->talk->drafts);
            if ($sum->value !== null && $sum->value !== $all && ! $isOfPictures && $this->talk->drafts !== []) {
                $sum->doubt("{$sum->value} are spoken of, and {$all} were read.");
                foreach ($this->talk->drafts as $draft) {
                    $draft->isAsked = true;
                }
            }
        }
    }
}
