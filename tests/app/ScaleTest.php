<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\Picture;
use Illuminate\Support\Facades\DB;

/** Ten thousand pictures and two thousand orders: a page asks as few questions as with hardly any. Times: bench --pages. */
final class ScaleTest extends TestCase
{
    private const ORDERS = 2000;

    private const PICTURES = 10_000;

    /** As JSON, before it is packed. */
    private const MOST_BYTES = 250_000;

    /** @return array<string, array{int, int}> queries and bytes of each page, by its address */
    private function asked(int $line, int $picture): array
    {
        $sum = Picture::query()->findOrFail($picture)->sha256;
        $of = "/api/orders/{$this->order->id}";
        $pages = ['/api/me', '/api/orders', '/api/orders?find=isholm', '/api/orders?state=open', '/api/new-order', $of, "{$of}/make"];
        $pages = [...$pages, "{$of}/parcels", "{$of}/history", "{$of}/client-pages", "{$of}/last-time", "/api/lines/{$line}/choices"];
        $pages = [...$pages, '/api/labs', "/api/labs/{$this->order->lab_id}", '/api/studio', '/api/marks', '/api/house-finishes'];
        $asked = [];
        foreach ([...$pages, "/api/pictures/{$sum}/thumb"] as $page) {
            $this->getJson($page)->assertOk(); // what is kept of it is kept by then
            DB::flushQueryLog();
            DB::enableQueryLog();
            $bytes = strlen((string) $this->getJson($page)->assertOk()->getContent());
            $asked[$page] = [count(DB::getQueryLog()), $bytes];
            DB::disableQueryLog();
        }

        return $asked;
    }

    public function test_a_page_asks_and_sends_no_more_of_a_large_studio(): void
    {
        $line = $this->line();
        $few = $this->asked($line->id, (int) Picture::query()->sole()->id);
        $this->fill();
        $much = $this->asked($line->id, (int) Picture::query()->min('id'));
        foreach ($much as $page => [$queries, $bytes]) {
            self::assertLessThanOrEqual(
                $few[$page][0] + 3,
                $queries,
                "{$page}: as many questions, and one or two for what stands on a page more",
            );
            self::assertLessThan(self::MOST_BYTES, $bytes, $page);
        }
        $pages = (array) $this->getJson('/api/orders?page=50')->assertOk()->json();
        self::assertLessThanOrEqual(20, count($pages['orders'] ?? []));
    }

    /** Orders of a line and five pictures each, as rows: the files of them are never asked for. */
    private function fill(): void
    {
        $copy = fn (string $table, int $id): array => array_diff_key((array) DB::table($table)->find($id), ['id' => 1]);
        $picture = array_diff_key($copy('pictures', (int) DB::table('pictures')->min('id')), ['width' => 1, 'height' => 1]); // of its facts
        $order = $copy('orders', $this->order->id);
        $line = $copy('lines', (int) DB::table('lines')->min('id'));
        $inOrder = $copy('order_pictures', (int) DB::table('order_pictures')->min('id'));
        $rows = fn (int $from, int $count, callable $row): array => array_map($row, range($from, $from + $count - 1));
        for ($n = 1; $n <= self::PICTURES; $n += 1000) {
            DB::table('pictures')->insert(
                $rows($n, 1000, fn (int $n): array => ['id' => 1_000_000 + $n, 'sha256' => hash('sha256', "picture {$n}")] + $picture),
            );
        }
        for ($n = 1; $n <= self::ORDERS; $n += 500) {
            DB::table('orders')->insert($rows($n, 500, fn (int $n): array => ['id' => 1_000_000 + $n, 'number' => "2701-{$n}"] + $order));
            DB::table('lines')->insert($rows(1_000_000 + $n, 500, fn (int $id): array => ['id' => $id, 'order_id' => $id] + $line));
        }
        for ($n = 1; $n <= self::PICTURES; $n += 1000) {
            DB::table('order_pictures')->insert(
                $rows(
                    $n,
                    1000,
                    fn (int $n): array => [
                        'id' => 1_000_000 + $n,
                        'order_id' => 1_000_001 + (($n - 1) % self::ORDERS),
                        'picture_id' => 1_000_000 + $n,
                        'name' => "picture-{$n}.jpg",
                    ] + $inOrder,
                ),
            );
        }
        DB::statement('insert into line_pictures (line_id, place, order_picture_id) select id, 0, id from `lines` where id > 1000000');
    }
}
