<?php

declare(strict_types=1);

namespace Bench;

use App\Lines\LineChanger;
use App\Lists\SpokenOf;
use App\Models\Lab;
use App\Models\Line;
use App\Models\Order;
use App\Models\Studio;
use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Planisher\Reading\ReadList;
use Planisher\State\LineState;

/**
 * What pages with much on them take of the server, by the application's own kernel on a database of its own: the start page of two
 * thousand orders, a card change over sixty open lines, a list of five hundred lines, what is said of two hundred, a folder of
 * twenty thousand pictures, a parcel of half a gigabyte. Beside each stands the same work
 * with little, or with nothing of ours, in the same run.
 */
final class Pages
{
    private const ORDERS = 2000;

    private const LINES = 60;

    private const LIST_LINES = 500;

    private const SAID_TO = 200;

    private const LARGE_LINES = 300;

    private const LARGE_PICTURES = 2000;

    private const PICTURES = 20_000;

    private readonly ResultTable $table;

    private readonly Asked $pages;

    public function __construct(private readonly string $folder)
    {
        $this->table = new ResultTable();
        $this->pages = new Asked();
    }

    /** @return bool whether every limit was kept */
    public function run(): bool
    {
        Auth::login(User::query()->firstOrFail());
        printf("Medians of %d turns, in this process.\n\n", Asked::TURNS);
        $this->table->begin();
        $this->startPage();
        $this->cardChange();
        $this->words();
        $this->wordsOfALargeOrder();
        (new LargeOrder($this->table, $this->pages))->run();
        $this->folder();
        (new ParcelBench($this->table))->run();
        (new Workers($this->table))->run();

        return $this->table->allKept();
    }

    private function startPage(): void
    {
        $few = $this->pages->milliseconds(fn () => $this->pages->get('/api/orders'));
        $order = (array) Order::query()->toBase()->first();
        $lines = array_map(
            fn (object $line): array => (array) $line,
            Line::query()->where('order_id', $order['id'])->toBase()->get()->all(),
        );
        foreach (array_chunk(range(1, self::ORDERS), 200) as $ids) {
            DB::table('orders')->insert(
                array_map(fn (int $n): array => ['id' => 1_000_000 + $n, 'number' => "2701-{$n}", 'due_on' => '2027-01-31'] + $order, $ids),
            );
            foreach ($lines as $line) {
                DB::table('lines')->insert(array_map(fn (int $n): array => ['id' => null, 'order_id' => 1_000_000 + $n] + $line, $ids));
            }
        }
        $picture = array_diff_key((array) DB::table('pictures')->first(), ['id' => 1, 'width' => 1, 'height' => 1]);
        foreach (array_chunk(range(1, 10_000), 1000) as $some) {
            DB::table('pictures')->insert(array_map(fn (int $n): array => ['sha256' => hash('sha256', "{$n}")] + $picture, $some));
        }
        DB::statement(
            'insert into order_pictures (order_id, picture_id, name) select o.id, p.picture_id, p.name from orders o '.
                'join order_pictures p on p.order_id = ? where o.id > 1000000',
            [$order['id']],
        );
        DB::statement(
            'insert into line_pictures (line_id, place, order_picture_id) select l.id, at.place, mine.id from `lines` l '.
                'join `lines` l0 on l0.order_id = ? and l0.number = l.number join line_pictures at on at.line_id = l0.id '.
                'join order_pictures its on its.id = at.order_picture_id '.
                'join order_pictures mine on mine.order_id = l.order_id and mine.picture_id = its.picture_id where l.order_id > 1000000',
            [$order['id']],
        );
        $this->told(
            'start page of '.self::ORDERS.' orders',
            $this->pages->milliseconds(fn () => $this->pages->get('/api/orders')),
            $few,
            'of the demo',
            200,
        );
        $cold = $this->pages->milliseconds(fn () => $this->pages->get('/api/orders'), fn () => Cache::flush());
        $this->told('  its faces not kept yet', $cold, $few, 'of the demo', 400);
        $this->told(
            '  a size looked for',
            $this->pages->milliseconds(fn () => $this->pages->get('/api/orders?find=8x10')),
            $few,
            'of the demo',
            300,
        );
        $this->told(
            '  the hundredth page',
            $this->pages->milliseconds(fn () => $this->pages->get('/api/orders?page=100')),
            $few,
            'of the demo',
            200,
        );
        $of = '/api/orders/'.Order::query()->where('id', '>', 1_000_000)->min('id');
        $pages = ['its sheet' => $of, 'files' => "{$of}/make", 'parcels' => "{$of}/parcels", 'history' => "{$of}/history"];
        $pages += ['last time' => "{$of}/last-time", 'a new order' => '/api/new-order', 'labs' => '/api/labs', 'studio' => '/api/studio'];
        foreach ($pages as $name => $page) {
            $this->told("  {$name}", $this->pages->milliseconds(fn () => $this->pages->get($page)), $few, 'start page of the demo', 300);
        }
        DB::enableQueryLog();
        DB::flushQueryLog();
        $bytes = strlen($this->pages->get('/api/orders'));
        $this->table->limit('  queries', count(DB::getQueryLog()), 12, '');
        $this->table->limit('  sent', $bytes / 1000, 100, 'kB');
        DB::disableQueryLog();
        Order::query()->where('id', '>', 1_000_000)->forceDelete();
    }

    private function cardChange(): void
    {
        $order = Order::query()->whereHas('lines')->orderBy('id')->firstOrFail();
        $line = (array) Line::query()->where('order_id', $order->id)->whereHas('pictures')->toBase()->first();
        $picture = DB::table('line_pictures')->where('line_id', $line['id'])->value('order_picture_id');
        DB::table('lines')
            ->where('state', '!=', LineState::Made)
            ->update(['state' => LineState::Made]); // those of the demo
        for ($n = 1; $n <= self::LINES; $n++) {
            $id = DB::table('lines')->insertGetId(['id' => null, 'number' => 1000 + $n, 'state' => LineState::Open] + $line);
            DB::table('line_pictures')->insert(['line_id' => $id, 'place' => 0, 'order_picture_id' => $picture]);
        }
        $lab = Lab::query()->whereKey($order->lab_id)->firstOrFail();
        $ask = fn (): string => $this->pages->post('/api/labs/tried', ['id' => $lab->id, 'texts' => ['ppi' => '240']]);
        $told = count(json_decode($ask(), true)['lines']);
        $sheet = $this->pages->milliseconds(fn () => $this->pages->get("/api/orders/{$order->id}"));
        $this->told("a card change over {$told} open lines told", $this->pages->milliseconds($ask), $sheet, 'its order sheet', 500);
    }

    private function words(): void
    {
        $order = Order::query()->findOrFail((int) Order::query()->whereHas('lines')->min('id'));
        $of = SpokenOf::in($order);
        $names = array_map(fn (string $name): string => pathinfo($name, PATHINFO_FILENAME), $of->pictures);
        $ways = ['2 of %s 11x15, whole, thin line', '%s 8x10 x 2, matte please', 'canvas 2 in deep mirrored, of %s 20x30', '12 of %s 4x6'];
        $lines = array_map(fn (int $n): string => sprintf($ways[$n % 4], $names[$n % count($names)]), range(1, self::LIST_LINES));
        $bare = $this->pages->milliseconds(fn () => array_map(fn (string $line): array => preg_split('/\\PL+/u', $line) ?: [], $lines));
        $read = $this->pages->milliseconds(fn () => ReadList::read(implode("\n", $lines), $of->known, $of->pictures));
        $this->told('a list of '.self::LIST_LINES.' lines read', $read, $bare, 'split at its words', 200);
        $one = fn (): string => $this->pages->post("/api/orders/{$order->id}/list/read", ['text' => $lines[0]]);
        $this->told('  a typed line understood, asked of the page', $this->pages->milliseconds($one), $read, 'the list', 50);

        $line = Line::query()->where('order_id', $order->id)->whereHas('pictures')->firstOrFail();
        $wish = fn (): string => $this->pages->post("/api/lines/{$line->id}/wish", [
            'text' => 'whole with 2 in to mat over, thin black line',
        ]);
        $this->told('a wish typed, the line as it would be', $this->pages->milliseconds($wish), $read, 'the list', 50);

        for ($n = $order->lines()->count(); $n < self::SAID_TO; $n++) {
            app(LineChanger::class)->add($order, ['size' => '8 x 10 in', 'picture' => $of->pictures[$n % count($of->pictures)]]);
        }
        $sheet = $this->pages->milliseconds(fn () => $this->pages->get("/api/orders/{$order->id}"));
        $this->table->limit('an order sheet of '.self::SAID_TO.' lines', $sheet, 1000, 'ms');
        $turn = 0;
        $say = function () use ($order, &$turn): void {
            $asked = $order->lines()->get()->map(fn (Line $of): array => ['id' => $of->id, 'version' => $of->version])->all();
            $this->pages->post("/api/orders/{$order->id}/wishes", [
                'text' => $turn++ % 2 === 0 ? 'whole' : 'cropped to fill',
                'lines' => $asked,
            ]);
        };
        $this->told('a wish said to '.self::SAID_TO.' lines', $this->pages->milliseconds($say), $sheet, 'their order sheet', 1000);
    }

    /** The same words where there are many lines and pictures they could speak of, asked of the page. */
    private function wordsOfALargeOrder(): void
    {
        $small = Order::query()->findOrFail((int) Order::query()->whereHas('lines')->min('id'));
        $large = LargeOrder::order('2702-1', self::LARGE_LINES, self::LARGE_PICTURES);
        $of = SpokenOf::in($large);
        $list = fn (int $n): string => sprintf('%d of IMG_%04d 8x10, matte', ($n % 3) + 1, $n);
        $lines = array_map($list, range(1, self::LIST_LINES));
        $few = array_slice($of->pictures, 0, self::LIST_LINES);
        $alone = $this->pages->milliseconds(fn () => ReadList::read(implode("\n", $lines), $of->known, $few));
        $read = $this->pages->milliseconds(fn () => ReadList::read(implode("\n", $lines), $of->known, $of->pictures));
        $where = self::LARGE_PICTURES.' pictures';
        $this->told("the list read, among {$where}", $read, $alone, 'among '.self::LIST_LINES, 200);
        $one = fn (Order $order, string $text): float => $this->pages->milliseconds(
            fn (): string => $this->pages->post("/api/orders/{$order->id}/list/read", ['text' => $text]),
        );
        $inSmall = $one($small, '2 of it 8x10, matte');
        $this->told("  a typed line, asked of the page, {$where}", $one($large, $lines[0]), $inSmall, 'in a small order', 50);
        $this->pages->get("/api/orders/{$large->id}"); // it is open
        $line = (int) $large->lines()->min('id');
        $wish = fn (): string => $this->pages->post("/api/lines/{$line}/wish", ['text' => 'whole with 2 in to mat over, thin black line']);
        $this->told("  a wish typed, {$where}, ".self::LARGE_LINES.' lines', $this->pages->milliseconds($wish), $read, 'the list', 50);
    }

    private function folder(): void
    {
        is_dir($this->folder) || mkdir($this->folder, 0770);
        for ($n = 0; $n < self::PICTURES; $n++) {
            touch(sprintf('%s/p%05d.jpg', $this->folder, $n), time() - 3600 - $n);
        }
        Studio::query()
            ->firstOrFail()
            ->update(['pictures_folder' => $this->folder]);
        app()->forgetScopedInstances();
        $bare = $this->pages->milliseconds(
            fn () => array_map(fn (string $name): mixed => @stat("{$this->folder}/{$name}"), scandir($this->folder) ?: []),
        );
        foreach (['newest', 'name'] as $sort) {
            $ours = $this->pages->milliseconds(fn () => $this->pages->get("/api/pictures-folder?sort={$sort}"));
            $this->told('a folder of '.self::PICTURES." by {$sort}", $ours, $bare, 'stat of each', 1000);
        }
    }

    private function told(string $what, float $ours, float $theirs, string $against, float $limit): void
    {
        $this->table->against($what, $ours, $against, $theirs, $limit);
    }
}
