<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\Line;
use App\Models\Order;
use App\Views\CodeVersion;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\DB;
use Planisher\Finish\LinePictures;
use Planisher\Finish\LineReader;
use Planisher\Naming\FileName;
use Planisher\Naming\NameBook;
use Planisher\Naming\NameParts;
use Planisher\OrderFile\JsonNode;

/**
 * What the files of an order's lines are called. A line's name depends on all before it, so what each brings to its name is kept by all
 * that it comes from: of three hundred lines only those that were changed are read.
 */
final class KeptNames
{
    private const KEPT_SECONDS = 2_592_000;

    /** So few that are read anew each time cost less than keeping them. */
    private const FEW = 8;

    public function __construct(private readonly Repository $cache) {}

    /**
     * @param  ?Line  $as  one of its lines as it would be
     * @return array<int, FileName> by the line's number
     */
    public function of(Order $order, ?Line $as = null): array
    {
        $order->loadMissing(['client', 'lab.profiles']);
        [$head, $lab] = [$order->head(), $order->lab->labCard()];
        $names = [];
        $pictures = DB::table('line_pictures as at')
            ->join('order_pictures as its', 'its.id', '=', 'at.order_picture_id')
            ->where('its.order_id', $order->id)
            ->get(['at.line_id', 'at.place', 'its.name']);
        foreach ($pictures as $picture) {
            $names[$picture->line_id][$picture->place] = $picture->name;
        }
        $lines = Line::query()
            ->where('order_id', $order->id)
            ->toBase()
            ->orderBy('number')
            ->get(['id', 'number', 'wanted']);
        $digits = NameBook::digits(array_map(intval(...), array_values($lines->pluck('number')->all())));
        $key = "names-of-{$order->id}";
        $all = hash('xxh128', serialize([CodeVersion::now(), $head, $order->lab->card, $digits]));
        $kept = $this->kept($key);
        $parts = $now = [];
        foreach ($lines as $line) {
            $its = $names[$line->id] ?? [];
            if ($as !== null && $line->id === $as->id) {
                [$line->wanted, $its] = [json_encode($as->wanted, JSON_THROW_ON_ERROR), $as->names()];
            }
            $hash = hash('xxh128', "{$all} {$line->number} {$line->wanted} ".implode("\n", $its).' '.implode(',', array_keys($its)));
            $now[$hash] = $parts[$line->number] =
                $kept[$hash] ??
                NameParts::of(
                    $head,
                    $lab,
                    LineReader::read(JsonNode::root(LinePictures::put(json_decode($line->wanted, true, flags: JSON_THROW_ON_ERROR), $its))),
                    NameBook::number($line->number, $digits),
                );
        }
        count(array_diff_key($now, $kept)) > self::FEW && $this->cache->put($key, $now, self::KEPT_SECONDS);

        return NameBook::toldApart($parts);
    }

    /** @return array<string, NameParts> by what they come from */
    private function kept(string $key): array
    {
        $kept = $this->cache->get($key);

        return is_array($kept) ? array_filter($kept, fn (mixed $parts): bool => $parts instanceof NameParts) : [];
    }
}
