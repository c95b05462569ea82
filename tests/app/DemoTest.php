<?php

declare(strict_types=1);

namespace Tests\app;

use App\Lines\Computation;
use App\Models\Client;
use App\Models\Lab;
use App\Models\Line;
use App\Models\Order;
use App\Models\User;
use Demo\DemoSeeder;
use Planisher\State\LineState;

final class DemoTest extends TestCase
{
    public function test_the_demo_is_sown_once_and_shows_every_level_of_finding(): void
    {
        Order::query()->forceDelete();
        Client::query()->delete();
        Lab::query()->delete();
        User::query()->delete();
        $this->seed(DemoSeeder::class);
        $counts = fn (): array => [Lab::query()->count(), Client::query()->count(), Order::query()->count(), Line::query()->count()];
        self::assertSame([2, 4, 4], array_slice($before = $counts(), 0, 3));
        $this->seed(DemoSeeder::class);
        self::assertSame($before, $counts());

        $levels = [];
        foreach (Order::query()->get() as $order) {
            $worked = app(Computation::class)->order($order);
            foreach ($order->lines as $line) {
                foreach ($worked->of($line)->findings as $finding) {
                    $levels[$finding->level->value] = true;
                }
                self::assertFalse(
                    $line->state === LineState::Passed && $worked->of($line)->isStopped(),
                    "line {$line->number} of {$order->number}",
                );
            }
        }
        self::assertEqualsCanonicalizing(['fine', 'look', 'stops'], array_keys($levels));
    }
}
