<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\History;
use App\Http\SeenLines;
use App\Lines\CellOfLine;
use App\Lines\Computation;
use App\Lines\LineChanger;
use App\Lines\LineView;
use App\Lines\Passing;
use App\Lines\StaleLine;
use App\Models\Line;
use App\Models\Order;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Planisher\Finish\TypedFigure;
use Planisher\Line\LineChange;
use Planisher\Measure\MeasureError;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\OrderFileError;
use Planisher\OrderFile\Remark;

final class LineController
{
    /** More than any sheet carries. */
    private const MOST_CELLS = 200;

    public function __construct(private readonly Computation $computation, private readonly LineChanger $changer) {}

    public function store(Request $request, Order $order): JsonResponse
    {
        $given = $request->validate([
            'size' => ['required', 'string', 'max:60'],
            'copies' => ['nullable', 'integer'],
            'picture' => ['nullable', 'string'],
            'wanted' => ['nullable', 'array'],
        ]);
        $line = $this->changer->add($order, [
            ...(array) $request->input('wanted', []),
            'size' => $given['size'],
            'copies' => $given['copies'] ?? 1,
            ...isset($given['picture']) ? ['picture' => $given['picture']] : [],
        ]);

        return $this->shown($line, 201);
    }

    public function update(Request $request, Line $line): JsonResponse
    {
        $given = $request->validate([
            'version' => ['required', 'integer'],
            'change' => ['required_without_all:figure,cells', 'array'],
            'cell' => ['nullable', 'integer'],
            'cells' => ['nullable', 'array', 'min:1', 'max:'.self::MOST_CELLS],
            'cells.*.cell' => ['required', 'integer', 'distinct'],
            'cells.*.change' => ['required', 'array'],
            'figure.name' => ['required_with:figure', 'string'],
            'figure.typed' => ['required_with:figure', 'string', 'max:60'],
        ]);
        $change = match (true) {
            isset($given['figure']) => $this->figure($line, $given['figure']['name'], $given['figure']['typed']),
            isset($given['cells']) => $this->ofCells($line, (array) $request->input('cells')),
            default => $this->ofLine($line, $given['cell'] ?? null, LineChange::of((array) $request->input('change'))),
        };

        return $this->shown($this->changer->change($line, $request->integer('version'), $change));
    }

    /** Puts a line as it was: for undo and redo. */
    public function replace(Request $request, Line $line): JsonResponse
    {
        $request->validate(['version' => ['required', 'integer'], 'line' => ['required', 'array']]);

        return $this->shown($this->changer->replace($line, $request->integer('version'), (array) $request->input('line')));
    }

    /** A change of one of the prints that a line carries, as one of the line. */
    private function ofLine(Line $line, ?int $cell, LineChange $change): LineChange
    {
        return $cell === null ? $change : CellOfLine::of($this->computation, $line, $cell)->change($change);
    }

    /**
     * The same of several prints at once.
     *
     * @param  array<int, array{cell: int, change: array<string, mixed>}>  $cells  as rules have let them through
     */
    private function ofCells(Line $line, array $cells): LineChange
    {
        $changes = [];
        foreach ($cells as ['cell' => $place, 'change' => $change]) {
            $changes[(int) $place] = LineChange::of($change);
        }

        return $changes === [] ? LineChange::of([]) : CellOfLine::changeEach($this->computation, $line, $changes);
    }

    /** What a figure typed into the drawing changes. */
    private function figure(Line $line, string $name, string $typed): LineChange
    {
        $worked = $this->computation->line($line);
        try {
            return TypedFigure::change($worked->line, $worked->plan?->layout, $name, $typed);
        } catch (MeasureError $e) {
            throw new OrderFileError($name, "“{$typed}”", 'a length that can be', $e->getMessage());
        }
    }

    /** What is remarked of it, for oneself and for the lab; a passed line stays passed. */
    public function remark(Request $request, Line $line): JsonResponse
    {
        $given = $request->validate(
            [
                'version' => ['required', 'integer'],
                'remark' => ['present', 'nullable', 'string', 'max:'.Remark::LONGEST],
                'remarkForLab' => ['present', 'nullable', 'string', 'max:'.Remark::LONGEST],
            ],
            ['*.max' => 'A remark has '.Remark::LONGEST.' letters at most.'],
        );

        return $this->shown(
            $this->changer->do($line, $request->integer('version'), function (Line $now) use ($given): void {
                $now->fill(['remark' => $given['remark'], 'remark_for_lab' => $given['remarkForLab']]);
            }),
        );
    }

    public function pass(Request $request, Line $line): JsonResponse
    {
        $request->validate(['version' => ['required', 'integer']]);
        $worked = $this->computation->line($line);
        if ($worked->isStopped()) {
            return response()->json(['message' => "It can’t pass: {$worked->worst()->inWords()}"], 422);
        }

        return $this->shown($this->passed($line, $request->integer('version'), $worked));
    }

    /** Passes lines, but for those that are stopped, were changed meanwhile, or have to be seen one by one. */
    public function passMany(Request $request, Order $order): JsonResponse
    {
        $given = $request->validate([
            'lines' => ['required', 'array', 'min:1', 'max:'.SeenLines::MOST],
            ...SeenLines::EACH,
        ]);
        $worked = $this->computation->order($order);
        $seen = SeenLines::in($given);
        [$left, $can] = $order->lines
            ->filter(fn (Line $line): bool => isset($seen[$line->id]))
            ->partition(fn (Line $line): bool => $worked->of($line)->isStopped() || $worked->of($line)->line->isSeenFirst())
            ->all();
        $say = fn (Line $line): string => self::whyNot($line, $worked->of($line));
        $pass = fn (Line $now) => Passing::mark($now, $worked->of($now));
        [$passed, $missed] = $this->changer->doEach($order, array_intersect_key($seen, $can->keyBy('id')->all()), $pass);

        return response()->json([
            'lines' => array_map(fn (Line $line): array => LineView::of($line, $worked->of($line)), $passed),
            'missed' => [...array_values($left->map($say)->all()), ...$missed],
        ]);
    }

    /** Why a line isn't passed among many. */
    private static function whyNot(Line $line, WorkedLine $worked): string
    {
        return $worked->isStopped()
            ? "Line {$line->number} can’t pass: {$worked->worst()->title}."
            : "Line {$line->number}, {$worked->line->wanted->inWords()}, is looked at before it passes: where it is cut and folded.";
    }

    /** @throws StaleLine */
    private function passed(Line $line, int $seen, WorkedLine $worked): Line
    {
        return $this->changer->do($line, $seen, fn (Line $now) => Passing::mark($now, $worked));
    }

    /** Takes a pass back. */
    public function hold(Request $request, Line $line): JsonResponse
    {
        $request->validate(['version' => ['required', 'integer']]);

        return $this->shown($this->changer->hold($line, $request->integer('version')));
    }

    public function destroy(Request $request, Line $line): Response
    {
        $request->validate(['version' => ['required', 'integer']]);
        $this->changer->remove($line, $request->integer('version'));

        return response()->noContent();
    }

    public function restore(Line $line): JsonResponse
    {
        $line->restore();
        History::note($line->order_id, 'brought it back', $line);

        return $this->shown($line);
    }

    private function shown(Line $line, int $status = 200): JsonResponse
    {
        return response()->json(LineView::of($line, $this->computation->line($line)), $status);
    }
}
