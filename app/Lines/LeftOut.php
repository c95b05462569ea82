<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\Line;
use App\Models\Order;
use Planisher\State\LineState;

/** Lines of which no files are made since nobody has passed them: told where files are, so that none is forgotten. */
final class LeftOut
{
    public function __construct(private readonly KeptLineViews $lines) {}

    /** @return list<LeftOutShape> none while nothing of the order is passed or made */
    public function of(Order $order): array
    {
        $lines = $order->lines()->get(['id', 'order_id', 'number', 'version', 'state']);
        if ($lines->every(fn (Line $line): bool => $line->state === LineState::Open)) {
            return [];
        }
        $open = $lines->where('state', LineState::Open);
        $told = $open->isEmpty() ? [] : $this->lines->of($order)->told;

        return array_values(
            $open
                ->map(
                    fn (Line $line): array => [
                        'id' => $line->id,
                        'number' => $line->number,
                        'version' => $line->version,
                        'short' => $told[$line->id]['short'],
                        'canPass' => $told[$line->id]['canPass'],
                    ],
                )
                ->all(),
        );
    }
}
