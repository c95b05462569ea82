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
        private readonly KeptNames $names,
    ) {}

    /**
     * @param  ?ScreenCopyForm  $screenCopy  that is wanted of every line besides, as in the order file
     * @param  ?LabCard  $card  in place of its lab's
     */
    public function order(Order $order, ?array $screenCopy = null, ?LabCard $card = null): WorkedOrder
    {
        $names = $screenCopy === null && $card === null ? $this->names->of($order) : null;

        return new WorkedOrder($order, $this->pictures, $this->losses, $this->desks, $screenCopy, $card, $names);
    }

    /**
     * @param  array<int, \Planisher\Naming\FileName>  $names  of its lines' files, by their numbers
     */
    public function named(Order $order, array $names): WorkedOrder
    {
        return new WorkedOrder($order, $this->pictures, $this->losses, $this->desks, names: $names);
    }

    /** Some lines of an order, only to be drawn: nothing is asked of what was measured of them, and their names are not theirs. */
    public function drawn(Order $order, Line ...$lines): WorkedOrder
    {
        return new WorkedOrder(self::of($order, new Collection(array_values($lines))), $this->pictures, null, $this->desks);
    }

    /** One line as it is now. */
    public function line(Line $line): WorkedLine
    {
        return $this->lines(Order::query()->findOrFail($line->order_id), [$line->id])->of($line);
    }

    /** A line of an order as it would be if it were this. */
    public function tried(Order $order, Line $line): WorkedLine
    {
        $names = $this->names->of($order, $line);

        return $this->named(self::of($order, new Collection([$line])), $names)->of($line);
    }

    /**
     * Some lines of an order as they are now, but for those that were removed meanwhile; of the others only their names are known, which
     * are told apart among them.
     *
     * @param  list<int>  $ids
     */
    public function lines(Order $order, array $ids): WorkedOrder
    {
        $now = $order->lines()->with('pictures.orderPicture.picture')->whereKey($ids)->get();

        return $this->named(self::of($order, new Collection(array_values($now->all()))), $this->names->of($order));
    }

    /**
     * An order as if it had these lines alone; the caller's own stays whole.
     *
     * @param  Collection<int, Line>  $lines
     */
    private static function of(Order $order, Collection $lines): Order
    {
        return (clone $order)->setRelation('lines', $lines);
    }
}
