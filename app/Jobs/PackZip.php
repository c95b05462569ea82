<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Making\Zip;
use App\Models\Make;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/** Packs a set that is too large for somebody to wait for. */
final class PackZip implements ShouldBeUnique, ShouldQueue
{
    use Dispatchable, InteractsWithQueue, Queueable;

    public int $uniqueFor = 3600;

    public function __construct(public readonly int $makeId) {}

    public function uniqueId(): string
    {
        return (string) $this->makeId;
    }

    public function handle(): void
    {
        $make = Make::query()->find($this->makeId);
        if ($make !== null) {
            Zip::of($make); // or finds it written
        }
    }
}
