<?php

declare(strict_types=1);

namespace Planisher\ClientList;

/**
 * Puts the words of one line together to the things that it speaks of. “2 of lighthouse 8x10, 3 of regatta 5x7” are two;
 * “lighthouse in 8x10 and 5x7” are two of one picture; “8x10 of 412, 415 and 418” is one of three pictures.
 */
final class Items
{
    /**
     * @param  list<Token>  $tokens
     * @return list<Item> at least one where anything is wished at all
     */
    public static function of(array $tokens): array
    {
        $items = [new Item()];
        $isEnded = false; // a full stop or a semicolon: what follows begins anew
        $isExcept = false;
        $last = null;
        $scope = null;
        $isApart = true; // something stands between what is here and what was before
        foreach ($tokens as $i => $token) {
            $item = $items[count($items) - 1];
            if (in_array($token->kind, [Kind::Size, Kind::Pictures, Kind::Count, Kind::All, Kind::Rest, Kind::Same], true)) {
                $isNew = match ($token->kind) {
                    Kind::Count => $item->count !== null ||
                        ($isEnded && $item->isBegun()) ||
                        ($item->pictures !== [] && $item->size !== null && ! self::isBehind($last, $tokens, $i)),
                    Kind::Size => $item->size !== null || ($isEnded && $item->isBegun()),
                    Kind::Pictures => ! $isExcept &&
                        (($isEnded && $item->pictures !== []) || ($item->pictures !== [] && $last !== Kind::Pictures)),
                    default => $item->isBegun() && $isEnded,
                };
                if ($isNew && $token->kind === Kind::Size && $last === Kind::Size && ! $isApart) {
                    $token->doubt('A second size: is it a print by itself?');
                }
                if ($isNew) {
                    $unclear = $last === Kind::Unknown && ! $isEnded ? array_slice($item->left, -1) : [];
                    $items[] = $item = new Item();
                    $item->left = $unclear; // what stands between two things may be said of both
                }
                $isEnded = false;
            }
            match ($token->kind) {
                Kind::Count => ($item->count = $token),
                Kind::Size => ($item->size = $token),
                Kind::Pictures => $isExcept ? array_push($item->excepted, ...$token->pictures) : ($item->pictures[] = $token),
                Kind::Wish => self::wish($token, $item, $items, $scope),
                Kind::All, Kind::Rest => ($item->all = $token),
                Kind::Same => ($item->same = $token),
                Kind::Unknown => ($item->left[] = $token),
                Kind::Each => ($item->isEach = true),
                default => null,
            };
            $scope = match ($token->kind) {
                Kind::All => $token,
                Kind::Stop, Kind::End, Kind::Polite, Kind::Wish, Kind::Unknown => $scope,
                default => null,
            };
            $isExcept =
                $token->kind === Kind::Except || ($isExcept && in_array($token->kind, [Kind::Pictures, Kind::Stop, Kind::Polite], true));
            $isEnded = $isEnded || $token->kind === Kind::End;
            $isApart = $token->kind === Kind::Stop || $token->kind === Kind::End || ($isApart && $token->kind === Kind::Polite);
            if (! in_array($token->kind, [Kind::Stop, Kind::End, Kind::Polite, Kind::Wish], true)) {
                $last = $token->kind;
            }
        }

        return self::shared(self::settled($items));
    }

    /**
     * A wish is of the item it stands with; of all of them where “all” stands before it.
     *
     * @param  list<Item>  $items
     */
    private static function wish(Token $token, Item $item, array $items, ?Token $scope): void
    {
        $isOfAll = $scope !== null && count($items) > 1;
        if ($isOfAll && $item->all === $scope) {
            $item->all = null;
        }
        foreach ($isOfAll ? $items : [$item] as $of) {
            $of->wishes[] = $token;
        }
    }

    /** “8x10, 2 of them”: how many stands behind what it is of. @param  list<Token>  $tokens */
    private static function isBehind(?Kind $last, array $tokens, int $at): bool
    {
        foreach (array_slice($tokens, $at + 1) as $token) {
            if (in_array($token->kind, [Kind::Pictures, Kind::Size, Kind::All], true)) {
                return false;
            }
            if ($token->kind === Kind::Count) {
                break;
            }
        }

        return $last !== null;
    }

    /**
     * An “all” that has pictures beside it, or is of nothing but wishes, is no picture.
     *
     * @param  list<Item>  $items
     * @return list<Item>
     */
    private static function settled(array $items): array
    {
        foreach ($items as $item) {
            if ($item->pictures !== [] && $item->all !== null) {
                $item->all = null;
                $item->isEach = true;
            }
        }

        return $items;
    }

    /**
     * What one leaves out it has from its neighbour: a size without pictures is of the pictures beside it, pictures without a size
     * are in the size beside them.
     *
     * @param  list<Item>  $items
     * @return list<Item>
     */
    private static function shared(array $items): array
    {
        foreach ($items as $i => $item) {
            $before = $items[$i - 1] ?? null;
            if ($before !== null && $item->size !== null && ! $item->hasPictures() && $before->pictures !== []) {
                $item->pictures = $before->pictures;
            }
            if ($item->size === null && $item->hasPictures() && $before?->size !== null) {
                $item->size = self::isInFront($before) ? $before->size : null;
            }
        }
        for ($i = count($items) - 2; $i >= 0; $i--) {
            [$item, $next] = [$items[$i], $items[$i + 1]];
            if ($item->size !== null && ! $item->hasPictures() && $next->pictures !== []) {
                $item->pictures = $next->pictures;
            }
            if ($item->size === null && $item->pictures !== [] && $next->size !== null && ! self::isInFront($next)) {
                $item->size = $next->size;
            }
            if ($item->isEach !== $next->isEach && $item->count === null && $next->count !== null && $next->isEach) {
                $item->count = $next->count;
            }
        }
        foreach ($items as $i => $item) {
            $before = $items[$i - 1] ?? null;
            if ($before?->isEach && $item->count === null && $before->pictures === $item->pictures) {
                $item->count = $before->count;
            }
        }

        return $items;
    }

    private static function isInFront(Item $item): bool
    {
        $first = $item->pictures[0] ?? $item->all;

        return $first === null || $item->size === null || $item->size->at < $first->at;
    }
}
