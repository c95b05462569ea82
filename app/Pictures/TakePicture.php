<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Order;
use App\Workers\Queues;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Planisher\Imaging\Child\Limits;
use Planisher\Picture\PictureRefused;

/** Reads an upload that took longer than somebody waits, after the files that are waited for. */
final class TakePicture implements ShouldQueue
{
    use Dispatchable, InteractsWithQueue, Queueable;

    public int $tries = 3;

    public function __construct(public readonly int $orderId, public readonly string $token, public readonly string $name)
    {
        $this->onQueue(Queues::LOOKS);
    }

    public function handle(PictureStore $pictures, Incoming $incoming): void
    {
        $order = Order::query()->find($this->orderId);
        if ($order === null || ! is_file($incoming->path($this->token))) {
            return;
        }
        $known = $order->pictures()->pluck('id');
        try {
            $picture = $pictures->take($order, $incoming->path($this->token), $this->name, Limits::patient());
            $incoming->taken($order, $this->token, $picture, $known->contains($picture->id));
        } catch (PictureRefused $e) {
            $incoming->refused($this->orderId, $this->token, "“{$this->name}” wasn’t taken: {$e->getMessage()}");
        }
    }

    public function failed(?\Throwable $e): void
    {
        app(Incoming::class)->refused(
            $this->orderId,
            $this->token,
            "“{$this->name}” wasn’t taken: the program that reads it stopped several times.",
        );
    }
}
