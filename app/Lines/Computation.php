<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\Line;
use App\Models\Order;
use App\Pictures\PictureStore;
use App\Studio\Desks;
use App\Views\KeptLosses;
use Illuminate\Database\Eloquent\Collection;
use Planisher\Lab\LabCard;
use Planisher\Order\WorkedLine;

/** Takes lines of orders through core, with what is known of their pictures. */
final class Computation
{
    public function __construct(
        private readonly PictureStore $pictures,
        private readonly KeptLosses $losses,
        private readonly Desks $desks,
    ) {}

    /**
     * @param  ?array<string, mixed>  $screenCopy  that is wanted of every line besides, as in the order file
     * @param  ?LabCard  $card  in place of its lab's
     */
    public function order(Order $order, ?array $screenCopy = null, ?LabCard $card = null): WorkedOrder
    {
        return new WorkedOrder($order, $this->pictures, $this->losses, $this->desks, $screenCopy, $card);
    }

    /** Some lines of an order, only to be drawn: nothing is asked of what was measured of them, and their names are not theirs. */
    public function drawn(Order $order, Line ...$lines): WorkedOrder
    {
        return new WorkedOrder($order->setRelation('lines', new Collection($lines)), $this->pictures, null, $this->desks);
    }

    /** One line as it is now; of the others only what is wanted is read: names are told apart among them. */
    public function line(Line $line): WorkedLine
    {
        $order = Order::query()->findOrFail($line->order_id);
        $now = $order->lines()->with('pictures.orderPicture.picture')->findOrFail($line->id);
        $order->setRelation('lines', new Collection([$now]));
        $wanted = WantedLines::of($order);

        return (new WorkedOrder($order, $this->pictures, $this->losses, $this->desks, wanted: $wanted))->of($now);
    }
}
