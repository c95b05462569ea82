<?php

declare(strict_types=1);

namespace Bench;

use App\Making\MakeFiles;
use App\Making\Making;
use App\Models\Line;
use App\Models\MadeFile;
use App\Models\Order;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Planisher\State\FileState;
use Planisher\State\LineState;
use Symfony\Component\Process\Process;

/** The same forty prints made by one worker, by two and by four; and what of the time of one is the database's. */
final class Workers
{
    private const LINES = 40;

    /** Of a network of 1 Gb/s, in bytes a second. */
    private const NETWORK = 118e6;

    /** Of an S3-compatible store of three machines: a PUT and two HEADs, in seconds; an assumption, not measured here. */
    private const STORE = 0.03;

    public function __construct(private readonly ResultTable $table) {}

    public function run(): void
    {
        $order = $this->order();
        $one = null;
        foreach ([1, 2, 4] as $workers) {
            $took = $this->made($order, $workers);
            $one ??= $took;
            $name = self::LINES." prints by {$workers} worker".($workers === 1 ? '' : 's');
            // More workers than cores win nothing; two, on two cores, should come near half.
            $this->table->against($name, 1000 * $took, 'by one', 1000 * $one, ceil(1000 * $one * ($workers === 1 ? 1.0 : 0.75)));
        }
        $this->steps($order);
    }

    private function order(): Order
    {
        $order = Order::query()->whereHas('lines')->orderBy('id')->firstOrFail();
        $line = (array) Line::query()->where('order_id', $order->id)->whereHas('pictures')->toBase()->first();
        $picture = DB::table('line_pictures')->where('line_id', $line['id'])->value('order_picture_id');
        DB::table('lines')
            ->where('order_id', $order->id)
            ->update(['state' => LineState::Open]);
        for ($n = 1; $n <= self::LINES; $n++) {
            $id = DB::table('lines')->insertGetId(['id' => null, 'number' => 5000 + $n, 'state' => LineState::Passed] + $line);
            DB::table('line_pictures')->insert(['line_id' => $id, 'place' => 0, 'order_picture_id' => $picture]);
        }

        return Order::query()->whereKey($order->id)->firstOrFail();
    }

    /** @return float seconds from the first worker's start until all is made */
    private function made(Order $order, int $workers): float
    {
        $make = $this->start($order);
        $processes = [];
        $began = microtime(true);
        for ($n = 0; $n < $workers; $n++) {
            $work = ['queue:work', 'database', '--stop-when-empty', '--sleep=0.05', '--queue=default'];
            $processes[$n] = new Process([PHP_BINARY, base_path('artisan'), ...$work], env: ['VIPS_CONCURRENCY' => '1'], timeout: null);
            $processes[$n]->start();
        }
        foreach ($processes as $process) {
            $process->wait();
        }
        $took = microtime(true) - $began;
        $made = MadeFile::query()
            ->where(['make_id' => $make, 'state' => FileState::Made])
            ->count();
        $made >= self::LINES || throw new \RuntimeException("{$made} of ".self::LINES." were made. {$processes[0]->getOutput()}");

        return $took;
    }

    private function start(Order $order): int
    {
        File::deleteDirectory(storage_path('app/orders')); // what was made before isn't taken over
        $ids = array_map(intval(...), array_values($order->lines()->where('number', '>', 5000)->pluck('id')->all()));
        $order->unsetRelation('lines');
        $make = app(Making::class)->start($order, $ids)->make ?? throw new \RuntimeException('Nothing is to be made.');

        return $make->id;
    }

    /** What of a file's time is whose, and what sixty-four workers would come to with it. */
    private function steps(Order $order): void
    {
        $make = $this->start($order);
        DB::table('jobs')->delete();
        $files = MadeFile::query()->where('make_id', $make)->get();
        DB::enableQueryLog();
        DB::flushQueryLog();
        $began = microtime(true);
        foreach ($files as $file) {
            app()->call([new MakeFiles([$file->id]), 'handle']);
        }
        $all = (microtime(true) - $began) / count($files);
        $database = array_sum(array_column(DB::getQueryLog(), 'time')) / 1000 / count($files);
        $queries = count(DB::getQueryLog()) / count($files);
        DB::disableQueryLog();
        $bytes = (float) MadeFile::query()->where('make_id', $make)->avg('bytes');
        $picture = (float) DB::table('pictures')->avg(DB::raw("json_extract(facts, '$.bytes')"));
        $network = ($bytes + $picture) / self::NETWORK;
        printf(
            "\n  A file takes %.0f ms, of which %.1f ms are the database's (%.0f queries); it is %.1f MB, its picture %.1f MB.\n",
            1000 * $all,
            1000 * $database,
            $queries,
            $bytes / 1e6,
            $picture / 1e6,
        );
        (new QueueLimits($all - $database, ['database' => $database, 'store' => self::STORE, 'network' => $network]))->say();
    }
}
