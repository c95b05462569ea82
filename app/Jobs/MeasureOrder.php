<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Lines\Computation;
use App\Lines\WorkedOrder;
use App\Models\Order;
use App\Views\KeptLosses;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/** Measures what becomes of the colours of an order's lines, so that the sheet tells it of lines nobody has had on the bench. */
final class MeasureOrder implements ShouldBeUnique, ShouldQueue
{
    use Dispatchable, InteractsWithQueue, Queueable;

    /** After the files that somebody waits for. */
    public const QUEUE = 'looks';

    /** What changes is let rest; a line on the bench is measured for it by then. */
    private const AFTER_SECONDS = 3;

    public int $uniqueFor = 600;

    public function __construct(public readonly int $orderId)
    {
        $this->onQueue(self::QUEUE);
    }

    public function uniqueId(): string
    {
        return (string) $this->orderId;
    }

    /** Asks for it where a line's plan, as it is now, hasn't been measured. */
    public static function ask(Order $order, WorkedOrder $worked): void
    {
        if ($order->lines->contains($worked->isUnmeasured(...))) {
            self::dispatch($order->id)->delay(self::AFTER_SECONDS);
        }
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
