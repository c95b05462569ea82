<?php

declare(strict_types=1);

namespace App\Orders;

use App\Lines\Computation;
use App\Lines\LineChanger;
use App\Lines\WorkedOrder;
use App\Models\Line;
use App\Models\Order;
use Illuminate\Database\Eloquent\Collection;
use Planisher\Description\LineSentence;
use Planisher\Finding\Finding;
use Planisher\Finding\Severity;
use Planisher\Lab\LabCard;
use Planisher\Measure\Figure;
use Planisher\Order\WorkedLine;
use Planisher\State\LineState;

/** Which lines that aren't made yet come out otherwise under another lab card: told before it is kept. */
final class WhatChanges
{
    public function __construct(private readonly Computation $computation, private readonly LineChanger $changer) {}

    /**
     * @param  iterable<Order>  $orders
     * @return list<array{order: int, number: string, client: string, line: int, lineNumber: int, short: string, how: string, says: string}>
     */
    public function under(LabCard $card, iterable $orders): array
    {
        $told = [];
        foreach ($orders as $order) {
            foreach ($this->of($order, $card) as [$line, $before, $after]) {
                $said = self::said($before, $after);
                if ($said !== null) {
                    $told[] = [
                        'order' => $order->id,
                        'number' => $order->number,
                        'client' => $order->client->name,
                        'line' => $line->id,
                        'lineNumber' => $line->number,
                        'short' => LineSentence::short($after->at),
                        'how' => $said[0],
                        'says' => $said[1],
                    ];
                }
            }
        }

        return $told;
    }

    /**
     * Runs a change, and opens the passed lines again whose files come out otherwise by it.
     *
     * @param  iterable<Order>  $orders
     */
    public function keep(LabCard $card, iterable $orders, callable $change): void
    {
        $opened = [];
        foreach ($orders as $order) {
            foreach ($this->of($order, $card) as [$line, $before, $after]) {
                if ($line->state === LineState::Passed && in_array(self::said($before, $after)[0] ?? '', ['changes', 'stops'], true)) {
                    $opened[] = $line;
                }
            }
        }
        $change();
        array_map($this->changer->reopen(...), $opened);
    }

    /** @return iterable<array{Line, WorkedLine, WorkedLine}> each line that isn't made, as it is and as it would be */
    private function of(Order $order, LabCard $card): iterable
    {
        $lines = $order->lines->filter(fn (Line $line): bool => $line->state !== LineState::Made);
        if ($lines->isEmpty()) {
            return;
        }
        [$now, $then] = [$this->computation->order($order), $this->computation->order($order, card: $card)];
        foreach ($lines as $line) {
            yield [$line, $now->of($line), $then->of($line)];
        }
    }

    /** @return ?array{string, string} how (stops, changes, looks, frees), and what is said of it */
    private static function said(WorkedLine $before, WorkedLine $after): ?array
    {
        $worst = $after->worst();
        $known = array_map(fn (Finding $finding): string => $finding->code.$finding->text, $before->findings);
        $new = array_values(
            array_filter(
                $after->findings,
                fn (Finding $finding): bool => $finding->level === Severity::Warning &&
                    ! in_array($finding->code.$finding->text, $known, true),
            ),
        );

        return match (true) {
            $after->isStopped() && ! $before->isStopped() => ['stops', "{$worst->title}."],
            $before->isStopped() && ! $after->isStopped() => ['frees', 'It is stopped no more.'],
            $before->plan?->hash() !== $after->plan?->hash() => ['changes', self::otherwise($before, $after)],
            (string) $before->name !== (string) $after->name => ['changes', "Its file is called {$after->name}."],
            $new !== [] => ['looks', "{$new[0]->title}."],
            default => null,
        };
    }

    private static function otherwise(WorkedLine $before, WorkedLine $after): string
    {
        [$was, $will] = [$before->plan?->files[0], $after->plan?->files[0]];
        if ($was === null || $will === null) {
            return 'It is made otherwise.';
        }
        $size = Figure::pixels($will->width, $will->height);

        return match (true) {
            $was->encoding->target() != $will->encoding->target() => "It is converted to {$will->encoding->profileDescription()}.",
            $was->encoding->format !== $will->encoding->format => "It becomes a {$will->encoding->format->label()}.",
            [$was->width, $was->height] !== [$will->width, $will->height] => "It comes out in {$size}.",
            $was->encoding->quality !== $will->encoding->quality => "Its JPEG has quality {$will->encoding->quality}.",
            default => 'It is made otherwise.',
        };
    }

    /**
     * The orders that a lab's card counts for still, those that were put away among them: they can come back.
     *
     * @return Collection<int, Order>
     */
    public static function ordersOf(int $labId): Collection
    {
        return Order::query()
            ->with(WorkedOrder::RELATIONS)
            ->where('lab_id', $labId)
            ->whereHas('lines', fn ($line) => $line->where('state', '!=', LineState::Made))
            ->get()
            ->sortBy(fn (Order $order): array => [$order->due_on === null, $order->due_on, $order->id]);
    }
}
