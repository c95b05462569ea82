<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\ClientAnswer;
use App\Models\Line;
use App\Models\Order;
use Illuminate\Support\Collection;

/** What clients have answered, line by line: the newest of each counts. */
final class Answers
{
    /** @return Collection<int, ClientAnswer> by line */
    public static function of(Order $order): Collection
    {
        $lines = Line::query()->where('order_id', $order->id)->select('id');
        $newest = ClientAnswer::query()->whereIn('line_id', $lines)->selectRaw('max(id)')->groupBy('line_id');

        /** @var Collection<int, ClientAnswer> $answers */
        $answers = ClientAnswer::query()->whereIn('id', $newest)->get()->keyBy('line_id');

        return $answers;
    }

    /**
     * For the studio, which knows its plans.
     *
     * @return HeardAnswerShape
     */
    public static function heard(ClientAnswer $answer): array
    {
        return [
            'isYes' => $answer->is_yes,
            'note' => $answer->note,
            'at' => $answer->created_at->toIso8601String(),
            'version' => $answer->plan_hash,
        ];
    }

    /**
     * For the client.
     *
     * @param  ?string  $hash  of the line's plan as it is now
     * @return ClientAnswerShape
     */
    public static function view(ClientAnswer $answer, ?string $hash): array
    {
        return [
            'isYes' => $answer->is_yes,
            'note' => $answer->note,
            'at' => $answer->created_at->toIso8601String(),
            'isOfThis' => $answer->plan_hash === $hash,
        ];
    }
}
