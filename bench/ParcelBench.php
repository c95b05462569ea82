<?php

declare(strict_types=1);

namespace Bench;

use App\Files\Disk;
use App\Lines\Computation;
use App\Making\Ticket;
use App\Models\Line;
use App\Models\Make;
use App\Models\Order;
use App\Parcels\LabService;
use App\Parcels\Packing;
use App\Parcels\SendParcel;
use Illuminate\Support\Facades\File;
use Planisher\Imaging\Files\Checksum;
use Planisher\Order\WorkedLine;
use Planisher\State\FileState;
use Planisher\State\LineState;

/** A parcel of sixty files, half a gigabyte, packed and sent to the simulated lab: beside a copy of its files, and beside curl. */
final class ParcelBench
{
    private const FILES = 60;

    private const BYTES = 8_388_608;

    /** Of memory, beside what the process had before. */
    private const MOST_MB = 64;

    public function __construct(private readonly ResultTable $table) {}

    public function run(): void
    {
        $order = $this->order();
        $folder = $order->makes()->firstOrFail()->home();
        $folder = app(Disk::class)->path($folder);
        $copy = storage_path('app/copied');
        $copied = self::milliseconds(fn () => exec('cp -r '.escapeshellarg($folder).' '.escapeshellarg($copy)));
        $parcel = null;
        [$milliseconds, $sent] = [0.0, 0.0];
        $packed = self::memory(function () use ($order, &$parcel): void {
            $parcel = app(Packing::class)->pack($order, null);
        }, $milliseconds);
        $this->table->against('a parcel of '.self::FILES.' files, 500 MB, packed', $milliseconds, 'cp of its files', $copied, 5000);
        $this->table->limit('  memory', $packed, self::MOST_MB, 'MB');

        $lab = $parcel === null ? null : LabService::of($parcel->lab);
        if ($parcel === null || $lab === null) {
            throw new \LogicException('It is packed, and the demo’s lab has a service.');
        }
        $file = $parcel->files()->firstOrFail();
        $one = $lab->begin('bare.jpg', $file->bytes, str_repeat('0', 64));
        $headers = ['Authorization: Bearer $LABSIM_KEY', 'Tus-Resumable: 1.0.0', 'Upload-Offset: 0', 'Expect:'];
        $headers[] = 'Content-Type: application/offset+octet-stream';
        $said = implode(' ', array_map(fn (string $header): string => "-H \"{$header}\"", $headers));
        $path = escapeshellarg($parcel->path($file->name));
        $curl = "curl -sS -o /dev/null -X PATCH {$said} --data-binary @{$path} {$one}";
        $bare = self::FILES * self::milliseconds(fn () => exec($curl));
        $parcel->update(['state' => 'sending']);
        $memory = self::memory(fn () => (new SendParcel($parcel->id))->handle(app(Packing::class)), $sent);
        $this->table->against('  sent', $sent, 'curl, of one, so many times', $bare, 60_000);
        $this->table->limit('  memory', $memory, self::MOST_MB, 'MB');
        File::deleteDirectory($copy);
    }

    /** An order whose one set is sixty files of noise, each by a ticket of its own. */
    private function order(): Order
    {
        [$line, $worked] = self::printed();
        $plan = $worked->plan ?? throw new \LogicException('It has a plan.');
        $order = Order::query()
            ->findOrFail($line->order_id)
            ->replicate()
            ->fill(['number' => '2701-60']);
        $order->save();
        $make = Make::query()->create(['order_id' => $order->id, 'folder' => "{$order->id}_bench/2027-01-31-1"]);
        File::ensureDirectoryExists(storage_path("app/{$make->home()}"));
        for ($n = 1; $n <= self::FILES; $n++) {
            $name = "noise-{$n}.jpg";
            file_put_contents(storage_path("app/{$make->home()}/{$name}"), random_bytes(self::BYTES));
            $of = $order->lines()->create(['number' => $n, 'wanted' => $line->wanted, 'state' => LineState::Made]);
            $make->files()->create([
                'line_id' => $of->id,
                'line_version' => 1,
                'name' => $name,
                'ticket' => ['names' => [$name]] + Ticket::of($worked),
                'state' => FileState::Made,
                'bytes' => self::BYTES,
                'sha256' => Checksum::of(storage_path("app/{$make->home()}/{$name}")),
                'pixels' => $plan->files[0]->width * $plan->files[0]->height,
            ]);
        }

        return $order->refresh();
    }

    /** @return array{Line, WorkedLine} one of the demo's that makes one file, for the lab that has a service */
    private static function printed(): array
    {
        foreach (Line::query()->whereRelation('order.lab', 'service_url', '!=', null)->get() as $line) {
            $worked = app(Computation::class)->line($line);
            if ($worked->plan !== null && count($worked->plan->files) === 1 && $worked->line->isPrinted()) {
                return [$line, $worked];
            }
        }
        throw new \LogicException('The demo has such a line.');
    }

    /** @return float megabytes beyond what was held before, and how long it took */
    private static function memory(callable $call, float &$milliseconds): float
    {
        gc_collect_cycles();
        $before = memory_get_usage();
        memory_reset_peak_usage();
        $milliseconds = self::milliseconds($call);

        return (memory_get_peak_usage() - $before) / 1e6;
    }

    private static function milliseconds(callable $call): float
    {
        $from = hrtime(true);
        $call();

        return (hrtime(true) - $from) / 1e6;
    }
}
