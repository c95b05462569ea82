<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Line;
use App\Models\Order;
use Planisher\Line\NamePattern;
use Planisher\Naming\NameBook;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/** What the files of an order are called, by the order file's “name”, and what they would be called by another. */
final class Names
{
    /**
     * @param  mixed  $name  parts and joiner, as the order file has them
     *
     * @throws OrderFileError
     */
    public static function typed(mixed $name): NamePattern
    {
        return NamePattern::fromNode(JsonNode::root($name));
    }

    /**
     * The names of all files of an order, were some of its lines named so.
     *
     * @param  ?list<int>  $chosen  ids of the lines that are; null for all
     * @return NamesTriedShape
     */
    public static function tried(Order $order, NamePattern $name, ?array $chosen): array
    {
        $card = $order->lab->labCard();
        $order->loadMissing('lines.pictures.orderPicture.picture');
        $wanted = $order->lines->mapWithKeys(
            fn (Line $line): array => [
                $line->number => $chosen === null || in_array($line->id, $chosen, true) ? $line->line()->named($name) : $line->line(),
            ],
        );
        $names = NameBook::names($order->head(), $card, $wanted->all());

        return [
            'most' => $card->nameLength,
            'lines' => array_map(
                fn (Line $line): array => [
                    'id' => $line->id,
                    'number' => $line->number,
                    'files' => $names[$line->number]->files(),
                    'length' => $names[$line->number]->length(),
                    'isShortened' => $names[$line->number]->shortened,
                    'isNumberedApart' => $names[$line->number]->numberedApart,
                ],
                array_values($order->lines->all()),
            ),
        ];
    }
}
