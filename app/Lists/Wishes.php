<?php

declare(strict_types=1);

namespace App\Lists;

use App\Lines\CellOfLine;
use App\Lines\Computation;
use App\Lines\Gatherer;
use App\Lines\LineChanger;
use App\Models\Line;
use App\Models\Order;
use Planisher\Finish\Gathers;
use Planisher\Reading\SaidWish;

/** Wishes said of lines that are there, in words. */
final class Wishes
{
    /** How words are read of one line: “double the border” depends on what is there. */
    public static function read(Order $order, string $text, Line $line, ?int $cell = null): SaidWish
    {
        return self::reader($order, $text, $cell)($line);
    }

    /**
     * Lines changed as was said; undone by the caller where the rest of it fails.
     *
     * @param  array<int, int>  $seen  the versions it is said of, by the line's id
     * @param  ?int  $cell  the one of a line's prints that it is said of
     * @return array{list<Line>, list<string>} the lines as they are now, and what could not be done, in words
     */
    public static function change(Computation $computation, Order $order, string $text, array $seen, ?int $cell = null): array
    {
        $read = self::reader($order, $text, $cell);

        return LineChanger::changeEach(
            $order,
            $seen,
            fn (Line $line): array => CellOfLine::change($computation, $line, $cell, $read($line)->change),
        );
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

        return Gatherer::gather($order, $seen, [], null, $wish->gatherOn ?? Gathers::CHEAPEST, (int) $wish->gather);
    }

    /** @return \Closure(Line): SaidWish */
    private static function reader(Order $order, string $text, ?int $cell): \Closure
    {
        $of = SpokenOf::in($order);
        $on = fn (Line $line): array => $cell === null ? $line->wanted + self::pictureOf($line) : CellOfLine::form($line, $cell);

        return fn (Line $line): SaidWish => SaidWish::read($text, $of->known, $of->pictures, $on($line));
    }

    /** @return array<string, string> */
    private static function pictureOf(Line $line): array
    {
        $names = array_values(array_filter($line->names()));

        return $names === [] ? [] : ['picture' => $names[0]];
    }
}
