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
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Planisher\Reading\ReadList;

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

    private const TURNS = 9;

    private readonly Table $table;

    public function __construct(private readonly string $folder)
    {
        $this->table = new Table();
    }

    /** @return bool whether every limit was kept */
    public function run(): bool
    {
        Auth::login(User::query()->firstOrFail());
        printf("Medians of %d turns, in this process.\n\n", self::TURNS);
        $this->table->begin();
        $this->startPage();
        $this->cardChange();
        $this->words();
        $this->wordsOfALargeOrder();
        $this->folder();
        (new Parcels($this->table))->run();
        (new Workers($this->table))->run();

        return $this->table->allKept();
    }

    private function startPage(): void
    {
        $few = $this->milliseconds(fn () => $this->get('/api/orders'));
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
        $picture = array_diff_key((array) DB::table('pictures')->first(), ['id' => 1]);
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
            $this->milliseconds(fn () => $this->get('/api/orders')),
            $few,
            'of the demo',
            200,
        );
        $cold = $this->milliseconds(fn () => $this->get('/api/orders'), fn () => Cache::flush());
        $this->told('  its faces not kept yet', $cold, $few, 'of the demo', 400);
        $this->told('  a size looked for', $this->milliseconds(fn () => $this->get('/api/orders?find=8x10')), $few, 'of the demo', 300);
        $this->told('  the hundredth page', $this->milliseconds(fn () => $this->get('/api/orders?page=100')), $few, 'of the demo', 200);
        $of = '/api/orders/'.Order::query()->where('id', '>', 1_000_000)->min('id');
        $pages = ['its sheet' => $of, 'files' => "{$of}/make", 'parcels' => "{$of}/parcels", 'history' => "{$of}/history"];
        $pages += ['last time' => "{$of}/last-time", 'a new order' => '/api/new-order', 'labs' => '/api/labs', 'studio' => '/api/studio'];
        foreach ($pages as $name => $page) {
            $this->told("  {$name}", $this->milliseconds(fn () => $this->get($page)), $few, 'start page of the demo', 300);
        }
        DB::enableQueryLog();
        DB::flushQueryLog();
        $bytes = strlen($this->get('/api/orders'));
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
            ->where('state', '!=', Line::MADE)
            ->update(['state' => Line::MADE]); // those of the demo
        for ($n = 1; $n <= self::LINES; $n++) {
            $id = DB::table('lines')->insertGetId(['id' => null, 'number' => 1000 + $n, 'state' => Line::OPEN] + $line);
            DB::table('line_pictures')->insert(['line_id' => $id, 'place' => 0, 'order_picture_id' => $picture]);
        }
        $lab = Lab::query()->whereKey($order->lab_id)->firstOrFail();
        $ask = fn (): string => $this->post('/api/labs/tried', ['id' => $lab->id, 'texts' => ['ppi' => '240']]);
        $told = count(json_decode($ask(), true)['lines']);
        $sheet = $this->milliseconds(fn () => $this->get("/api/orders/{$order->id}"));
        $this->told("a card change over {$told} open lines told", $this->milliseconds($ask), $sheet, 'its order sheet', 500);
    }

    private function words(): void
    {
        $order = Order::query()->findOrFail((int) Order::query()->whereHas('lines')->min('id'));
        $of = SpokenOf::in($order);
        $names = array_map(fn (string $name): string => pathinfo($name, PATHINFO_FILENAME), $of->pictures);
        $ways = ['2 of %s 11x15, whole, thin line', '%s 8x10 x 2, matte please', 'canvas 2 in deep mirrored, of %s 20x30', '12 of %s 4x6'];
        $lines = array_map(fn (int $n): string => sprintf($ways[$n % 4], $names[$n % count($names)]), range(1, self::LIST_LINES));
        $bare = $this->milliseconds(fn () => array_map(fn (string $line): array => preg_split('/\\PL+/u', $line) ?: [], $lines));
        $read = $this->milliseconds(fn () => ReadList::read(implode("\n", $lines), $of->known, $of->pictures));
        $this->told('a list of '.self::LIST_LINES.' lines read', $read, $bare, 'split at its words', 200);
        $one = fn (): string => $this->post("/api/orders/{$order->id}/list/read", ['text' => $lines[0]]);
        $this->told('  a typed line understood, asked of the page', $this->milliseconds($one), $read, 'the list', 50);

        $line = Line::query()->where('order_id', $order->id)->whereHas('pictures')->firstOrFail();
        $wish = fn (): string => $this->post("/api/lines/{$line->id}/wish", ['text' => 'whole with 2 in to mat over, thin black line']);
        $this->told('a wish typed, the line as it would be', $this->milliseconds($wish), $read, 'the list', 50);

        for ($n = $order->lines()->count(); $n < self::SAID_TO; $n++) {
            LineChanger::add($order, ['size' => '8 x 10 in', 'picture' => $of->pictures[$n % count($of->pictures)]]);
        }
        $sheet = $this->milliseconds(fn () => $this->get("/api/orders/{$order->id}"));
        $this->table->limit('an order sheet of '.self::SAID_TO.' lines', $sheet, 1000, 'ms');
        $turn = 0;
        $say = function () use ($order, &$turn): void {
            $asked = $order->lines()->get()->map(fn (Line $of): array => ['id' => $of->id, 'version' => $of->version])->all();
            $this->post("/api/orders/{$order->id}/wishes", ['text' => $turn++ % 2 === 0 ? 'whole' : 'cropped to fill', 'lines' => $asked]);
        };
        $this->told('a wish said to '.self::SAID_TO.' lines', $this->milliseconds($say), $sheet, 'their order sheet', 1000);
    }

    /** The same words where there are many lines and pictures they could speak of, asked of the page. */
    private function wordsOfALargeOrder(): void
    {
        $small = Order::query()->findOrFail((int) Order::query()->whereHas('lines')->min('id'));
        $large = $small->replicate(['number'])->fill(['number' => '2702-1']);
        $large->save();
        $picture = array_diff_key((array) DB::table('pictures')->first(), ['id' => 1]);
        for ($n = 1; $n <= self::LARGE_PICTURES; $n++) {
            $id = DB::table('pictures')->insertGetId(['sha256' => hash('sha256', "large {$n}")] + $picture);
            $name = sprintf('IMG_%04d.jpg', $n);
            DB::table('order_pictures')->insert(['order_id' => $large->id, 'picture_id' => $id, 'name' => $name]);
        }
        for ($n = 1; $n <= self::LARGE_LINES; $n++) {
            LineChanger::add($large, ['size' => '8 x 10 in', 'picture' => sprintf('IMG_%04d.jpg', $n)]);
        }
        $of = SpokenOf::in($large->refresh());
        $list = fn (int $n): string => sprintf('%d of IMG_%04d 8x10, matte', ($n % 3) + 1, $n);
        $lines = array_map($list, range(1, self::LIST_LINES));
        $few = array_slice($of->pictures, 0, self::LIST_LINES);
        $alone = $this->milliseconds(fn () => ReadList::read(implode("\n", $lines), $of->known, $few));
        $read = $this->milliseconds(fn () => ReadList::read(implode("\n", $lines), $of->known, $of->pictures));
        $where = self::LARGE_PICTURES.' pictures';
        $this->told("the list read, among {$where}", $read, $alone, 'among '.self::LIST_LINES, 200);
        $one = fn (Order $order, string $text): float => $this->milliseconds(
            fn (): string => $this->post("/api/orders/{$order->id}/list/read", ['text' => $text]),
        );
        $inSmall = $one($small, '2 of it 8x10, matte');
        $this->told("  a typed line, asked of the page, {$where}", $one($large, $lines[0]), $inSmall, 'in a small order', 50);
        $this->get("/api/orders/{$large->id}"); // it is open
        $line = (int) $large->lines()->min('id');
        $wish = fn (): string => $this->post("/api/lines/{$line}/wish", ['text' => 'whole with 2 in to mat over, thin black line']);
        $this->told("  a wish typed, {$where}, ".self::LARGE_LINES.' lines', $this->milliseconds($wish), $read, 'the list', 50);
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
        $bare = $this->milliseconds(
            fn () => array_map(fn (string $name): mixed => @stat("{$this->folder}/{$name}"), scandir($this->folder) ?: []),
        );
        foreach (['newest', 'name'] as $sort) {
            $ours = $this->milliseconds(fn () => $this->get("/api/pictures-folder?sort={$sort}"));
            $this->told('a folder of '.self::PICTURES." by {$sort}", $ours, $bare, 'stat of each', 1000);
        }
    }

    private function told(string $what, float $ours, float $theirs, string $against, float $limit): void
    {
        $this->table->against($what, $ours, $against, $theirs, $limit);
    }

    private function get(string $path): string
    {
        return $this->ask(Request::create($path));
    }

    /** @param  array<string, mixed>  $body */
    private function post(string $path, array $body): string
    {
        $json = (string) json_encode($body);

        return $this->ask(Request::create($path, 'POST', server: ['CONTENT_TYPE' => 'application/json'], content: $json));
    }

    /** Past the door: what is measured is the page, not the session. */
    private function ask(Request $request): string
    {
        $request->headers->set('Accept', 'application/json');
        $answer = app(Kernel::class)->handle($request);
        if ($answer->getStatusCode() !== 200) {
            throw new \RuntimeException("{$request->path()}: {$answer->getStatusCode()} {$answer->getContent()}");
        }

        return (string) $answer->getContent();
    }

    private function milliseconds(callable $call, ?callable $before = null): float
    {
        $call();
        $took = [];
        for ($n = 0; $n < self::TURNS; $n++) {
            $before === null || $before();
            $from = hrtime(true);
            $call();
            $took[] = (hrtime(true) - $from) / 1e6;
        }
        sort($took);

        return $took[intdiv(self::TURNS, 2)];
    }
}
