<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Lines\Computation;
use App\Lines\LineChanger;
use App\Lines\LineView;
use App\Lists\LastTime;
use App\Lists\ListFile;
use App\Lists\ListRefused;
use App\Lists\ListView;
use App\Lists\SpokenOf;
use App\Lists\Wishes;
use App\Models\Line;
use App\Models\Order;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Planisher\ClientList\ClientList;
use Planisher\OrderFile\Remark;

/** A client's list read and taken, and wishes said of lines, all in one grammar. */
final class ListController
{
    /** Of a list. */
    private const LONGEST = 100_000;

    private const MOST_LINES = 500;

    private const LONGEST_WISH = 600;

    public function __construct(private readonly Computation $computation) {}

    /** What a list means, without doing anything. */
    public function read(Request $request, Order $order, ListView $view): JsonResponse
    {
        $given = $request->validate(
            [
                'text' => ['present', 'nullable', 'string', 'max:'.self::LONGEST],
                'chosen' => ['array', 'max:'.self::MOST_LINES],
                'chosen.*' => ['string', 'max:200'],
            ],
            ['text.max' => 'This is longer than any list: '.number_format(self::LONGEST).' letters at most. Paste a part of it.'],
        );
        $of = SpokenOf::in($order);
        $chosen = array_values(array_intersect($of->pictures, $given['chosen'] ?? []));

        return response()->json($view->of($order, ClientList::read((string) $given['text'], $of->known, $of->pictures, $chosen)));
    }

    /** What the order's client had last time, said in words. */
    public function lastTime(Order $order, LastTime $last): JsonResponse
    {
        return response()->json(['lastTime' => $last->of($order)]);
    }

    /** The words of a file that a client has sent. */
    public function file(Request $request): JsonResponse
    {
        $file = $request->file('list');
        if (! ($file instanceof UploadedFile) || ! $file->isValid()) {
            return response()->json(['message' => 'The upload broke off. Nothing was kept; try it again.'], 422);
        }
        try {
            return response()->json(['text' => ListFile::text($file)]);
        } catch (ListRefused $e) {
            return response()->json(['message' => $e->getMessage()], 422);
        }
    }

    /** Lines as they were read, onto the order, all or none. */
    public function take(Request $request, Order $order): JsonResponse
    {
        $request->validate(
            [
                'lines' => ['required', 'array', 'max:'.self::MOST_LINES],
                'lines.*.wanted' => ['required', 'array'],
                'lines.*.remark' => ['nullable', 'string', 'max:'.Remark::LONGEST],
            ],
            [
                'lines.max' => 'These are more than '.self::MOST_LINES.' lines at once. Take a part of them, then the rest.',
                'lines.*.remark.max' => 'What was not understood of one line is longer than a remark: '.Remark::LONGEST.' letters at most.',
            ],
        );
        $ids = DB::transaction(
            fn (): array => array_map(function (array $given) use ($order): int {
                $line = LineChanger::add($order, $given['wanted']);
                isset($given['remark']) && $line->update(['remark' => $given['remark']]);

                return $line->id;
            }, array_values((array) $request->input('lines'))),
        );

        return response()->json(['lines' => $ids], 201);
    }

    /** What a line would be if something were said of it. */
    public function tried(Request $request, Line $line): JsonResponse
    {
        $text = (string) $request->validate(['text' => ['required', 'string', 'max:'.self::LONGEST_WISH]])['text'];
        $order = Order::query()->findOrFail($line->order_id);
        $wish = Wishes::read($order, $text);
        $missed = $wish->gather === null ? [] : ['Lines come to share a sheet on the order sheet, where they are chosen.'];
        $view = null;
        DB::beginTransaction();
        try {
            if ($wish->change !== [] && $wish->gather === null) {
                [$changed, $missed] = LineChanger::patchEach($order, [$line->id => $line->version], $wish->change);
                $view = $changed === [] ? null : LineView::of($changed[0], $this->computation->line($changed[0]));
            }
        } finally {
            DB::rollBack();
        }

        return response()->json([
            'parts' => $wish->line->parts(),
            'isSure' => $wish->line->isSure(),
            'missed' => $missed,
            // It isn't so yet: nothing is rendered of it.
            'line' => $view === null ? null : [...$view, 'version' => $line->version, 'planHash' => null],
        ]);
    }

    /** What is said of lines, done to each. */
    public function say(Request $request, Order $order): JsonResponse
    {
        $given = $request->validate([
            'text' => ['required', 'string', 'max:'.self::LONGEST_WISH],
            'lines' => ['required', 'array', 'min:1', 'max:'.self::MOST_LINES],
            'lines.*.id' => ['required', 'integer'],
            'lines.*.version' => ['required', 'integer'],
        ]);
        $wish = Wishes::read($order, $given['text']);
        if ($wish->gather !== null && $wish->change !== []) {
            return response()->json(['message' => 'Say by itself that they share a sheet, and the rest before it. Nothing was done.'], 422);
        }
        if ($wish->gather !== null) {
            [$made, $instead] = Wishes::gathered($order, array_values($given['lines']));

            return response()->json(['lines' => [], 'missed' => [], 'gathered' => ['line' => $made->id, 'instead' => $instead]]);
        }
        $seen = array_map(intval(...), array_column($given['lines'], 'version', 'id'));
        [$changed, $missed] = $wish->change === [] ? [[], []] : LineChanger::patchEach($order, $seen, $wish->change);
        $worked = $this->computation->order(Order::query()->findOrFail($order->id));

        return response()->json([
            'lines' => array_map(fn (Line $line): array => LineView::of($line, $worked->of($line)), $changed),
            'missed' => $missed,
            'gathered' => null,
        ]);
    }
}
