<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\SeenLines;
use App\Http\SeenVersion;
use App\Lines\Computation;
use App\Lines\LineChanger;
use App\Lines\LineView;
use App\Models\Line;
use App\Models\Order;
use App\Orders\Names;
use App\Orders\OrderView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Planisher\Line\LineChange;

/** What the files of an order are called: tried, and given to its lines. */
final class NamesController
{
    public function __construct(private readonly Computation $computation, private readonly LineChanger $changer) {}

    /** The names of the whole order, as they would be. */
    public function tried(Request $request, Order $order): JsonResponse
    {
        $given = $request->validate(['name' => ['required', 'array'], 'lines' => ['nullable', 'array'], 'lines.*' => ['integer']]);

        return response()->json(
            Names::tried(
                $order,
                Names::typed($given['name']),
                isset($given['lines']) ? array_values(array_map(intval(...), $given['lines'])) : null,
            ),
        );
    }

    /**
     * Names lines so; where the whole order is meant, lines that come later are named so, too. Where no name is given, those that come
     * later are named as everywhere.
     */
    public function give(Request $request, Order $order): JsonResponse
    {
        $given = $request->validate([
            'name' => ['present', 'nullable', 'array', 'required_with:lines.0'],
            'isForAll' => ['required', 'boolean'],
            'version' => ['sometimes', 'integer'],
            'lines' => ['present', 'array', 'max:'.SeenLines::MOST],
            ...SeenLines::EACH,
        ]);
        $name = $given['name'] === null ? null : Names::typed($given['name'])->toArray();
        $before = $order->names;
        if ($given['isForAll']) {
            $kept = SeenVersion::change($request, $order, 'The order', OrderView::head(...), function (Order $now) use ($name): null {
                $now->names = $name;

                return null;
            });
            if ($kept->getStatusCode() !== 200) {
                return $kept;
            }
        }
        $seen = SeenLines::in($given);
        [$changed, $missed] =
            $seen === [] ? [[], []] : $this->changer->changeEach($order, $seen, fn (): LineChange => LineChange::of(['name' => $name]));
        $worked = $this->computation->order(Order::query()->findOrFail($order->id));

        return response()->json([
            'lines' => array_map(fn (Line $line): array => LineView::of($line, $worked->of($line)), $changed),
            'missed' => $missed,
            'before' => $before,
            'version' => (int) Order::query()->whereKey($order->id)->value('version'),
        ]);
    }
}
