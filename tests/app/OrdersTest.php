<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\Order;
use Illuminate\Support\Carbon;

final class OrdersTest extends TestCase
{
    public function test_opens_an_order_for_a_new_client(): void
    {
        Carbon::setTestNow('2026-11-24 10:00');
        $id = $this->postJson('/api/orders', [
            'client' => ' Ottoline Marsh ',
            'lab' => 'Larkmoor',
            'title' => 'Cards',
            'dueOn' => '2026-12-01',
        ])
            ->assertCreated()
            ->json('id');
        $this->getJson("/api/orders/{$id}")
            ->assertOk()
            ->assertJson([
                'number' => '2611-02',
                'client' => 'Ottoline Marsh',
                'lab' => 'Larkmoor',
                'title' => 'Cards',
                'dueOn' => '2026-12-01',
                'lines' => [],
                'pictures' => [],
            ]);
    }

    public function test_says_what_a_new_order_lacks(): void
    {
        $errors = $this->postJson('/api/orders', ['client' => '', 'lab' => 'Nowhere', 'dueOn' => 'soon'])
            ->assertUnprocessable()
            ->json('errors');
        self::assertSame(['Say whose order it is.'], $errors['client']);
        self::assertSame(['Choose the lab it goes to.'], $errors['lab']);
        self::assertSame(['Write the day as YYYY-MM-DD.'], $errors['dueOn']);
        self::assertSame(1, Order::query()->count());
    }

    public function test_the_soonest_due_stands_first_and_any_name_finds_it(): void
    {
        $this->line(picture: 'slipway.jpg');
        $this->postJson('/api/orders', ['client' => 'Brindle Pottery', 'lab' => 'Larkmoor', 'dueOn' => '2026-11-30']);
        $this->postJson('/api/orders', ['client' => 'Keepers of Tarn Light', 'lab' => 'Larkmoor']);
        $clients = fn (string $find): array => array_column(
            $this->getJson('/api/orders?find='.rawurlencode($find))
                ->assertOk()
                ->json('orders'),
            'client',
        );
        self::assertSame(['Brindle Pottery', 'Isholm Rowing Club', 'Keepers of Tarn Light'], $clients(''));
        self::assertSame(['Brindle Pottery'], $clients('brindle'));
        self::assertSame(['Isholm Rowing Club'], $clients('slipway'));
        self::assertSame(['Isholm Rowing Club'], $clients('2611-01'));
        self::assertSame([], $clients('%'), 'a wildcard is a letter like any other');
    }

    public function test_an_order_that_is_not_there(): void
    {
        $this->getJson('/api/orders/9999')
            ->assertNotFound()
            ->assertJson(['message' => 'This isn’t there any more.']);
    }

    public function test_an_order_unchanged_is_not_sent_again(): void
    {
        $etag = (string) $this->getJson("/api/orders/{$this->order->id}")
            ->assertOk()
            ->headers->get('ETag');
        $this->getJson("/api/orders/{$this->order->id}", ['If-None-Match' => $etag])->assertStatus(304);
        $this->line();
        $this->getJson("/api/orders/{$this->order->id}", ['If-None-Match' => $etag])->assertOk();
    }
}
