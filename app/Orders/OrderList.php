<?php

declare(strict_types=1);

namespace App\Orders;

use App\Lines\OrderTitle;
use App\Models\Order;
use App\Models\Parcel;
use App\Models\Studio;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Planisher\Parcel\ParcelState;
use Planisher\State\LineState;

/** The studio's orders a page at a time: those on the desk by what they wait for, those that were put away, those removed. */
final class OrderList
{
    public const A_PAGE = 20;

    /** Whom an order waits for: its client while a page is shown and not all is answered, the lab when all is made, else the studio. */
    private const WAITS =
        "case when shown.asked > coalesce(answered.many, 0) then 'client' when counts.made = counts.many then 'lab' "."else 'me' end";

    public function __construct(private readonly OrderThumbnails $faces) {}

    /**
     * @param  string  $where  desk, me, client, lab, away or removed
     * @return OrdersShape
     */
    public function page(string $where, string $find, int $page): array
    {
        $many = $this->counts($find);
        $total = $many[$where];
        $page = max(1, min($page, (int) ceil($total / self::A_PAGE)));
        /** @var list<Order> $orders */
        $orders = $this->rows($where, $find)
            ->with(['client', 'lab'])
            ->orderByRaw(
                match ($where) {
                    'away' => 'orders.put_away_at desc, orders.id desc',
                    'removed' => 'orders.deleted_at desc, orders.id desc',
                    default => 'orders.due_on is null, orders.due_on, orders.id',
                },
            )
            ->forPage($page, self::A_PAGE)
            ->get()
            ->all();
        $this->marked($orders);
        $this->sent($orders);
        $faces = $this->faces->of($orders);

        return [
            'orders' => array_map(fn (Order $order): array => self::row($order, $faces[$order->id]), $orders),
            'counts' => $many,
            'page' => $page,
            'pages' => max(1, (int) ceil($total / self::A_PAGE)),
        ];
    }

    /** @return array{desk: int, me: int, client: int, lab: int, away: int, removed: int} */
    private function counts(string $find): array
    {
        $onDesk = $this->counted($this->found(Order::query()->where('orders.put_away_at', null), $find));
        $onDesk->selectRaw(self::WAITS.' as waits, count(*) as many')->groupBy('waits');
        $waits = $onDesk->toBase()->pluck('many', 'waits');
        $others = $this->found(Order::withTrashed(), $find);
        $others
            ->where(fn (Builder $any) => $any->whereNotNull('orders.put_away_at')->orWhereNotNull('orders.deleted_at'))
            ->selectRaw('sum(orders.deleted_at is null) as away, sum(orders.deleted_at is not null) as removed');
        $rest = $others->toBase()->first();

        return [
            'desk' => (int) $waits->sum(),
            'me' => (int) ($waits['me'] ?? 0),
            'client' => (int) ($waits['client'] ?? 0),
            'lab' => (int) ($waits['lab'] ?? 0),
            'away' => (int) ($rest->away ?? 0),
            'removed' => (int) ($rest->removed ?? 0),
        ];
    }

    /** @return Builder<Order> */
    private function rows(string $where, string $find): Builder
    {
        $orders = match ($where) {
            'away' => Order::query()->where('orders.put_away_at', '!=', null),
            'removed' => Order::onlyTrashed(),
            default => Order::query()->where('orders.put_away_at', null),
        };
        $rows = $this->counted($this->found($orders, $find));
        $rows
            ->select('orders.*')
            ->selectRaw(
                self::WAITS.
                    ' as waits, coalesce(counts.many, 0) as many, coalesce(counts.passed, 0) as passed, coalesce(counts.made, 0) as made, '.
                    "concat_ws(' ', orders.updated_at, counts.many, counts.versions, counts.at) as touched",
            );

        if (in_array($where, ['me', 'client', 'lab'], true)) {
            $rows->whereRaw(self::WAITS.' = ?', [$where]);
        }

        return $rows;
    }

    /**
     * With its lines counted, and those its client was asked about and has answered.
     *
     * @param  Builder<Order>  $orders
     * @return Builder<Order>
     */
    private function counted(Builder $orders): Builder
    {
        $lines = DB::table('lines')
            ->whereNull('deleted_at')
            ->groupBy('order_id')
            ->selectRaw(
                'order_id, count(*) as many, sum(state = ?) as passed, sum(state = ?) as made, '.
                    'sum(version) as versions, max(updated_at) as at',
                [LineState::Passed, LineState::Made],
            );
        $open = DB::table('client_pages')->whereNull('revoked_at')->where('expires_at', '>', now());
        $asked = DB::table('lines')
            ->whereNull('deleted_at')
            ->whereExists(fn ($picture) => $picture->from('line_pictures')->whereColumn('line_id', 'lines.id')) // others aren't shown
            ->whereIn('order_id', (clone $open)->select('order_id'))
            ->groupBy('order_id')
            ->selectRaw('order_id, count(*) as asked');
        $answered = DB::table('client_answers')
            ->join('lines', 'lines.id', '=', 'client_answers.line_id')
            ->whereNull('lines.deleted_at')
            ->whereIn('client_page_id', (clone $open)->select('id'))
            ->groupBy('lines.order_id')
            ->selectRaw('lines.order_id, count(distinct lines.id) as many');

        $orders
            ->leftJoinSub($lines, 'counts', 'counts.order_id', '=', 'orders.id')
            ->leftJoinSub($asked, 'shown', 'shown.order_id', '=', 'orders.id')
            ->leftJoinSub($answered, 'answered', 'answered.order_id', '=', 'orders.id');

        return $orders;
    }

    /**
     * Those in which every word of what is looked for is somewhere, or that have a size or a day that is all of it.
     *
     * @param  Builder<Order>  $query
     * @return Builder<Order>
     */
    private function found(Builder $query, string $find): Builder
    {
        if ($find === '') {
            return $query;
        }
        $like = fn (string $word): string => '%'.addcslashes($word, '%_\\').'%';
        $any = fn (Builder $any, string $words) => $any
            ->where('orders.number', 'like', $like($words))
            ->orWhere('orders.title', 'like', $like($words))
            ->orWhereHas('client', fn (Builder $client) => $client->where('name', 'like', $like($words)))
            ->orWhereHas('lab', fn (Builder $lab) => $lab->where('name', 'like', $like($words)))
            ->orWhereHas('pictures', fn (Builder $picture) => $picture->where('name', 'like', $like($words)));
        $size = Found::size($find, Studio::current()->unit);
        $day = Found::day($find);

        return $query->where(
            fn (Builder $all) => $all
                ->where(function (Builder $every) use ($find, $any): void {
                    foreach (preg_split('/\s+/u', $find) ?: [] as $word) {
                        $every->where(fn (Builder $one) => $any($one, $word));
                    }
                })
                ->when($size !== null, fn (Builder $or) => $or->orWhereHas('lines', fn (Builder $line) => $line->where('size_key', $size)))
                ->when($day !== null, fn (Builder $or) => $or->orWhereDate('due_on', $day)->orWhereDate('ordered_on', $day)),
        );
    }

    /**
     * A mark in a picture moves what is printed of it, so a face depends on it, too.
     *
     * @param  list<Order>  $orders
     */
    private function marked(array $orders): void
    {
        $at = DB::table('order_pictures')
            ->join('pictures', 'pictures.id', '=', 'order_pictures.picture_id')
            ->whereIn('order_id', array_map(fn (Order $order): int => $order->id, $orders))
            ->groupBy('order_id')
            ->selectRaw('order_id, max(pictures.updated_at) as at')
            ->pluck('at', 'order_id');
        foreach ($orders as $order) {
            $order->setAttribute('touched', "{$order->getAttribute('touched')} {$order->lab->version} ".($at[$order->id] ?? ''));
        }
    }

    /**
     * Where the newest parcel of each is.
     *
     * @param  list<Order>  $orders
     */
    private function sent(array $orders): void
    {
        $newest = Parcel::query()->whereIn('order_id', array_map(fn (Order $order): int => $order->id, $orders));
        $at = $newest
            ->get(['id', 'order_id', 'state', 'handed_over_on'])
            ->sortBy('id')
            ->keyBy('order_id');
        foreach ($orders as $order) {
            $parcel = $at[$order->id] ?? null;
            $order->setAttribute('parcel', $parcel?->handed_over_on === null ? $parcel?->state->value : ParcelState::Sent->value);
        }
    }

    /**
     * @param  list<OrderFaceShape>  $face
     * @return OrderRowShape
     */
    private static function row(Order $order, array $face): array
    {
        return OrderTitle::of($order) + [
            'waitsFor' => $order->getAttribute('waits'),
            'lines' => (int) $order->getAttribute('many'),
            'passed' => (int) $order->getAttribute('passed'),
            'made' => (int) $order->getAttribute('made'),
            'parcel' => $order->getAttribute('parcel'),
            'face' => $face,
        ];
    }
}
