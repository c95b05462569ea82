<?php

declare(strict_types=1);

namespace Planisher\ClientList;

use Planisher\Wish\Known;
use Planisher\Wish\Phrase;

/** Words that are said of lines that are there: what they change of each, in the same grammar as a client's list. */
final readonly class SaidWish
{
    /**
     * @param  array<string, mixed>  $change  a merge patch of a line's order-file form
     * @param  ?int  $gather  how many share a sheet, 0 for all; null where nothing is said of that
     */
    private function __construct(public array $change, public ?int $gather, public ReadLine $line) {}

    /**
     * @param  list<string>  $pictures  names of the order's pictures, in its order
     * @param  ?string  $made  what the line is made into that it is said of, where that is one thing
     */
    public static function read(string $text, Known $known, array $pictures, ?string $made = null): self
    {
        $tokens = (new Grammar($known, new PictureWords($pictures)))->tokens($text);
        $items = Items::of($tokens);
        $item = $items[0];
        foreach (array_slice($items, 1) as $other) {
            foreach ([$other->size, $other->count, ...$other->pictures] as $token) {
                $token?->doubt('Only the first is taken: this is one line.');
            }
            array_push($item->wishes, ...$other->wishes);
        }
        if (count($item->names()) > 1) {
            $item->pictures[0]->doubt('A line has one picture; the first was taken.');
        }
        $change = Changes::of($item->wishes, $known->lab);
        $gather = $change[Phrase::GATHER] ?? null;
        unset($change[Phrase::GATHER]);

        $change +=
            ($item->size?->size === null ? [] : ['size' => (string) $item->size->size]) +
            ($item->count?->count === null ? [] : ['copies' => $item->count->count]) +
            ($item->pictures === [] ? [] : ['picture' => $item->names()[0]]);
        $line = new ReadLine(1, $text, $tokens, $items);
        Gate::wish($line, isNothing: $change === [] && $gather === null, made: $made);

        return new self($change, $gather, $line);
    }
}
