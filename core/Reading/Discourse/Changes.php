<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Measure\Size;
use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;

/** What isn't to be, and what is to be otherwise: pictures left out, prints taken back, one picture in the place of another. */
final class Changes
{
    public function __construct(private readonly Talk $talk) {}

    /** “But not 0406”: pictures behind a not are left out of what stands before it. */
    public function exceptions(ReadSentence $sentence): void
    {
        $isBegun = $sentence->segments !== [];
        foreach ($sentence->items as $i => $item) {
            if ($item->kind !== ItemKind::Not && $item->kind !== ItemKind::Instead) {
                continue;
            }
            $next = null;
            foreach (array_slice($sentence->items, $i + 1) as $of) {
                if (! $of->is(ItemKind::Passed, ItemKind::Each)) {
                    $next = $of;
                    break;
                }
            }
            $isSign = preg_match('/^[^\p{L}]+$/u', $item->words) === 1;
            if ($isSign && $next === null) {
                // “oars 5x7 ✗”
                foreach ($sentence->segments as $segment) {
                    $this->talk->struck = [
                        ...$this->talk->struck,
                        ...array_merge(...array_map(fn (ChartItem $of): array => $of->names(), $segment->pictures)),
                    ];
                }
                $sentence->segments = [];
                $sentence->isStruck = true;

                continue;
            }
            if ($next === null || $next->is(ItemKind::End, ItemKind::Stop)) {
                // “…, but the 0406 not”
                $before = array_values(
                    array_filter(array_slice($sentence->items, 0, $i), fn (ChartItem $of): bool => $of->kind !== ItemKind::Passed),
                );
                $last = end($before);
                $isAfterStop = ($before[count($before) - 2] ?? null)?->kind === ItemKind::Stop;
                $isOneOfSeveral = $isAfterStop || count($sentence->of(ItemKind::Pictures)) > 1;
                $next = $last !== false && $last->kind === ItemKind::Pictures && $isOneOfSeveral ? $last : $next;
            }
            foreach ($sentence->segments as $segment) {
                if ($next === null || ! in_array($next, $segment->pictures, true)) {
                    continue;
                }
                // “X out, Y in” leaves out X alone, “all but X, Y” both.
                $until = $next->at < $item->at ? $item->at : PHP_INT_MAX;
                $isStruck = fn (ChartItem $of): bool => $of->at >= $next->at && $of->at < $until;
                $behind = array_values(array_filter($segment->pictures, $isStruck));
                $names = array_merge(...array_map(fn (ChartItem $of): array => $of->names(), $behind));
                if ($this->isOrderedBefore($sentence, $names, $item->at)) {
                    // “… all lustre apart from the oars”: that isn't to be so, and is it to be at all?
                    $segment->pictures = array_values(array_filter($segment->pictures, fn (ChartItem $of): bool => ! $isStruck($of)));
                    $why = 'Is it left out, or only not to be so?';
                    $item->doubt($why);
                    $this->talk->unsettled ??= $why;

                    continue;
                }
                $segment->pictures = array_values(array_filter($segment->pictures, fn (ChartItem $of): bool => ! $isStruck($of)));
                if ($item->kind === ItemKind::Instead && $segment->pictures === [] && ($segment->size->at ?? 0) > $next->at) {
                    $segment->size = null; // “instead of the cake 8x10, …”
                }
                $this->talk->struck = [...$this->talk->struck, ...$names];
                $this->talk->drafts === [] && count($sentence->segments) < 2 && ($this->talk->never = [...$this->talk->never, ...$names]);
                foreach ($sentence->segments as $other) {
                    $other->excepted = [...$other->excepted, ...$names];
                }
                $next->why = null;
            }
            if ($next?->kind === ItemKind::Size && ! $isSign && $this->areLeftOut($sentence, $next, $item)) {
                continue;
            }
            if ($next?->kind === ItemKind::Size) {
                foreach ($sentence->segments as $n => $segment) {
                    if ($segment->size === $next && (count($sentence->segments) > 1 || $isSign)) {
                        $segment->size = null;
                        $other = $sentence->segments[$n + 1] ?? null;
                        if ($other !== null && $other->pictures === [] && $other->scope === null) {
                            $other->pictures = $segment->pictures;
                            $segment->pictures = [];
                        }
                        $isSign || $next->doubt('Is it not to be that size?');
                        $isSign || ($this->talk->unsettled ??= 'Something is not to be that size.');
                        $sentence->isStruck = $sentence->isStruck || $isSign;
                    }
                }
            }
            $sentence->dropEmpty();
        }
        $isBegun && $sentence->segments === [] && ! $sentence->isStruck && ($this->talk->unsettled ??= 'Something is left out here.');
    }

    /**
     * Whether pictures are ordered by themselves before a place of the sentence.
     *
     * @param  list<string>  $names
     */
    private function isOrderedBefore(ReadSentence $sentence, array $names, int $at): bool
    {
        $ordered = [];
        foreach ($sentence->segments as $segment) {
            foreach ($segment->size === null ? [] : $segment->pictures as $picture) {
                $isByItself = $picture->at < $at && count($picture->names()) === 1;
                $isByItself && ($ordered[] = $picture->names()[0]);
            }
        }

        return $sentence->has(ItemKind::All, ItemKind::Wish) && array_intersect($ordered, $names) !== [];
    }

    /** “Everything matte except the 8x10s”: no size of all, but prints that something isn't said of. */
    private function areLeftOut(ReadSentence $sentence, ChartItem $size, ChartItem $not): bool
    {
        foreach ($sentence->segments as $segment) {
            if ($segment->size === $size && $segment->scope?->kind === ItemKind::All && $segment->scope->at < $not->at) {
                $why = 'Are those left out, or only not to be so?';
                $segment->size = null;
                $not->doubt($why);
                $this->talk->unsettled ??= $why;

                return true;
            }
        }

        return false;
    }

    /** “Was 60 × 90 cm, now 50 × 75 cm”: only what is now is ordered. */
    public function formerly(ReadSentence $sentence): void
    {
        $sizes = $sentence->of(ItemKind::Size);
        foreach ($sentence->items as $i => $item) {
            $before = $sentence->items[$i - 1] ?? null;
            $isFormer =
                $item->kind === ItemKind::Size && $before !== null && preg_match('/\b(?:was|were|used to be)$/iu', $before->words) === 1;
            if ($isFormer && count($sizes) > 1) {
                foreach ($sentence->segments as $segment) {
                    $segment->size === $item && ($segment->size = null);
                }
                $item->pass();
                $sentence->dropEmpty();
                if (
                    count($sentence->segments) === 2 &&
                    $sentence->segments[0]->pictures !== [] &&
                    $sentence->segments[0]->size === null &&
                    $sentence->segments[1]->pictures === []
                ) {
                    $sentence->segments[1]->pictures = $sentence->segments[0]->pictures;
                    array_shift($sentence->segments);
                }
            }
        }
    }

    /** “Swap 04 for 14”, where nothing of 04 was ordered here: 14 is wanted. */
    public function swapped(ReadSentence $sentence): void
    {
        if (preg_match('/\b(?:swap|change|exchange|replace|meant)\b/i', $sentence->text) !== 1) {
            return;
        }
        $named = array_values(array_filter($sentence->segments, fn (Segment $segment): bool => $segment->pictures !== []));
        if (count($named) === 2 && $named[0]->size !== null) {
            $why = 'In the place of another. Is it in this order?';
            $named[1]->pictures[0]->doubt($why);
            $this->talk->unsettled ??= $why;

            return;
        }
        foreach ($sentence->segments as $segment) {
            if (count($segment->pictures) === 2) {
                $segment->pictures = [$segment->pictures[1]];
                $segment->pictures[0]->doubt('In the place of another. Is it in this order?');
            }
        }
    }

    public function takeBack(ReadSentence $sentence): void
    {
        $names = array_merge(...array_map(fn (Segment $segment): array => $segment->names(), $sentence->segments), ...[[]]);
        $sizes = array_values(array_filter(array_map(fn (Segment $segment): ?Size => $segment->size?->size, $sentence->segments)));
        $made = null;
        foreach ($sentence->of(ItemKind::Wish) as $wish) {
            $made = is_string($wish->change['make'] ?? null) ? $wish->change['make'] : $made;
        }
        $sentence->passOver();
        foreach ($sentence->items as $item) {
            $item->kind === ItemKind::Remark || ($item->why = null);
        }
        if ($names === [] && $sizes !== [] && $sentence->has(ItemKind::Pictures, ItemKind::Unknown, ItemKind::Count)) {
            $sentence->first()?->doubt($this->talk->unsettled ??= 'This takes something back. Which picture is it?');

            return; // “✘ cermony-11 8x10”
        }
        if ($names === [] && $sizes === [] && $made !== null) {
            $this->talk->struckMakes[] = $made;
        }
        if ($names === [] && $sizes === [] && $made === null) {
            $isOfLast = preg_match('/\b(?:scrap|cancel|forget) (?:it|that|the first|this)\b|\bnever mind that\b/i', $sentence->text) === 1;
            if ($isOfLast && $this->talk->last !== []) {
                $this->talk->drafts = array_values(
                    array_filter($this->talk->drafts, fn (Draft $draft): bool => ! in_array($draft, $this->talk->last, true)),
                );
                $this->talk->speaksOf($sentence, $this->talk->last[0]);
                $this->talk->last = [];
                $this->talk->lines[$sentence->line]->doubt(
                    'This takes back what was said before. It was left out.',
                    $sentence->items[0]->at,
                );

                return;
            }
            $sentence->has(ItemKind::Same, ItemKind::Place, ItemKind::All) &&
                $sentence->first()?->doubt('This seems to take something back. Look at what it speaks of.');

            return;
        }
        $taken = array_values(
            array_filter(
                $this->talk->drafts,
                fn (Draft $draft): bool => ($names === [] || in_array($draft->picture, $names, true)) &&
                    ($sizes === [] ||
                        array_filter($sizes, fn (Size $size): bool => $draft->size !== null && $size->sameAs($draft->size)) !== []) &&
                    ($made === null || $draft->make() === $made),
            ),
        );
        $sizes === [] && ($this->talk->struck = [...$this->talk->struck, ...$names]);
        if ($taken !== [] && preg_match('/\b(?:until|till|unless|if|hold|waits?)\b/iu', $sentence->text) === 1) {
            foreach ($taken as $draft) {
                $draft->isAsked = true; // “please hold hers until I've rung”
            }
            $sentence->first()?->doubt('This seems to put something off. Is it wanted?');

            return;
        }
        if ($taken !== []) {
            $this->talk->speaksOf($sentence, $taken[0]);
            $this->talk->drafts = array_values(
                array_filter($this->talk->drafts, fn (Draft $draft): bool => ! in_array($draft, $taken, true)),
            );
            $sentence->first()?->doubt('This takes back what was said before. It was left out.');
        } elseif ($sizes !== [] && ! $this->talk->blocks[$sentence->line]->isStruck) {
            $sentence->first()?->doubt('This takes something back, and nothing before it is that.');
        }
    }

    /** Whether the sentence changed prints that were spoken of before. */
    public function change(ReadSentence $sentence): bool
    {
        $names = array_values(
            array_unique(array_merge(...array_map(fn (Segment $segment): array => $segment->names(), $sentence->segments), ...[[]])),
        );
        $there = array_values(array_filter($this->talk->drafts, fn (Draft $draft): bool => in_array($draft->picture, $names, true)));
        $segment = $sentence->segments[0];
        $why = 'This changes what was said before. It was read so.';
        if (count($names) === 2 && $there !== [] && ! $sentence->hasSize()) {
            // One picture for another: the one that is there goes.
            $old = (string) $there[0]->picture;
            $new = $names[0] === $old ? $names[1] : $names[0];
            foreach ($there as $draft) {
                $draft->picture === $old && ($draft->picture = $new);
                $draft->isAsked = true;
            }
            $sentence->first()?->doubt($why);
            $this->talk->speaksOf($sentence, $there[0]);

            return true;
        }
        if (count($names) === 1 && $there === [] && ! $sentence->hasSize() && $this->renamed($names[0], $sentence)) {
            $sentence->first()?->doubt($why);
            $sentence->passOver();

            return true;
        }
        $of = match (true) {
            $names !== [] => $there,
            $segment->scope?->kind === ItemKind::All => $this->talk->drafts,
            $segment->scope?->kind === ItemKind::Place => (int) $segment->scope->value > 0
                ? array_slice($this->talk->drafts, 0, (int) $segment->scope->value)
                : array_slice($this->talk->drafts, (int) $segment->scope->value),
            default => $this->talk->last,
        };
        if ($of === [] || $sentence->has(ItemKind::Rest)) {
            return false;
        }
        $others = array_filter(
            array_slice($sentence->segments, 1),
            fn (Segment $one): bool => $one->scope !== null || ($one->count?->isMore() ?? false),
        );
        $others === [] || ($this->talk->unsettled ??= $why); // “make the last A4 and add another of the first”
        $isOfMore =
            $of !== $this->talk->drafts &&
            ($sentence->has(ItemKind::All, ItemKind::Each) || preg_match('/\bthem all\b/iu', $sentence->text) === 1);
        $isOfMore && ($this->talk->unsettled ??= $why); // “edit 2: sorry, make them all 10x12”
        if ($names !== [] && $segment->isAlso) {
            return false;
        }
        $size = $count = null;
        foreach ($sentence->segments as $one) {
            $isNegated = fn (?ChartItem $item): bool => $item !== null && $sentence->negates($item);
            $size ??= $isNegated($one->size) ? null : $one->size;
            $count ??= $isNegated($one->count) ? null : $one->count;
        }
        $wishes = $sentence->of(ItemKind::Wish);
        if ($size === null && $count === null && $wishes === []) {
            return false;
        }
        foreach ($of as $draft) {
            $size === null || ($draft->size = $size->size);
            $count === null || ($draft->copies = (int) $count->count);
            $draft->wishes = [...$draft->wishes, ...$wishes];
            $draft->isAsked = true;
        }
        $sentence->first()?->doubt($why);
        $this->talk->speaksOf($sentence, array_values($of)[0]);
        $sentence->passOver();
        $this->talk->last = $of;

        return true;
    }

    /** “She means ceremony 6, not couple 6”, said before the list: what is ordered of the one is meant of the other. */
    public function renames(ReadSentence $sentence): bool
    {
        $pictures = $sentence->of(ItemKind::Pictures);
        if (count($pictures) !== 2 || $sentence->hasSize() || ! $sentence->negates($pictures[1]) || count($pictures[0]->names()) !== 1) {
            return false;
        }
        foreach ($pictures[1]->names() as $old) {
            $this->talk->renamed[$old] = $pictures[0]->names()[0];
        }
        $sentence->passOver();
        $pictures[0]->doubt('What is said of the other was read of this one.');

        return true;
    }

    /** “I meant regatta 9, not 10”: the picture of that number was another. */
    private function renamed(string $new, ReadSentence $sentence): bool
    {
        if (preg_match('/\bnot\s+(?:no\.?\s*|number\s*)?(\d{1,6})\b/iu', $sentence->text, $m) !== 1) {
            return false;
        }
        $stem = fn (string $name): string => (string) preg_replace('/\d+(?=\D*$)/', '', pathinfo($name, PATHINFO_FILENAME));
        $old = array_filter($this->talk->reader->pictures->numbered((int) $m[1]), fn (string $name): bool => $stem($name) === $stem($new));
        $isDone = false;
        foreach ($this->talk->drafts as $draft) {
            if (in_array($draft->picture, $old, true)) {
                $draft->picture = $new;
                $draft->isAsked = $isDone = true;
            }
        }

        return $isDone;
    }

    /** “No 2207, 2208 instead”: in the place of what? “Instead of the 2207 …” says it. */
    public static function endsOtherwise(ReadSentence $sentence): bool
    {
        $behind = $sentence->spoken();
        foreach ($behind as $i => $item) {
            if ($item->kind === ItemKind::Instead && ($behind[$i + 1] ?? null)?->kind !== ItemKind::Pictures) {
                return true;
            }
        }

        return false;
    }

    /** What is ordered of a picture that another was meant by is of that one. */
    public function putRenamed(): void
    {
        foreach ($this->talk->drafts as $draft) {
            if (isset($this->talk->renamed[$draft->picture ?? ''])) {
                $draft->picture = $this->talk->renamed[(string) $draft->picture];
                $draft->isAsked = true;
            }
        }
    }

    /** “No canvases after all”: prints of a finish that was taken back are none. */
    public function takeBackMakes(): void
    {
        foreach ($this->talk->struckMakes as $make) {
            $left = array_values(array_filter($this->talk->drafts, fn (Draft $draft): bool => $draft->make() !== $make));
            count($left) === count($this->talk->drafts) && ($this->talk->unsettled ??= 'Something was taken back that isn’t here.');
            count($left) === count($this->talk->drafts) || array_map(fn (Draft $draft): bool => ($draft->isAsked = true), $left);
            $this->talk->drafts = $left;
        }
    }
}
