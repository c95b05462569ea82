<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clients\Answers;
use App\Clients\Links;
use App\History\History;
use App\Models\ClientPage;
use App\Models\Order;
use App\Studio\MarkStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The studio's side of what a client is shown: links made and revoked, how often they were seen, what was answered. */
final class ClientPageController
{
    public const USUAL_DAYS = 14;

    public const MOST_DAYS = 90;

    public function index(Order $order): JsonResponse
    {
        $said = Answers::of($order)->map(Answers::heard(...));
        $pages = ClientPage::query()->where('order_id', $order->id)->get()->sortByDesc('id')->values();

        return response()->json(['pages' => $pages->map(self::shown(...))->all(), 'answers' => (object) $said->all()]);
    }

    public function store(Request $request, Order $order): JsonResponse
    {
        $given = $request->validate([
            'days' => ['sometimes', 'integer', 'min:1', 'max:'.self::MOST_DAYS],
            'mark' => ['nullable', 'string', 'max:100'],
            'reopens' => ['sometimes', 'boolean'],
        ]);
        $mark = $given['mark'] ?? null;
        MarkStore::need($mark === null ? [] : [$mark]);
        $page = ClientPage::query()->create([
            'order_id' => $order->id,
            'mark' => $mark,
            'reopens' => (bool) ($given['reopens'] ?? false),
            'expires_at' => now()->addDays((int) ($given['days'] ?? self::USUAL_DAYS)),
        ]);

        History::note($order->id, 'showed it to the client');

        return response()->json(self::shown($page), 201);
    }

    public function revoke(ClientPage $page): JsonResponse
    {
        $page->update(['revoked_at' => $page->revoked_at ?? now()]);
        History::note($page->order_id, 'revoked the client’s link');

        return response()->json(self::shown($page));
    }

    /** @return ClientPageShape */
    private static function shown(ClientPage $page): array
    {
        return [
            'id' => $page->id,
            'url' => Links::page($page),
            'isOpen' => $page->isOpen(),
            'isRevoked' => $page->revoked_at !== null,
            'expiresOn' => $page->expires_at->format('Y-m-d'),
            'mark' => $page->mark,
            'reopens' => $page->reopens,
            'seen' => $page->seen,
            'lastSeenAt' => $page->last_seen_at?->toIso8601String(),
        ];
    }
}
