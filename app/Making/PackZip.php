<?php

declare(strict_types=1);

namespace App\Making;

use App\Files\CannotKeep;
use App\Files\LaterZip;
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

    public int $uniqueFor = LaterZip::LONGEST_SECONDS;

    public function __construct(public readonly int $makeId, public readonly bool $forScreens = false) {}

    /** Packs what of a set is too large to be packed while somebody waits. */
    public static function unlessReady(Make $make, Zip $zip): void
    {
        foreach ([false, true] as $forScreens) {
            if (! $zip->isReady($make, $forScreens) && self::later($make->id, $forScreens)->begins()) {
                self::dispatch($make->id, $forScreens);
            }
        }
    }

    public static function later(int $makeId, bool $forScreens): LaterZip
    {
        return new LaterZip("set-{$makeId}-".(int) $forScreens);
    }

    public function uniqueId(): string
    {
        return "{$this->makeId} ".(int) $this->forScreens;
    }

    public function handle(Zip $zip): void
    {
        $make = Make::query()->find($this->makeId);
        $later = self::later($this->makeId, $this->forScreens);
        try {
            $make === null || $zip->of($make, $this->forScreens); // or finds it written
            $later->ended();
        } catch (Altered $e) {
            $later->failed($e->getMessage(), $e->made->id);
        } catch (CannotKeep $e) {
            $later->failed($e->getMessage());
        }
    }

    /** Whatever else went wrong is in the log: it is under way no more, and begun anew when it is asked for. */
    public function failed(): void
    {
        self::later($this->makeId, $this->forScreens)->ended();
    }
}
