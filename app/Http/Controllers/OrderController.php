<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Lines\OrderView;
use App\Models\Client;
use App\Models\Lab;
use App\Models\Order;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

final class OrderController
{
    private const MOST_ROWS = 60;

    public function __construct(private readonly OrderView $view) {}

    public function index(Request $request): JsonResponse
    {
        $find = trim((string) ($request->validate(['find' => ['nullable', 'string', 'max:200']])['find'] ?? ''));
        $like = '%'.addcslashes($find, '%_\\').'%';
        $orders = Order::query()
            ->with(['client', 'lab', 'lines.pictures.orderPicture.picture'])
            ->when(
                $find !== '',
                fn (Builder $query) => $query->where(
                    fn (Builder $any) => $any
                        ->where('number', 'like', $like)
                        ->orWhere('title', 'like', $like)
                        ->orWhereHas('client', fn (Builder $client) => $client->where('name', 'like', $like))
                        ->orWhereHas('pictures', fn (Builder $picture) => $picture->where('name', 'like', $like)),
                ),
            )
            ->orderByRaw('due_on is null, due_on, id')
            ->limit(self::MOST_ROWS)
            ->get()
            ->all();

        return response()->json(['orders' => array_map($this->view->row(...), $orders)]);
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
            [
                'client.required' => 'Say whose order it is.',
                'lab.*' => 'Choose the lab it goes to.',
                'dueOn.date_format' => 'Write the day as YYYY-MM-DD.',
            ],
        );
        $order = Order::query()->create([
            'number' => Order::nextNumber(Carbon::today()),
            'title' => $given['title'] ?? null,
            'client_id' => Client::query()->firstOrCreate(['name' => trim($given['client'])])->id,
            'lab_id' => Lab::query()->where('name', $given['lab'])->firstOrFail()->id,
            'ordered_on' => Carbon::today(),
            'due_on' => $given['dueOn'] ?? null,
        ]);

        return response()->json(['id' => $order->id], 201);
    }

    public function show(Order $order): JsonResponse
    {
        return response()->json($this->view->sheet($order));
    }
}
