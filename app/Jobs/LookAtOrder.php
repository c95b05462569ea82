<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Line;
use App\Models\Order;
use App\Orders\Looked;
use App\Orders\WorkedOrder;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Planisher\Plan\Plan;

/** Measures what becomes of the colours of an order's lines, so that the sheet tells it of lines nobody has had on the bench. */
final class LookAtOrder implements ShouldBeUnique, ShouldQueue
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

    /** Asks for it where a line's plan, as it is now, hasn't been looked at. */
    public static function ask(Order $order, WorkedOrder $worked): void
    {
        if ($order->lines->contains(fn (Line $line): bool => self::unseen($worked->of($line)->plan, $worked, $line))) {
            self::dispatch($order->id)->delay(self::AFTER_SECONDS);
        }
    }

    public function handle(): void
    {
        $order = Order::query()->find($this->orderId);
        $worked = null;
        foreach ($order->lines ?? [] as $line) {
            $worked ??= new WorkedOrder(Order::query()->findOrFail($this->orderId));
            $plan = $worked->has($line) ? $worked->of($line)->plan : null;
            if (self::unseen($plan, $worked, $line)) {
                Looked::try($plan, $worked->paperProfile($line));
                $worked = null; // it may have been changed meanwhile
            }
        }
    }

    /** @phpstan-assert-if-true Plan $plan */
    private static function unseen(?Plan $plan, WorkedOrder $worked, Line $line): bool
    {
        return $plan !== null && ! Looked::knows($plan, $worked->paperProfile($line));
    }
}
