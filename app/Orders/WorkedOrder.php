<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Line;
use App\Models\Order;
use App\Pictures\PictureStore;
use Planisher\Colour\PaperProfile;
use Planisher\Lab\LabCard;
use Planisher\Line\Line as WantedLine;
use Planisher\Naming\FileName;
use Planisher\Naming\NameBook;
use Planisher\Picture\PictureTrouble;
use Planisher\Picture\Seen;
use Planisher\Plan\Plan;
use Planisher\Plan\WorkedLine;

/** All lines of an order taken through core together, since names are told apart within the order. */
final class WorkedOrder
{
    private LabCard $lab;

    /** @var array<int, Line> by id, with all that is needed of them */
    private array $lines;

    /** @var array<int, WantedLine> by number */
    private array $wanted;

    /** @var array<int, FileName> by number */
    private array $names;

    /** @var array<int, WorkedLine> by the line's id, as they are asked for */
    private array $worked = [];

    public function __construct(Order $order)
    {
        $order->loadMissing(['client', 'lab.profiles', 'lines.orderPicture.picture']);
        $this->lab = $order->lab->labCard();
        $this->lines = $order->lines->keyBy('id')->all();
        $this->wanted = $order->lines->keyBy('number')->map(fn (Line $line): WantedLine => $line->line())->all();
        $this->names = NameBook::names($order->head(), $this->lab, $this->wanted);
    }

    public static function line(Line $line): WorkedLine
    {
        return (new self(Order::query()->findOrFail($line->order_id)))->of($line);
    }

    public function of(Line $line): WorkedLine
    {
        $line = $this->lines[$line->id];

        return $this->worked[$line->id] ??= WorkedLine::work(
            $this->wanted[$line->number],
            $line->orderPicture === null ? PictureTrouble::none() : PictureStore::look($line->orderPicture),
            $this->lab,
            $this->names[$line->number],
            fn (Plan $plan): ?Seen => Looked::at($plan, $this->paperProfile($line)),
        );
    }

    public function has(Line $line): bool
    {
        return isset($this->lines[$line->id]);
    }

    /** Of what a line is printed on, where the lab card has it. */
    public function paperProfile(Line $line): ?PaperProfile
    {
        return $this->lab->paperProfile($this->wanted[$line->number]->paper);
    }
}
