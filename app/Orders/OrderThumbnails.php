<?php

declare(strict_types=1);

namespace App\Orders;

use App\Lines\Computation;
use App\Lines\LineView;
use App\Lines\WorkedOrder;
use App\Models\Line;
use App\Models\Order;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Cache;

/** What one knows an order by at a glance: its first few prints, no picture twice while there are others. */
final class OrderThumbnails
{
    private const MOST = 4;

    /** Of a shared sheet */
    private const MOST_PRINTS = 12;

    private const KEPT_SECONDS = 2_592_000;

    public function __construct(private readonly Computation $computation) {}

    /**
     * Kept until something of the order or its lab card changes, so that a page of orders works no plan.
     *
     * @param  list<Order>  $orders  each with its lab, and `touched`: what its face depends on
     * @return array<int, list<OrderFaceShape>> by the order's id
     */
    public function of(array $orders): array
    {
        $keys = [];
        foreach ($orders as $order) {
            $keys[$order->id] = "face-1-{$order->id}-".substr(hash('sha256', (string) $order->getAttribute('touched')), 0, 16);
        }
        $kept = Cache::many(array_values($keys));
        $missing = array_filter($orders, fn (Order $order): bool => ! is_array($kept[$keys[$order->id]] ?? null));
        (new Collection($missing))->loadMissing(WorkedOrder::RELATIONS);
        $faces = $new = [];
        foreach ($orders as $order) {
            $faces[$order->id] = $kept[$keys[$order->id]] ?? ($new[$keys[$order->id]] = $this->drawn($order));
        }
        $new === [] || Cache::putMany($new, self::KEPT_SECONDS);

        return $faces;
    }

    /** @return list<OrderFaceShape> */
    private function drawn(Order $order): array
    {
        $chosen = self::chosen($order->lines->all());
        $worked = $this->computation->drawn($order, ...$chosen);

        return array_map(function (Line $line) use ($worked): array {
            $at = $worked->of($line)->at;
            $picture = $line->pictureAt(0);

            return [
                'id' => $line->id,
                'drawing' => self::slim(LineView::drawing($at)),
                'picture' => $picture === null ? null : LineView::picture($picture),
            ];
        }, $chosen);
    }

    /**
     * @param  array<Line>  $lines
     * @return list<Line>
     */
    private static function chosen(array $lines): array
    {
        $seen = [];
        $fresh = $again = [];
        foreach ($lines as $line) {
            $picture = $line->pictureAt(0)->id ?? null;
            if ($picture === null) {
                continue;
            }
            isset($seen[$picture]) ? ($again[] = $line) : ($fresh[] = $line);
            $seen[$picture] = true;
        }

        return array_slice([...$fresh, ...$again], 0, self::MOST);
    }

    /**
     * Without what can't be seen that small.
     *
     * @param  ?DrawingFiguresShape  $drawing
     * @return ?DrawingFiguresShape
     */
    private static function slim(?array $drawing): ?array
    {
        if ($drawing === null) {
            return null;
        }
        $drawing = [...$drawing, 'dimensions' => [], 'joints' => [], 'cuts' => [], 'cutsSaid' => []];
        $drawing['added'] = ['caption' => null, 'lettering' => [], 'overlays' => []];
        $drawing['prints'] = array_map(
            fn (array $print): array => [...$print, 'dimensions' => [], 'label' => ''],
            array_slice($drawing['prints'], 0, self::MOST_PRINTS),
        );
        array_walk_recursive($drawing, function (mixed &$value): void {
            $value = is_float($value) ? round($value, 1) : $value;
        });

        /** @var DrawingFiguresShape $drawing rounding changes no shape */
        return $drawing;
    }
}
