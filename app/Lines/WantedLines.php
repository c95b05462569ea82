<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\Line;
use App\Models\Order;
use Illuminate\Support\Facades\DB;
use Planisher\Finish\LinePictures;
use Planisher\Finish\LineReader;
use Planisher\Line\Line as WantedLine;
use Planisher\OrderFile\Node;

/** What is wanted of all lines of an order, without their models and pictures: those of two hundred lines take longer than all else. */
final class WantedLines
{
    /** @return array<int, WantedLine> by number */
    public static function of(Order $order): array
    {
        $names = [];
        $pictures = DB::table('line_pictures as at')
            ->join('order_pictures as its', 'its.id', '=', 'at.order_picture_id')
            ->where('its.order_id', $order->id)
            ->get(['at.line_id', 'at.place', 'its.name']);
        foreach ($pictures as $picture) {
            $names[$picture->line_id][$picture->place] = $picture->name;
        }
        $wanted = [];
        foreach (
            Line::query()
                ->where('order_id', $order->id)
                ->toBase()
                ->get(['id', 'number', 'wanted']) as $line
        ) {
            $form = json_decode($line->wanted, true, flags: JSON_THROW_ON_ERROR);
            $wanted[$line->number] = LineReader::read(Node::root(LinePictures::put($form, $names[$line->id] ?? [])));
        }
        ksort($wanted);

        return $wanted;
    }
}
