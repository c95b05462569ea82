<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\Line;
use App\Models\Order;
use App\Models\Studio;
use Illuminate\Support\Facades\DB;
use Planisher\Finish\Finishes;
use Planisher\Finish\LinePictures;
use Planisher\Finish\LineReader;
use Planisher\House\HouseFinishSpec;
use Planisher\Line\LineSpec as WantedLine;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;
use Planisher\Reading\Discourse\ToASheet;

/** Puts the prints of several lines, or pictures of one size, on shared sheets, and takes them apart again. */
final class Combiner
{
    public function __construct(private readonly LineChanger $changer) {}

    /**
     * One line that has the prints of all these, in their place.
     *
     * @param  list<array{id: int, version: int}>  $lines
     * @param  list<string>  $pictures  names
     * @param  ?string  $each  the size that each picture is printed in
     * @param  int  $many  to a sheet; 0 for all on as few as they need
     * @return array{Line, list<int>, list<string>} the new line, the ids of those it stands for now, and what is to be told
     *
     * @throws StaleLine
     */
    public function gather(Order $order, array $lines, array $pictures, ?string $each, string $size, int $many = 0): array
    {
        return DB::transaction(function () use ($order, $lines, $pictures, $each, $size, $many): array {
            [$taken, $told] = [[], []];
            foreach ($lines as ['id' => $id, 'version' => $version]) {
                $line = $order->lines()->whereKey($id)->firstOrFail();
                if (Finishes::gathering()->takes($line->line())) {
                    $taken[$id] = $this->changer->remove($line, $version);
                } else {
                    $told[] = self::staysApart($line);
                }
            }
            $wanted = self::wanted(array_values(array_map(fn (Line $line): WantedLine => $line->line(), $taken)), $pictures, $each);
            [$sheet, $uneven] = ToASheet::laid($wanted, $many, $size, $order->lab->labCard());
            $made = $this->changer->add($order, $sheet);
            $made->update(['gathered_from' => array_keys($taken)]);

            return [$made, array_keys($taken), [...$told, ...$uneven === null ? [] : [$uneven]]];
        });
    }

    /**
     * A house finish that settles a sheet, given to pictures: they fill its cells in their order, on as many lines as it takes.
     *
     * @param  non-empty-list<string>  $pictures  names
     * @return non-empty-list<Line>
     *
     * @throws OrderFileError when it settles none
     */
    public function fill(Order $order, HouseFinishSpec $finish, array $pictures): array
    {
        [$change] = $finish->give($order->lab->labCard(), Finishes::USUAL);
        $wanted = $change->onto([]) + ['size' => (string) $order->lab->labCard()->sizes[0]];
        $cells = count(LineReader::read(JsonNode::root($wanted))->pictures());
        if ($cells < 1 || ! $finish->hasPlaces()) {
            throw new OrderFileError('finish', 'no sheet', 'a house finish of a sheet', 'This house finish has no cells to fill.');
        }

        return DB::transaction(
            fn (): array => array_map(
                fn (array $names): Line => $this->changer->add($order, LinePictures::put($wanted, $names)),
                array_chunk($pictures, $cells),
            ),
        );
    }

    /**
     * A shared sheet's prints as lines again: those that are as they were come back, the others are new.
     *
     * @return list<int> their ids
     *
     * @throws StaleLine
     */
    public function apart(Line $sheet, int $seen): array
    {
        return DB::transaction(function () use ($sheet, $seen): array {
            $this->changer->remove($sheet, $seen);
            $before = Line::onlyTrashed()
                ->with('pictures')
                ->where('order_id', $sheet->order_id)
                ->whereKey($sheet->gathered_from ?? [])
                ->get()
                ->all();
            $order = Order::query()->findOrFail($sheet->order_id);
            $ids = [];
            foreach (Finishes::gathering()->apart($sheet->line()) as $wanted) {
                $same = array_filter($before, fn (Line $line): bool => self::isSame($line->line(), $wanted));
                $line = reset($same);
                if ($line === false) {
                    $ids[] = $this->changer->add($order, $wanted)->id;
                } else {
                    unset($before[(int) key($same)]);
                    $line->restore();
                    $ids[] = $line->id;
                }
            }

            return $ids;
        });
    }

    /**
     * @param  list<WantedLine>  $lines
     * @param  list<string>  $pictures
     * @return non-empty-list<WantedLine>
     *
     * @throws OrderFileError
     */
    public static function wanted(array $lines, array $pictures, ?string $each): array
    {
        if ($pictures !== [] && $each === null) {
            throw new OrderFileError('each', 'nothing', 'a size for the pictures', 'Give the size that each picture is printed in.');
        }
        foreach ($pictures as $name) {
            $lines[] = LineReader::read(JsonNode::root(['picture' => $name, 'size' => $each], Studio::current()->unit));
        }

        return $lines ?: throw new OrderFileError('lines', 'nothing', 'prints', 'Nothing that is chosen can be put on a sheet.');
    }

    /** Why a line isn't put on a sheet with others. */
    public static function staysApart(Line $line): string
    {
        return "Line {$line->number} stays by itself: a {$line->line()->wanted->label(1)} can’t share a sheet.";
    }

    /**
     * Whether a line would become just this print.
     *
     * @param  LineForm  $wanted
     */
    private static function isSame(WantedLine $line, array $wanted): bool
    {
        $cells = fn (WantedLine $of): array => Finishes::gathering()->gathered([$of], '');

        return Finishes::gathering()->takes($line) && $cells($line) == $cells(LineReader::read(JsonNode::root($wanted)));
    }
}
