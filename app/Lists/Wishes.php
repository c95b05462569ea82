<?php

declare(strict_types=1);

namespace App\Lists;

use App\Lines\Gatherer;
use App\Lines\LineChanger;
use App\Models\Line;
use App\Models\Order;
use Planisher\ClientList\SaidWish;
use Planisher\Finish\Finishes;
use Planisher\Finish\Gathers;

/** Wishes said of lines that are there, in words. */
final class Wishes
{
    /** @param  iterable<Line>  $lines  that it is said of */
    public static function read(Order $order, string $text, iterable $lines): SaidWish
    {
        $of = SpokenOf::in($order);
        $made = [];
        foreach ($lines as $line) {
            $made[$line->wanted['make'] ?? Finishes::USUAL] = true;
        }

        return SaidWish::read($text, $of->known, $of->pictures, count($made) === 1 ? (string) array_key_first($made) : null);
    }

    /**
     * Lines changed as was said; undone by the caller where the rest of it fails.
     *
     * @param  array<int, int>  $seen  the versions it is said of, by the line's id
     * @return array{list<Line>, list<string>} the lines as they are now, and what could not be done, in words
     */
    public static function change(Order $order, SaidWish $wish, array $seen): array
    {
        return $wish->change === [] && $wish->gather === null ? [[], []] : LineChanger::patchEach($order, $seen, $wish->change);
    }

    /**
     * The prints of lines laid on shared sheets, as was said.
     *
     * @param  list<Line>  $lines
     * @return array{Line, list<int>, list<string>} the new line, those it stands for, and what is to be told
     */
    public static function gather(Order $order, SaidWish $wish, array $lines): array
    {
        $seen = array_map(fn (Line $line): array => ['id' => $line->id, 'version' => $line->version], $lines);

        return Gatherer::gather($order, $seen, [], null, Gathers::CHEAPEST, (int) $wish->gather);
    }
}
