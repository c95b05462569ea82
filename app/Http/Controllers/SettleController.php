<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\SeenLines;
use App\Lines\Computation;
use App\Lines\LineChanger;
use App\Lines\LineView;
use App\Lines\Passing;
use App\Models\Line;
use App\Models\Order;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What is the same of many lines, said yes to at once. */
final class SettleController
{
    public function __construct(private readonly Computation $computation, private readonly LineChanger $changer) {}

    /** Says yes to one thing of lines; those with nothing else to look at pass. */
    public function settle(Request $request, Order $order): JsonResponse
    {
        $given = $request->validate([
            'alike' => ['required', 'string', 'max:200'],
            'lines' => ['required', 'array', 'min:1', 'max:'.SeenLines::MOST],
            ...SeenLines::EACH,
        ]);
        $worked = $this->computation->order($order);
        $seen = array_intersect_key(SeenLines::in($given), $worked->lines());
        $settle = fn (Line $now) => Passing::settle($now, $worked->of($now), $given['alike']);
        [$settled, $missed] = $this->changer->doEach($order, $seen, $settle);
        $view = fn (Line $line): array => LineView::of($line, $worked->of($line)->settledBy($line->settled ?? []));

        return response()->json(['lines' => array_map($view, $settled), 'missed' => $missed]);
    }

    /** Puts what was said yes to of a line as it was: for undo and redo. */
    public function replace(Request $request, Line $line): JsonResponse
    {
        $given = $request->validate([
            'version' => ['required', 'integer'],
            'settled' => ['present', 'array', 'max:100'],
            'settled.*' => ['required', 'string', 'regex:/^[0-9a-f]{32}$/D'],
        ]);
        $changed = $this->changer->do($line, $request->integer('version'), function (Line $now) use ($given): void {
            $now->settled = array_values($given['settled']);
        });

        return response()->json(LineView::of($changed, $this->computation->line($changed)));
    }
}
