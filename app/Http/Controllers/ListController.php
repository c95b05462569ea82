<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\UploadName;
use App\Http\SeenLines;
use App\Http\Uploaded;
use App\Lines\Combiner;
use App\Lines\Computation;
use App\Lines\LineChanger;
use App\Lines\LineView;
use App\Lists\Brought;
use App\Lists\LastTime;
use App\Lists\ListRefused;
use App\Lists\ListView;
use App\Lists\SpokenOf;
use App\Lists\Wishes;
use App\Models\Line;
use App\Models\Order;
use App\Pictures\Incoming;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Planisher\OrderFile\OrderFileError;
use Planisher\OrderFile\Remark;
use Planisher\Reading\ReadList;
use Planisher\Reading\SaidWish;
use Planisher\Reading\TooMuch;

/** A client's list read and taken, and wishes said of lines, all in one grammar. */
final class ListController
{
    private const MOST_LINES = 500;

    private const LONGEST_WISH = 600;

    /** The one of a line's prints, and the block of letters or the mark, that something is said of */
    private const SAID_OF = [
        'cell' => ['nullable', 'integer', 'min:0'],
        'block' => ['nullable', 'string', 'regex:/^(?:caption|(?:lettering|overlays)\.\d{1,2})$/'],
    ];

    public function __construct(
        private readonly Computation $computation,
        private readonly LineChanger $changer,
        private readonly Combiner $combiner,
    ) {}

    /** What a list means, without doing anything. */
    public function read(Request $request, Order $order, ListView $view): JsonResponse
    {
        $given = $request->validate([
            'text' => ['present', 'nullable', 'string'],
            'chosen' => ['array', 'max:'.self::MOST_LINES],
            'chosen.*' => ['string', 'max:200'],
        ]);
        $of = SpokenOf::in($order);
        $chosen = array_values(array_intersect($of->pictures, $given['chosen'] ?? []));
        try {
            return response()->json($view->of($order, ReadList::read((string) $given['text'], $of->known, $of->pictures, $chosen)));
        } catch (TooMuch $e) {
            return response()->json(['message' => $e->getMessage()], 422);
        }
    }

    /** What the order's client had last time, said in words. */
    public function lastTime(Order $order, LastTime $last): JsonResponse
    {
        return response()->json(['lastTime' => $last->of($order)]);
    }

    /** The words of a file that a client has sent, and the pictures where it is an e-mail. */
    public function file(Request $request, Order $order, Incoming $incoming): JsonResponse
    {
        $file = Uploaded::file($request, 'list');
        try {
            $name = UploadName::of($file, 'list', Brought::ENDINGS);

            return response()->json(Brought::by($order, $file->getRealPath(), $name, $incoming));
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
                $line = $this->changer->add($order, $given['wanted']);
                isset($given['remark']) && $line->update(['remark' => $given['remark']]);

                return $line->id;
            }, array_values((array) $request->input('lines'))),
        );

        return response()->json(['lines' => $ids], 201);
    }

    /** What a line would be if something were said of it. */
    public function tried(Request $request, Line $line): JsonResponse
    {
        $given = $request->validate([
            'text' => ['required', 'string', 'max:'.self::LONGEST_WISH],
            ...self::SAID_OF,
        ]);
        $order = Order::query()->findOrFail($line->order_id);
        $wishes = $this->wishes($order, $given);
        $wish = $wishes->of($line);
        [$view, $missed] = [null, []];
        DB::beginTransaction();
        try {
            if ($wish->gather !== null) {
                [$view, $missed] = $this->gathered($wishes, $wish, $line);
            } elseif ($wish->change !== []) {
                $seen = $this->changer->tried($line, $wishes->changeOf($line));
                $view = LineView::of($seen, $this->computation->tried($order, $seen));
            }
        } catch (OrderFileError $e) {
            $missed = [$e->inWords()];
        } finally {
            DB::rollBack();
        }

        return response()->json([
            'parts' => $wish->line->parts(),
            'isSure' => $wish->line->isSure(),
            'missed' => $missed,
            // It isn't so yet: nothing is rendered of it.
            'line' => $view === null
                    ? null
                    : [...$view, 'id' => $line->id, 'number' => $line->number, 'version' => $line->version, 'planHash' => null],
        ]);
    }

    /**
     * The sheet that a line’s prints would share.
     *
     * @return array{?LineViewShape, list<string>} it, and what is to be told
     */
    private function gathered(Wishes $wishes, SaidWish $wish, Line $line): array
    {
        [$changed, $missed] = $wishes->change([$line->id => $line->version]);
        if ($changed === []) {
            return [null, $missed];
        }
        [$sheet, , $told] = $wishes->gather($wish, $changed);

        return [LineView::of($sheet, $this->computation->line($sheet)), [...$missed, ...$told]];
    }

    /** What is said of lines, done to each; what shares a sheet comes to do so last, and all of it is one act. */
    public function say(Request $request, Order $order): JsonResponse
    {
        $given = $request->validate([
            'text' => ['required', 'string', 'max:'.self::LONGEST_WISH],
            'lines' => ['required', 'array', 'min:1', 'max:'.self::MOST_LINES],
            ...self::SAID_OF,
            ...SeenLines::EACH,
        ]);
        $seen = SeenLines::in($given);
        $wishes = $this->wishes($order, $given);

        return response()->json(
            DB::transaction(function () use ($order, $wishes, $seen): array {
                [$changed, $missed] = $wishes->change($seen);
                $wish = $wishes->first();
                $ids = array_map(fn (Line $line): int => $line->id, $changed);
                $worked = $this->computation->lines(Order::query()->findOrFail($order->id), $ids);
                $lines = array_map(fn (Line $line): array => LineView::of($line, $worked->of($line)), $changed);
                [$made, $instead, $told] = $wish?->gather === null ? [null, [], []] : $wishes->gather($wish, $changed);

                return [
                    'lines' => $lines,
                    'missed' => [...$missed, ...$told],
                    'gathered' => $made === null ? null : ['line' => $made->id, 'instead' => $instead],
                ];
            }),
        );
    }

    /** @param  array{text?: ?string, cell?: ?int, block?: ?string, ...}  $given */
    private function wishes(Order $order, array $given): Wishes
    {
        return new Wishes(
            $this->computation,
            $this->changer,
            $this->combiner,
            $order,
            (string) ($given['text'] ?? ''),
            $given['cell'] ?? null,
            $given['block'] ?? null,
        );
    }
}
