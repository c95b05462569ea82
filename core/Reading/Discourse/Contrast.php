<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Finish\Finishes;
use Planisher\Language\Says;
use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;

/** “Not glossy but silk”, “8x10, not 8x12”, “stretch instead of mirror”: what isn't wanted is told from what is. */
final class Contrast
{
    /** What says of what a piece is made: “metal instead of canvas” */
    private const MATERIALS = ['make' => true, 'product' => true, 'paper' => true];

    /**
     * @param  list<ChartItem>  $items
     * @param  array<string, mixed>  $on  the line it is said of; empty where there is none
     * @return list<ChartItem> without what isn't wanted; what is to be taken away is a wish that takes it
     */
    public static function settled(array $items, array $on): array
    {
        self::papers($items);
        $left = [];
        $negated = [];
        for ($i = 0; $i < count($items); $i++) {
            $item = $items[$i];
            if ($item->kind !== ItemKind::Not && $item->kind !== ItemKind::Instead) {
                $left[] = $item;

                continue;
            }
            $next = self::behind($items, $i);
            $what = $items[$next] ?? null;
            $isHeld = $what !== null && $what->is(ItemKind::Wish, ItemKind::Size, ItemKind::Count, ItemKind::Pictures, ItemKind::Sum);
            if ($isHeld) {
                $negated[] = [$item, $what];
                $i = $next;
            } elseif ($item->kind === ItemKind::Not && $what !== null && $what->kind === ItemKind::Unknown) {
                $item->doubt('Not understood.');
            }
        }
        foreach ($negated as [$not, $what]) {
            $isSaidOtherwise = array_filter($left, fn (ChartItem $one): bool => self::isOfOneKind($one, $what)) !== [];
            if ($isSaidOtherwise) {
                $what->why = null;

                continue;
            }
            $taken = $what->kind === ItemKind::Wish && $on !== [] ? self::taken($what, $on) : null;
            if ($taken === null) {
                $not->doubt('What is it to be instead?');

                continue;
            }
            $left[] = new ChartItem(ItemKind::Wish, $what->at, $what->length, change: $taken, words: $what->words);
        }

        return $left;
    }

    /**
     * “All but the oars”, “oars out”: words that leave out only where they stand.
     *
     * @param  list<ChartItem>  $items  of one sentence
     */
    public static function besides(array $items): void
    {
        foreach ($items as $i => $out) {
            // “Beehives out, slipway in”
            $isOut = $out->kind === ItemKind::Passed && strcasecmp($out->words, 'out') === 0;
            for ($before = $i - 1; $isOut && ($items[$before] ?? null)?->kind === ItemKind::Passed; $before--);
            $next = $items[$i + 1] ?? null;
            $isEnd = $next === null || $next->is(ItemKind::Stop, ItemKind::And, ItemKind::End);
            $isOut && $isEnd && ($items[$before] ?? null)?->kind === ItemKind::Pictures && ($out->kind = ItemKind::Not);
        }
        foreach ($items as $i => $but) {
            if (
                $but->kind !== ItemKind::Passed ||
                strcasecmp($but->words, 'but') !== 0 ||
                ($items[$i - 1] ?? null)?->kind !== ItemKind::All
            ) {
                continue;
            }
            $next = self::behind($items, $i);
            ($items[$next] ?? null)?->kind === ItemKind::Pictures && ($but->kind = ItemKind::Not);
        }
    }

    /**
     * The same in a message: a wish behind a not is none. What is there to take it away from isn't known, so where nothing is said in its
     * place, that is asked. A sign strikes out all that stands behind it.
     *
     * @param  list<ChartItem>  $items  of one sentence
     */
    public static function struck(array $items): void
    {
        self::papers($items);
        foreach ($items as $i => $not) {
            $isWord = preg_match('/\p{L}/u', $not->words) === 1;
            if (! $isWord || ($not->kind !== ItemKind::Not && $not->kind !== ItemKind::Instead)) {
                continue;
            }
            $next = self::behind($items, $i);
            $what = $items[$next] ?? null;
            if ($what?->kind === ItemKind::Remark) {
                $what->words = "{$not->words} {$what->words}";
            }
            if ($what?->kind !== ItemKind::Wish) {
                continue;
            }
            $isSaidOtherwise = array_filter($items, fn (ChartItem $one): bool => $one !== $what && self::isOfOneKind($one, $what)) !== [];
            $isSaidOtherwise || $not->doubt("What is it to be, if not “{$what->words}”?");
            $what->pass();
        }
    }

    /**
     * Where the next that is more than a passing word stands; behind the last where there is none.
     *
     * @param  list<ChartItem>  $items
     */
    private static function behind(array $items, int $at): int
    {
        for ($next = $at + 1; ($items[$next] ?? null)?->kind === ItemKind::Passed; $next++);

        return $next;
    }

    /**
     * “Cotton rag, not glossy”: where the paper is said, nothing is asked of what it isn't to be.
     *
     * @param  list<ChartItem>  $items
     */
    private static function papers(array $items): void
    {
        $isSaid =
            array_filter($items, fn (ChartItem $item): bool => isset($item->change['paper']) || isset($item->change['product'])) !== [];
        foreach ($items as $item) {
            $isSaid && isset($item->change[Says::NOT_PAPER]) && ($item->why = null);
        }
    }

    /** Whether two things are said of the same: two papers, two sizes. */
    public static function isOfOneKind(ChartItem $one, ChartItem $other): bool
    {
        if ($one->kind !== $other->kind) {
            return false;
        }
        if ($one->kind !== ItemKind::Wish) {
            return true;
        }
        $isMaterial = fn (ChartItem $of): bool => $of->change !== [] && array_diff_key($of->change, self::MATERIALS) === [];
        if ($isMaterial($one) && $isMaterial($other)) {
            return true;
        }
        $paths = fn (array $change): array => array_diff(self::paths($change), ['make']) ?: self::paths($change);

        return array_intersect($paths($one->change), $paths($other->change)) !== [];
    }

    /**
     * What is there is taken away: “no metal”.
     *
     * @param  array<string, mixed>  $on
     * @return ?array<string, mixed> null where it isn't there
     */
    private static function taken(ChartItem $what, array $on): ?array
    {
        $taken = [];
        foreach ($what->change as $key => $value) {
            if (! array_key_exists($key, $on)) {
                continue;
            }
            if ($key === 'make' && $on[$key] === $value) {
                $taken[$key] = Finishes::USUAL;
            } elseif ($key !== 'make' && (! is_string($value) || $on[$key] === $value)) {
                $taken[$key] = null;
            }
        }

        return $taken === [] ? null : $taken;
    }

    /**
     * @param  array<string, mixed>  $change
     * @return list<string>
     */
    private static function paths(array $change, string $under = ''): array
    {
        $paths = [];
        foreach ($change as $key => $value) {
            $paths = [
                ...$paths,
                ...is_array($value) && $value !== [] && ! array_is_list($value)
                    ? self::paths($value, "{$under}{$key}.")
                    : ["{$under}{$key}"],
            ];
        }

        return $paths;
    }
}
