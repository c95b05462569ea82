<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\History;
use App\Http\SeenVersion;
use App\Models\Client;
use App\Models\Lab;
use App\Models\Order;
use App\Orders\Copied;
use App\Orders\OrderList;
use App\Orders\OrderView;
use App\Orders\WhatChanges;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;

final class OrderController
{
    private const WRONG = [
        'client.required' => 'Say whose order it is.',
        'client.max' => 'A client’s name has 120 letters at most.',
        'lab.*' => 'Choose the lab it goes to.',
        'dueOn.date_format' => 'Write the day as YYYY-MM-DD.',
        'title.max' => 'What it is called has 120 letters at most.',
        'remark.max' => 'A remark has 2000 letters at most.',
        'remarkForLab.max' => 'A remark has 2000 letters at most.',
    ];

    public function __construct(
        private readonly OrderView $view,
        private readonly OrderList $list,
        private readonly WhatChanges $changes,
    ) {}

    public function index(Request $request): JsonResponse
    {
        $given = $request->validate([
            'where' => ['nullable', 'in:desk,me,client,lab,away,removed'],
            'find' => ['nullable', 'string', 'max:200'],
            'page' => ['nullable', 'integer', 'min:1', 'max:1000000'],
        ]);

        return response()->json($this->list->page($given['where'] ?? 'desk', trim($given['find'] ?? ''), (int) ($given['page'] ?? 1)));
    }

    /** What a new order can be made of. */
    public function choices(): JsonResponse
    {
        return response()->json([
            'labs' => Lab::query()->orderBy('name')->pluck('name'),
            'clients' => Client::query()->orderBy('name')->pluck('name'),
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $given = $request->validate(
            [
                'client' => ['required', 'string', 'max:120'],
                'lab' => ['required', 'string', 'exists:labs,name'],
                'title' => ['nullable', 'string', 'max:120'],
                'dueOn' => ['nullable', 'date_format:Y-m-d'],
            ],
            self::WRONG,
        );
        $order = Order::opened(Carbon::today(), [
            'title' => $given['title'] ?? null,
            'client_id' => Client::query()->firstOrCreate(['name' => trim($given['client'])])->id,
            'lab_id' => Lab::query()->where('name', $given['lab'])->firstOrFail()->id,
            'due_on' => $given['dueOn'] ?? null,
        ]);
        History::note($order->id, 'opened the order');

        return response()->json(['id' => $order->id], 201);
    }

    public function show(Order $order): JsonResponse
    {
        return JsonResponse::fromJsonString($this->view->sheet($order));
    }

    /** Its head: client, name, day, lab, remarks; what is left out stays. Another lab plans every line anew. */
    public function update(Request $request, Order $order): JsonResponse
    {
        $given = $request->validate(
            [
                'client' => ['sometimes', 'required', 'string', 'max:120'],
                'lab' => ['sometimes', 'required', 'string', 'exists:labs,name'],
                'title' => ['sometimes', 'nullable', 'string', 'max:120'],
                'dueOn' => ['sometimes', 'nullable', 'date_format:Y-m-d'],
                'remark' => ['sometimes', 'nullable', 'string', 'max:2000'],
                'remarkForLab' => ['sometimes', 'nullable', 'string', 'max:2000'],
            ],
            self::WRONG,
        );
        $change = [];
        $names = ['title' => 'title', 'dueOn' => 'due_on', 'remark' => 'remark', 'remarkForLab' => 'remark_for_lab'];
        foreach (array_intersect_key($names, $given) as $key => $column) {
            $change[$column] = $given[$key];
        }
        if (isset($given['client'])) {
            $change['client_id'] = Client::query()->firstOrCreate(['name' => trim($given['client'])])->id;
        }

        return SeenVersion::change($request, $order, 'The order', OrderView::head(...), function (Order $now) use ($given, $change): null {
            $lab = isset($given['lab']) ? Lab::query()->where('name', $given['lab'])->firstOrFail() : $now->lab;
            $keep = function () use ($now, $change, $lab): void {
                $now->fill($change + ['lab_id' => $lab->id]);
                $said = self::said($now);
                $now->save();
                $said === null || History::note($now->id, $said);
            };
            $lab->is($now->lab) ? $keep() : $this->changes->keep($lab->labCard(), [$now], $keep);

            return null;
        });
    }

    /** Which lines come out otherwise at another lab. */
    public function tried(Request $request, Order $order): JsonResponse
    {
        $given = $request->validate(['lab' => ['required', 'string', 'exists:labs,name']]);
        $lab = Lab::query()->where('name', $given['lab'])->firstOrFail();

        return response()->json(['lines' => $this->changes->under($lab->labCard(), [$order])]);
    }

    public function copy(Order $order): JsonResponse
    {
        return response()->json(['id' => Copied::from($order)->id], 201);
    }

    /** Off the desk, and kept. */
    public function putAway(Order $order): JsonResponse
    {
        $order->update(['put_away_at' => Carbon::now()]);
        History::note($order->id, 'put it away');

        return response()->json(OrderView::head($order));
    }

    public function bringBack(Order $order): JsonResponse
    {
        $order->update(['put_away_at' => null]);
        History::note($order->id, 'brought it back');

        return response()->json(OrderView::head($order));
    }

    /** Removed, and kept for thirty days. */
    public function destroy(Order $order): Response
    {
        $order->delete();
        History::note($order->id, 'removed it');

        return response()->noContent();
    }

    public function restore(Order $order): JsonResponse
    {
        $order->restore();
        History::note($order->id, 'brought it back');

        return response()->json(OrderView::head($order));
    }

    public function history(Order $order): JsonResponse
    {
        $events = $order->events()->latest('id')->limit(500)->get();

        return response()->json([
            'events' => $events->map(
                fn ($event): array => [
                    'id' => $event->id,
                    'line' => $event->line_number,
                    'who' => $event->who,
                    'what' => $event->what,
                    'at' => $event->updated_at->toIso8601String(),
                ],
            ),
        ]);
    }

    private static function said(Order $order): ?string
    {
        $words = [
            'client_id' => 'its client',
            'title' => 'what it is called',
            'due_on' => 'its day',
            'lab_id' => 'its lab',
            'remark' => 'its remark',
            'remark_for_lab' => 'its remark for the lab',
        ];
        $said = array_intersect_key($words, $order->getDirty());

        return $said === [] ? null : 'changed '.implode(' and ', $said);
    }
}
