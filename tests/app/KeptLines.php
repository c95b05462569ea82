<?php

declare(strict_types=1);

namespace Tests\app;

use App\Lines\Computation;
use App\Lines\KeptLineViews;
use App\Lines\LineView;
use App\Models\Line;
use App\Models\Order;
use Illuminate\Routing\Route;
use PHPUnit\Framework\Assert;

/** Holds the lines that pages are told as they were kept against the same lines, worked. */
final class KeptLines
{
    private const PAGES = ['api/orders/{order}', 'api/orders/{order}/parcels'];

    public static function check(?Route $route): void
    {
        $order = in_array($route?->uri(), self::PAGES, true) ? $route->parameter('order') : null;
        $now = $order instanceof Order ? Order::query()->find($order->id) : null;
        if ($now === null) {
            return;
        }
        $kept = app(KeptLineViews::class)->of($now)->json;
        $worked = app(Computation::class)->order($now);
        $fresh = array_map(fn (Line $line): string => (string) json_encode(LineView::of($line, $worked->of($line))), $now->lines->all());
        Assert::assertSame($fresh, $kept, 'Lines are kept otherwise than they are.');
    }
}
