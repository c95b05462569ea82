<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Finish\Finishes;
use Planisher\Reading\Chart\Item;
use Planisher\Reading\Chart\Kind;

/** “Not glossy but silk”, “8x10, not 8x12”, “stretch instead of mirror”: what isn't wanted is told from what is. */
final class Contrast
{
    /**
     * @param  list<Item>  $items
     * @param  array<string, mixed>  $on  the line it is said of; empty where there is none
     * @return list<Item> without what isn't wanted; what is to be taken away is a wish that takes it
     */
    public static function settled(array $items, array $on): array
    {
        $left = [];
        $negated = [];
        for ($i = 0; $i < count($items); $i++) {
            $item = $items[$i];
            if ($item->kind !== Kind::Not && $item->kind !== Kind::Instead) {
                $left[] = $item;

                continue;
            }
            $next = $i + 1;
            while (isset($items[$next]) && in_array($items[$next]->kind, [Kind::Passed], true)) {
                $next++;
            }
            $what = $items[$next] ?? null;
            $isHeld = $what !== null && in_array($what->kind, [Kind::Wish, Kind::Size, Kind::Count, Kind::Pictures, Kind::Sum], true);
            if ($isHeld) {
                $negated[] = [$item, $what];
                $i = $next;
            } elseif ($item->kind === Kind::Not && $what !== null && $what->kind === Kind::Unknown) {
                $item->doubt('Not understood.');
            }
        }
        foreach ($negated as [$not, $what]) {
            $isSaidOtherwise = array_filter($left, fn (Item $one): bool => self::isOfOneKind($one, $what)) !== [];
            if ($isSaidOtherwise) {
                $what->why = null;

                continue;
            }
            $taken = $what->kind === Kind::Wish && $on !== [] ? self::taken($what, $on) : null;
            if ($taken === null) {
                $not->doubt('What is it to be instead?');

                continue;
            }
            $left[] = new Item(Kind::Wish, $what->at, $what->length, change: $taken, words: $what->words);
        }

        return $left;
    }

    private static function isOfOneKind(Item $one, Item $other): bool
    {
        if ($one->kind !== $other->kind) {
            return false;
        }
        if ($one->kind !== Kind::Wish) {
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
    private static function taken(Item $what, array $on): ?array
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
