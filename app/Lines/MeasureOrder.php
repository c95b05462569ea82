<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\Order;
use App\Views\KeptLosses;
use App\Workers\Queues;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/** Measures what becomes of the colours of an order's lines, so that the sheet tells it of lines nobody has had on the bench. */
final class MeasureOrder implements ShouldBeUnique, ShouldQueue
{
    use Dispatchable, InteractsWithQueue, Queueable;

    /** What changes is let rest; a line on the bench is measured for it by then. */
    private const AFTER_SECONDS = 3;

    public int $uniqueFor = 600;

    public function __construct(public readonly int $orderId)
    {
        $this->onQueue(Queues::LOOKS);
    }

    public function uniqueId(): string
    {
        return (string) $this->orderId;
    }

    /** Asks for it. */
    public static function soon(Order $order): void
    {
        self::dispatch($order->id)->delay(self::AFTER_SECONDS);
    }

    public function handle(Computation $computation, KeptLosses $losses): void
    {
        $order = Order::query()->find($this->orderId);
        $worked = null;
        foreach ($order->lines ?? [] as $line) {
            $worked ??= $computation->order(Order::query()->findOrFail($this->orderId));
            if ($worked->isUnmeasured($line)) {
                $plan = $worked->of($line)->plan ?? throw new \LogicException('What is measured has a plan.');
                $losses->try($plan, $worked->paperProfile($line));
                $worked = null; // it may have been changed meanwhile
            }
        }
    }
}
