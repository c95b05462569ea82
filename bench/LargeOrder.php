<?php

declare(strict_types=1);

namespace Bench;

use App\Lines\LineChanger;
use App\Models\Line;
use App\Models\Order;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Planisher\State\LineState;

/** What an order of three hundred lines, with two thousand pictures, costs beside one of thirty lines. */
final class LargeOrder
{
    private const LINES = 300;

    private const FEW = 30;

    private const PICTURES = 2000;

    public function __construct(private readonly ResultTable $table, private readonly Asked $pages) {}

    public function run(): void
    {
        $queue = Queue::getFacadeRoot();
        Queue::fake(); // what is asked for isn't made here
        [$small, $large] = [self::order('2703-1', self::FEW, self::FEW), self::order('2703-2', self::LINES, self::PICTURES)];
        $each = [
            'order sheet' => [4.0, fn (Order $order) => fn () => $this->pages->get("/api/orders/{$order->id}")],
            'to the lab' => [4.0, fn (Order $order) => fn () => $this->pages->get("/api/orders/{$order->id}/parcels")],
            'a change of one line' => [1.3, $this->changes(...)],
        ];
        foreach ($each as $what => [$most, $of]) {
            [$ours, $theirs] = [$this->pages->milliseconds($of($large)), $this->pages->milliseconds($of($small))];
            $this->table->times($this->name($what), $ours, self::FEW.' lines', $theirs, $most);
        }
        $bytes = strlen((string) gzencode($this->pages->get("/api/orders/{$large->id}"), 5));
        $this->table->limit('  sent, packed as nginx does', $bytes / 1000, 300, 'kB');
        $all = fn (Order $order): array => $order->lines()->get()->map(fn (Line $of): array => $of->only(['id', 'version']))->all();
        $once = [
            'a wish said to all' => fn (Order $order) => $this->pages->post("/api/orders/{$order->id}/wishes", [
                'text' => 'whole',
                'lines' => $all($order),
            ]),
            'all passed' => fn (Order $order) => $this->pages->post("/api/orders/{$order->id}/pass", ['lines' => $all($order)]),
            'their files asked for' => fn (Order $order) => $this->pages->post("/api/orders/{$order->id}/make", []),
        ];
        foreach ($once as $what => $do) {
            $theirs = $this->pages->once(fn () => $do($small));
            $this->table->against($this->name($what), $this->pages->once(fn () => $do($large)), self::FEW.' lines', $theirs, 1500);
        }
        Order::query()
            ->whereKey([$small->id, $large->id])
            ->forceDelete();
        Queue::swap($queue);
    }

    private function name(string $what): string
    {
        return self::LINES." lines: {$what}";
    }

    /** @return \Closure(): string changes a line another way each time */
    private function changes(Order $order): \Closure
    {
        $line = $order->lines()->where('number', self::FEW)->firstOrFail();

        return function () use ($line): string {
            $now = $line->refresh();
            $change = ['version' => $now->version, 'change' => ['copies' => $now->version + 1]];

            return $this->pages->sent('PATCH', "/api/lines/{$line->id}", $change);
        };
    }

    /** An order beside those of the demo. */
    public static function order(string $number, int $lines, int $pictures): Order
    {
        $of = Order::query()->findOrFail((int) Order::query()->whereHas('lines')->min('id'));
        $order = $of->replicate(['number'])->fill(['number' => $number]);
        $order->save();
        $picture = array_diff_key((array) DB::table('pictures')->first(), ['id' => 1, 'width' => 1, 'height' => 1]);
        for ($n = 1; $n <= $pictures; $n++) {
            $id = DB::table('pictures')->insertGetId(['sha256' => hash('sha256', "{$number} {$n}")] + $picture);
            $name = sprintf('IMG_%04d.jpg', $n);
            DB::table('order_pictures')->insert(['order_id' => $order->id, 'picture_id' => $id, 'name' => $name]);
        }
        for ($n = 1; $n <= $lines; $n++) {
            app(LineChanger::class)->add($order, ['size' => '8 x 10 in', 'picture' => sprintf('IMG_%04d.jpg', $n)]);
        }
        Line::query()
            ->where('order_id', $order->id)
            ->update(['state' => LineState::Open]);

        return $order->refresh();
    }
}
