<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\Line;
use App\Models\Order;
use App\Views\CodeVersion;
use App\Views\KeptLosses;
use Illuminate\Support\Facades\Cache;

/**
 * An order's lines as the screens get them, kept by all that they come from (LineHashes) and what was measured of them. Of three hundred
 * lines only those that were changed are worked.
 *
 * What is kept of a line is its JSON, what other pages tell of it, too, what the measure of its colours is kept under (`loss`), and what
 * that was then (`seen`).
 *
 * @phpstan-import-type Told from LineViews
 *
 * @phpstan-type Kept array{json: string, told: Told, loss: ?string, seen: ?string}
 */
final class KeptLineViews
{
    private const KEPT_SECONDS = 604_800;

    /** Of an order, packed; what is larger is worked each time. */
    private const MOST_BYTES = 4_000_000;

    private const QUICKLY = 1;

    public function __construct(
        private readonly Computation $computation,
        private readonly LineHashes $hashes,
        private readonly KeptLosses $losses,
    ) {}

    public function of(Order $order): LineViews
    {
        $hashes = $this->hashes->of($order);
        $kept = array_intersect_key($this->kept($order), array_flip($hashes));
        $seen = $this->losses->heldUnder(array_values(array_filter(array_column($kept, 'loss'))));
        $isAsItIs = fn (string $hash): bool => isset($kept[$hash]) &&
            ($kept[$hash]['loss'] === null || $seen[$kept[$hash]['loss']] === $kept[$hash]['seen']);
        $new = array_keys(array_filter($hashes, fn (string $hash): bool => ! $isAsItIs($hash)));
        foreach ($new === [] ? [] : $this->worked($order, $new) as $id => $line) {
            $kept[$hashes[$id]] = $line;
        }
        count($new) > config('planisher.lines.workedAnew') && self::keep($order, $kept);
        $there = array_filter($hashes, fn (string $hash): bool => isset($kept[$hash])); // else it was removed in this moment
        $its = array_map(fn (string $hash): array => $kept[$hash], $there);
        $isAllMeasured = array_filter($its, fn (array $of): bool => $of['loss'] !== null && $of['seen'] === null) === [];

        return new LineViews(
            array_values(array_column($its, 'json')),
            array_map(fn (array $of): array => $of['told'], $its),
            $isAllMeasured,
        );
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, Kept> by the line's id
     */
    private function worked(Order $order, array $ids): array
    {
        $lines = $this->computation->lines($order, $ids);
        $all = [];
        foreach ($lines->lines() as $id => $line) {
            $worked = $lines->of($line);
            $view = LineView::of($line, $worked);
            $loss = $worked->plan === null ? null : KeptLosses::keyOf($worked->plan, $lines->paperProfile($line));
            $all[$id] = [
                'json' => json_encode($view, JSON_THROW_ON_ERROR),
                'told' => [
                    'short' => $view['short'],
                    'goes' => $view['goes'],
                    'canPass' => $worked->isFine() && ! $worked->line->isSeenFirst(),
                ],
                'loss' => $loss,
                'seen' => $loss === null ? null : $this->losses->heldUnder([$loss])[$loss],
            ];
        }

        return $all;
    }

    /** @return array<string, Kept> by what they come from */
    private function kept(Order $order): array
    {
        $packed = Cache::get(self::key($order));
        $kept = is_string($packed) ? @gzinflate((string) base64_decode($packed)) : false;
        $kept = $kept === false ? null : unserialize($kept, ['allowed_classes' => false]);

        return is_array($kept) ? $kept : [];
    }

    /** @param  array<string, Kept>  $lines  by what they come from; packed, a line takes half a kilobyte */
    private static function keep(Order $order, array $lines): void
    {
        $packed = base64_encode((string) gzdeflate(serialize($lines), self::QUICKLY));
        strlen($packed) > self::MOST_BYTES || Cache::put(self::key($order), $packed, self::KEPT_SECONDS);
    }

    private static function key(Order $order): string
    {
        return "lines-of-{$order->id}-".CodeVersion::now();
    }
}
