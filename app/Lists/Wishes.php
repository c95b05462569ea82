<?php

declare(strict_types=1);

namespace App\Lists;

use App\Lines\Gatherer;
use App\Models\Line;
use App\Models\Order;
use Planisher\ClientList\SaidWish;
use Planisher\Finish\Gathers;

/** Wishes said of lines that are there, in words. */
final class Wishes
{
    public static function read(Order $order, string $text): SaidWish
    {
        $of = SpokenOf::in($order);

        return SaidWish::read($text, $of->known, $of->pictures);
    }

    /**
     * The prints of lines put on shared sheets, as was said.
     *
     * @param  list<array{id: int, version: int}>  $lines
     * @return array{Line, list<int>} the new line, and those it stands for
     */
    public static function gathered(Order $order, array $lines): array
    {
        return Gatherer::gather($order, $lines, [], null, Gathers::CHEAPEST);
    }
}
