<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\Lab;
use App\Models\Line;
use App\Models\Order;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Planisher\State\LineState;

final class OrdersTest extends TestCase
{
    /** Two people change the head of an order: the second is told, and what both have written is there. */
    public function test_a_head_that_somebody_else_has_changed_is_not_overwritten(): void
    {
        $seen = $this->getJson("/api/orders/{$this->order->id}")->json('version');
        $change = fn (array $head) => $this->patchJson("/api/orders/{$this->order->id}", ['version' => $seen] + $head);
        $change(['remark' => 'A has written this'])
            ->assertOk()
            ->assertJsonPath('version', $seen + 1);
        $change(['remark' => 'B has written that'])
            ->assertConflict()
            ->assertJsonPath('now.remark', 'A has written this')
            ->assertJsonPath('now.version', $seen + 1);
        self::assertSame('A has written this', $this->order->refresh()->remark);
        $this->patchJson("/api/orders/{$this->order->id}", ['version' => $seen + 1, 'remark' => 'both'])->assertOk();
        $names = ['name' => ['parts' => ['client', 'number']], 'isForAll' => true, 'lines' => [], 'version' => $seen];
        $this->putJson("/api/orders/{$this->order->id}/names", $names)->assertConflict();
        self::assertNull($this->order->refresh()->names);
    }

    /** So it is with the studio, a lab's service and a house finish. */
    public function test_nothing_that_several_change_is_overwritten_unseen(): void
    {
        $studio = $this->getJson('/api/studio')->json('version');
        $this->patchJson('/api/studio', ['version' => $studio, 'name' => 'A'])->assertOk();
        $this->patchJson('/api/studio', ['version' => $studio, 'name' => 'B'])
            ->assertConflict()
            ->assertJsonPath('now.name', 'A');
        $lab = (int) $this->order->lab_id;
        $service = ['version' => $this->getJson("/api/labs/{$lab}")->json('version'), 'key' => 'a key'];
        $this->putJson("/api/labs/{$lab}/service", ['url' => 'https://one.example'] + $service)->assertOk();
        $this->putJson("/api/labs/{$lab}/service", ['url' => 'https://two.example'] + $service)
            ->assertConflict()
            ->assertJsonPath('now.service.url', 'https://one.example');
        $finish = $this->postJson('/api/house-finishes', ['name' => 'Una', 'line' => $this->line()->id, 'choices' => ['border', 'ppi']])
            ->assertCreated()
            ->json();
        $this->patchJson("/api/house-finishes/{$finish['id']}", ['version' => 1, 'name' => 'Uno'])->assertOk();
        $this->patchJson("/api/house-finishes/{$finish['id']}", ['version' => 1, 'name' => 'Due'])
            ->assertConflict()
            ->assertJsonPath('now.name', 'Uno');
    }

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

    public function test_an_order_is_found_by_size_and_by_day(): void
    {
        $this->line('8 x 10 in');
        $other = $this->postJson('/api/orders', ['client' => 'Brindle Pottery', 'lab' => 'Larkmoor', 'dueOn' => '2026-12-24'])->json('id');
        $this->postJson("/api/orders/{$other}/lines", ['size' => '10 x 8 cm'])->assertCreated();
        $clients = fn (string $find): array => array_column(
            $this->getJson('/api/orders?find='.rawurlencode($find))->json('orders'),
            'client',
        );
        foreach (['8x10', '10 by 8 in', '25.4 x 20.32 cm', '4 Dec', '2026-12-04', 'isholm larkmoor'] as $find) {
            self::assertSame(['Isholm Rowing Club'], $clients($find), $find);
        }
        foreach (['8 x 10 cm', '24 December', 'Pottery'] as $find) {
            self::assertSame(['Brindle Pottery'], $clients($find), $find);
        }
    }

    public function test_the_head_changes_and_another_lab_is_told_first(): void
    {
        Lab::query()->create([
            'name' => 'Copperbeck',
            'card' => ['name' => 'Copperbeck', 'sizes' => ['8 x 10 in'], 'minimumPpi' => 30, 'colour' => 'Adobe RGB (1998)'],
        ]);
        $line = $this->line();
        $this->pass($line)->assertOk();
        $told = $this->postJson("/api/orders/{$this->order->id}/tried", ['lab' => 'Copperbeck'])
            ->assertOk()
            ->json('lines');
        self::assertSame(['changes'], array_column($told, 'how'));
        self::assertSame('passed', $line->refresh()->state->value);
        $head = ['client' => 'Brindle Pottery', 'title' => 'Winter fair', 'dueOn' => null, 'lab' => 'Copperbeck', 'remark' => 'ring first'];
        $this->patchJson("/api/orders/{$this->order->id}", $head)
            ->assertOk()
            ->assertJson($head);
        self::assertSame('open', $line->refresh()->state->value, 'it is passed anew');
        $this->patchJson("/api/orders/{$this->order->id}", ['lab' => 'Nowhere'])->assertUnprocessable();
        $this->patchJson("/api/orders/{$this->order->id}", ['client' => ' '])->assertUnprocessable();
        $done = array_column(
            $this->getJson("/api/orders/{$this->order->id}/history")
                ->assertOk()
                ->json('events'),
            'what',
        );
        self::assertContains('changed its client and what it is called and its day and its lab and its remark', $done);
        self::assertSame(
            ['Wren Halloway'],
            array_values(array_unique(array_column($this->getJson("/api/orders/{$this->order->id}/history")->json('events'), 'who'))),
        );
    }

    public function test_what_each_did_stands_in_the_history(): void
    {
        $line = $this->line();
        $this->change($line, ['border' => '0.5 in'])->assertOk();
        $this->change($line, ['border' => '0.6 in'])->assertOk();
        $this->pass($line)->assertOk();
        $events = $this->getJson("/api/orders/{$this->order->id}/history")->json('events');
        self::assertSame(['passed it', 'changed its border', 'added it', 'added the picture dawn-boat.jpg'], array_column($events, 'what'));
        self::assertSame([1, 1, 1, null], array_column($events, 'line'));
    }

    public function test_an_order_is_copied_put_away_removed_and_brought_back(): void
    {
        $this->pass($this->line())->assertOk();
        $copy = $this->postJson("/api/orders/{$this->order->id}/copy")
            ->assertCreated()
            ->json('id');
        $sheet = $this->getJson("/api/orders/{$copy}")->assertOk();
        self::assertSame(
            [['open'], ['dawn-boat.jpg']],
            [array_column($sheet->json('lines'), 'state'), array_column($sheet->json('pictures'), 'name')],
        );
        self::assertNotSame('2611-01', $sheet->json('number'));
        $where = fn (string $where): array => array_column($this->getJson("/api/orders?where={$where}")->json('orders'), 'id');
        $this->postJson("/api/orders/{$copy}/put-away")->assertOk();
        self::assertSame([[$this->order->id], [$copy]], [$where('desk'), $where('away')]);
        $this->postJson("/api/orders/{$copy}/bring-back")->assertOk();
        $this->deleteJson("/api/orders/{$copy}")->assertNoContent();
        $this->getJson("/api/orders/{$copy}")->assertNotFound();
        self::assertSame([[$this->order->id], [$copy]], [$where('desk'), $where('removed')]);
        $this->postJson("/api/orders/{$copy}/restore")->assertOk();
        $this->deleteJson("/api/orders/{$copy}")->assertNoContent();
        $this->travel(29)->days();
        $this->artisan('planisher:sweep');
        self::assertNotNull(Order::withTrashed()->find($copy));
        $this->travel(2)->days();
        $this->artisan('planisher:sweep');
        self::assertNull(Order::withTrashed()->find($copy));
    }

    public function test_whom_an_order_waits_for(): void
    {
        $line = $this->line();
        $waits = fn (): string => $this->getJson('/api/orders')->json('orders.0.waitsFor');
        self::assertSame('me', $waits());
        $this->postJson("/api/orders/{$this->order->id}/client-pages", ['days' => 14, 'reopens' => false])->assertCreated();
        self::assertSame('client', $waits());
        self::assertSame(1, $this->getJson('/api/orders?where=client')->json('counts.client'));
        $this->order->clientPages()->update(['revoked_at' => now()]);
        $this->pass($line)->assertOk();
        self::assertSame('me', $waits());
        $line
            ->newQuery()
            ->whereKey($line->id)
            ->update(['state' => LineState::Made]);
        self::assertSame('lab', $waits());
    }

    public function test_two_thousand_orders_take_few_queries_and_little_to_send(): void
    {
        $this->line();
        $this->line('8 x 10 in', picture: 'slipway.jpg');
        $row = Order::query()->toBase()->first();
        $lines = Line::query()->toBase()->get()->all();
        foreach (array_chunk(range(2, 2000), 500) as $ids) {
            DB::table('orders')->insert(
                array_map(fn (int $n): array => ['id' => 100_000 + $n, 'number' => "2612-{$n}"] + (array) $row, $ids),
            );
            foreach ($lines as $line) {
                DB::table('lines')->insert(
                    array_map(fn (int $n): array => ['id' => null, 'order_id' => 100_000 + $n] + (array) $line, $ids),
                );
            }
        }
        foreach (['', '?page=80', '?find=isholm', '?where=me&page=100'] as $asked) {
            DB::enableQueryLog();
            DB::flushQueryLog();
            $answer = $this->getJson("/api/orders{$asked}")->assertOk();
            self::assertLessThanOrEqual(12, count(DB::getQueryLog()), $asked);
            self::assertLessThan(100_000, strlen((string) $answer->getContent()));
            self::assertCount(20, $answer->json('orders'));
        }
        self::assertSame(2000, $this->getJson('/api/orders')->json('counts.desk'));
    }
}
