<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\SeenLines;
use App\Lines\Combiner;
use App\Lines\Computation;
use App\Lines\LineView;
use App\Models\HouseFinish;
use App\Models\Line;
use App\Models\Order;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Planisher\Finish\Finishes;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;
use Planisher\OrderFile\OrderFileError;

/** Prints put together on shared sheets. */
final class SheetController
{
    public function __construct(private readonly Combiner $combiner, private readonly Computation $computation) {}

    /** What they would take of every sheet that the lab lists. */
    public function tried(Request $request, Order $order): JsonResponse
    {
        $given = $this->given($request);
        $chosen = array_column($given['lines'], 'id');
        $order->loadMissing('lines.pictures');
        $lines = $order->lines->filter(fn (Line $line): bool => in_array($line->id, $chosen, true));
        $gathers = Finishes::gathering();
        $left = [];
        $taken = [];
        foreach ($lines as $line) {
            $wanted = $line->line();
            if ($gathers->takes($wanted)) {
                $taken[] = $wanted;
            } else {
                $left[] = Combiner::staysApart($line);
            }
        }
        $all = Combiner::wanted($taken, $given['pictures'], $given['each']);

        $card = $order->lab->labCard();
        $offers = $gathers->tried($all, $card);
        $holding = array_column($offers, 'size');
        $small = array_filter($card->sizes, fn (Size $size): bool => ! in_array((string) $size, $holding, true));

        return response()->json([
            'offers' => $offers,
            'tooSmall' => array_values(array_map(fn (Size $size): string => $size->label(), $small)),
            'leftOut' => $left,
        ]);
    }

    public function store(Request $request, Order $order): JsonResponse
    {
        $given = $this->given($request);
        $size = $request->validate(['size' => ['required', 'string', 'max:60']])['size'];
        [$line, $instead] = $this->combiner->gather($order, $given['lines'], $given['pictures'], $given['each'], $size);

        return response()->json(['line' => LineView::of($line, $this->computation->line($line)), 'instead' => $instead], 201);
    }

    /** A house finish of a sheet, its cells filled with pictures in their order. */
    public function fill(Request $request, Order $order, HouseFinish $finish): JsonResponse
    {
        $given = $request->validate(['pictures' => ['required', 'array', 'min:1', 'max:500'], 'pictures.*' => ['string', 'max:200']]);
        $lines = $this->combiner->fill($order, $finish->houseFinish(), array_values($given['pictures']) ?: abort(422, 'Choose pictures.'));

        return response()->json(['lines' => array_map(fn (Line $line): int => $line->id, $lines)], 201);
    }

    public function apart(Request $request, Line $line): JsonResponse
    {
        $version = (int) $request->validate(['version' => ['required', 'integer']])['version'];

        return response()->json(['lines' => $this->combiner->apart($line, $version)]);
    }

    /** The ways to share a sheet out that arithmetic gives. */
    public function ready(Request $request): JsonResponse
    {
        $typed = $request->validate(['size' => ['required', 'string', 'max:60']])['size'];
        try {
            $size = Size::parse($typed);
        } catch (MeasureError $e) {
            throw new OrderFileError('size', "“{$typed}”", 'a size', $e->getMessage());
        }

        return response()->json(['size' => (string) $size, 'ways' => Finishes::gathering()->ready($size)]);
    }

    /** @return array{lines: list<array{id: int, version: int}>, pictures: list<string>, each: ?string} */
    private function given(Request $request): array
    {
        $given = $request->validate([
            'lines' => ['array', 'max:'.SeenLines::MOST],
            ...SeenLines::EACH,
            'pictures' => ['array', 'max:500'],
            'pictures.*' => ['string', 'max:200'],
            'each' => ['nullable', 'string', 'max:60'],
        ]);

        return ['lines' => $given['lines'] ?? [], 'pictures' => $given['pictures'] ?? [], 'each' => $given['each'] ?? null];
    }
}
