<?php

declare(strict_types=1);

namespace App\Lines;

use App\Files\Disk;
use App\Models\LabProfile;
use App\Models\LinePicture;
use App\Models\Order;
use App\Models\Studio;
use App\Models\StudioMark;
use App\Pictures\PictureStore;
use App\Studio\Desks;
use App\Studio\MarkStore;
use App\Views\CodeVersion;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\DB;
use Planisher\Picture\PictureTrouble;

/**
 * What each of an order's lines comes from, as a hash: the line, its pictures, its name, the lab's card, the order's head, the studio's
 * marks, and the code. They are kept under what the database has of all that, as it has it, and what lies on the disk: of an order that
 * nobody changed no line has to be understood.
 *
 * @phpstan-type Held array{rows: string, files: array<string, ?string>, lines: array<int, string>}
 */
final class LineHashes
{
    private const KEPT_SECONDS = 604_800;

    public function __construct(
        private readonly Disk $disk,
        private readonly PictureStore $pictures,
        private readonly Desks $desks,
        private readonly KeptNames $names,
        private readonly Repository $cache,
    ) {}

    /** @return array<int, string> by the line's id, in the order of their numbers */
    public function of(Order $order): array
    {
        $rows = $this->rows($order);
        $key = "hashes-of-{$order->id}";
        /** @var ?Held $held */
        $held = $this->cache->get($key);
        if ($held !== null && $held['rows'] === $rows && $held['files'] === $this->files(array_keys($held['files']))) {
            return $held['lines'];
        }
        $order->loadMissing(WorkedOrder::RELATIONS);
        // What changes while it is worked is seen the next time: rows and files are of before.
        $files = $this->files(self::keys($order));
        $lines = $this->hashed($order);
        $this->cache->put($key, ['rows' => $rows, 'files' => $files, 'lines' => $lines], self::KEPT_SECONDS);

        return $lines;
    }

    /** All that the database has of what they come from. */
    private function rows(Order $order): string
    {
        $lines = DB::table('lines')->where('order_id', $order->id)->whereNull('deleted_at')->orderBy('number')->get()->all();
        $pictures = DB::table('line_pictures as at')
            ->join('order_pictures as its', 'its.id', '=', 'at.order_picture_id')
            ->join('pictures as of', 'of.id', '=', 'its.picture_id')
            ->where('its.order_id', $order->id)
            ->orderBy('at.line_id')
            ->orderBy('at.place')
            ->get(['at.line_id', 'at.place', 'its.id as in_order', 'its.name as named', 'of.*'])
            ->all();
        $ofAll = [
            CodeVersion::now(),
            $order->getAttributes(),
            $order->client->getAttributes(),
            $this->ofTheLab($order),
            Studio::current()->getAttributes(),
            DB::table('studio_marks')->orderBy('id')->get()->all(),
        ];

        return hash('xxh128', serialize([$ofAll, $lines, $pictures]));
    }

    /**
     * @param  list<string>  $keys  of the disk
     * @return array<string, ?string> what lies there, told so that it is the same for the same only
     */
    private function files(array $keys): array
    {
        $files = [];
        foreach ($keys as $key) {
            $stamp = $this->disk->stamp($key);
            $files[$key] = $stamp === null ? null : "{$stamp->bytes} {$stamp->changedAt} {$stamp->sha256}";
        }

        return $files;
    }

    /** @return list<string> of all files that are looked for to tell its lines */
    private static function keys(Order $order): array
    {
        $keys = StudioMark::query()->pluck('sha256')->map(MarkStore::key(...))->all();
        foreach ($order->lines as $line) {
            foreach ($line->pictures as $at) {
                $keys[] = PictureStore::key($at->orderPicture->facts());
            }
        }

        return array_values(array_unique($keys));
    }

    /** @return array<int, string> by the line's id */
    private function hashed(Order $order): array
    {
        $names = $this->names->of($order);
        $context = $this->desks->for($order)->toArray();
        $ofAll = hash('xxh128', serialize([CodeVersion::now(), $this->ofTheLab($order), $context]));
        $hashes = [];
        foreach ($order->lines as $line) {
            $pictures = $line->pictures->map($this->picture(...))->all();
            $hashes[$line->id] = hash('xxh128', serialize([$ofAll, $line->getAttributes(), $pictures, $names[$line->number]]));
        }

        return $hashes;
    }

    /** @return list<mixed> */
    private function ofTheLab(Order $order): array
    {
        return [
            $order->lab->getAttributes(),
            $order->lab->profiles->map(fn (LabProfile $profile): array => $profile->getAttributes())->all(),
        ];
    }

    /** @return list<mixed> all that is known of the picture at one of a line's places */
    private function picture(LinePicture $at): array
    {
        $known = $this->pictures->known($at->orderPicture);

        return [
            $at->place,
            $at->orderPicture->getAttributes(),
            $at->orderPicture->picture->getAttributes(),
            $known instanceof PictureTrouble ? $known : null,
        ];
    }
}
