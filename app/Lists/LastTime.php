<?php

declare(strict_types=1);

namespace App\Lists;

use App\Models\Order;
use Planisher\Finish\CombinesPrints;
use Planisher\Finish\Finishes;
use Planisher\State\LineState;

/**
 * What a client had last time: how the prints of their last order were made, without what is one picture's own. It is offered in words
 * and never applied by itself.
 */
final readonly class LastTime
{
    private const MOST_KINDS = 4;

    /** What is said of one picture, and means nothing for the next. */
    private const OF_ONE_PICTURE = ['picture', 'window', 'turn', 'subject', 'name', 'lettering'];

    public function __construct(private ListView $view) {}

    /** @return LastTimeShape['lastTime'] null where there is no order before that had a print */
    public function of(Order $order): ?array
    {
        $query = Order::query()
            ->where('client_id', $order->client_id)
            ->whereKeyNot($order->id)
            ->where('ordered_on', '<=', $order->ordered_on)
            ->whereHas('lines', fn ($lines) => $lines->whereIn('state', [LineState::Passed, LineState::Made]));
        $query->latest('ordered_on')->latest('id')->limit(1);
        $last = $query->get()->first();
        $kinds = $last === null ? [] : self::kinds($last);

        return $last === null || $kinds === []
            ? null
            : [
                'order' => ['id' => $last->id, 'number' => $last->number, 'orderedOn' => $last->ordered_on->format('Y-m-d')],
                'had' => $this->told($order, $kinds),
            ];
    }

    /**
     * How its prints were made, the most frequent first.
     *
     * @return list<array{wanted: LineForm, lines: int}>
     */
    private static function kinds(Order $last): array
    {
        $kinds = [];
        foreach ($last->load('lines.pictures.orderPicture.picture')->lines as $line) {
            $isShared = Finishes::of($line->line()) instanceof CombinesPrints;
            if ($line->state === LineState::Open || $isShared || count($line->names()) !== 1) {
                continue;
            }
            $wanted = array_diff_key($line->wanted, array_flip(self::OF_ONE_PICTURE));
            $kinds[(string) json_encode($wanted)] ??= ['wanted' => $wanted, 'lines' => 0];
            $kinds[(string) json_encode($wanted)]['lines']++;
        }
        usort($kinds, fn (array $one, array $other): int => $other['lines'] <=> $one['lines']);

        return array_slice($kinds, 0, self::MOST_KINDS);
    }

    /**
     * @param  list<array{wanted: LineForm, lines: int}>  $kinds
     * @return list<HadBeforeShape>
     */
    private function told(Order $order, array $kinds): array
    {
        $said = $this->view->kinds($order, array_column($kinds, 'wanted'));

        return array_map(
            fn (array $kind, string $told): array => [
                'wanted' => (object) $kind['wanted'],
                'lines' => $kind['lines'],
                'said' => $told,
            ],
            $kinds,
            $said,
        );
    }
}
