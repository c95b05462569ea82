<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Line;
use App\Models\Order;
use App\Pictures\PictureStore;
use Planisher\Naming\NameBook;
use Planisher\Picture\PictureTrouble;
use Planisher\Plan\WorkedLine;

/** All lines of an order taken through core together, since names are told apart within the order. */
final class WorkedOrder
{
    /** @var array<int, WorkedLine> by the line's id */
    private array $worked = [];

    public function __construct(Order $order)
    {
        $order->loadMissing(['client', 'lab', 'lines.orderPicture.picture']);
        $lab = $order->lab->labCard();
        $lines = $order->lines->keyBy('number');
        $wanted = $lines->map(fn (Line $line) => $line->line());
        $names = NameBook::names($order->head(), $lab, $wanted->all());
        foreach ($lines as $number => $line) {
            $picture = $line->orderPicture === null ? PictureTrouble::none() : PictureStore::look($line->orderPicture);
            $this->worked[$line->id] = WorkedLine::work($wanted[$number], $picture, $lab, $names[$number]);
        }
    }

    public static function line(Line $line): WorkedLine
    {
        $order = Order::query()->with('lines')->findOrFail($line->order_id);

        return (new self($order))->of($line);
    }

    public function of(Line $line): WorkedLine
    {
        return $this->worked[$line->id];
    }
}
