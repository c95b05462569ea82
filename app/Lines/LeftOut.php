<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\Line;
use App\Models\Order;
use Illuminate\Database\Eloquent\Collection;
use Planisher\State\LineState;

/** Lines of which no files are made since nobody has passed them: told where files are, so that none is forgotten. */
final class LeftOut
{
    public function __construct(private readonly KeptLineViews $lines) {}

    /** @return list<LeftOutShape> */
    public function of(Order $order): array
    {
        $lines = $order->lines()->get(['id', 'order_id', 'number', 'version', 'state']);

        return self::isAny($lines) ? self::among($lines, $this->lines->of($order)->told) : [];
    }

    /**
     * @param  Collection<int, Line>  $lines  all of an order
     * @param  array<int, array{short: string, canPass: bool, ...}>  $told  of them, by their ids; of one that was removed meanwhile nothing
     * @return list<LeftOutShape> none while nothing of the order is passed or made
     */
    public static function among(Collection $lines, array $told): array
    {
        $open = self::isAny($lines) ? $lines->where('state', LineState::Open) : [];
        $left = array_filter([...$open], fn (Line $line): bool => isset($told[$line->id]));
        $shape = fn (Line $line): array => [
            'id' => $line->id,
            'number' => $line->number,
            'version' => $line->version,
            'short' => $told[$line->id]['short'],
            'canPass' => $told[$line->id]['canPass'],
        ];

        return array_values(array_map($shape, $left));
    }

    /** @param  Collection<int, Line>  $lines */
    private static function isAny(Collection $lines): bool
    {
        $open = $lines->where('state', LineState::Open)->count();

        return $open > 0 && $open < $lines->count();
    }
}
