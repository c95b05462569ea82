<?php

declare(strict_types=1);

namespace App\Lists;

use App\Lines\Gatherer;
use App\Lines\LineChanger;
use App\Lines\StaleLine;
use App\Models\Line;
use App\Models\Order;
use Illuminate\Support\Facades\DB;
use Planisher\ClientList\SaidWish;
use Planisher\OrderFile\OrderFileError;

/** Wishes said of lines that are there, in words. */
final class Wishes
{
    private const CHEAPEST = 'cheapest';

    public static function read(Order $order, string $text): SaidWish
    {
        $of = SpokenOf::in($order);

        return SaidWish::read($text, $of->known, $of->pictures);
    }

    /**
     * Does to each line what was said; those that it can't be done to stay as they are.
     *
     * @param  list<array{id: int, version: int}>  $lines
     * @return array{list<Line>, list<string>} the lines that changed, and what could not be done, in words
     */
    public static function said(Order $order, SaidWish $wish, array $lines): array
    {
        $changed = [];
        $missed = [];
        DB::transaction(function () use ($order, $wish, $lines, &$changed, &$missed): void {
            foreach ($lines as ['id' => $id, 'version' => $version]) {
                $line = $order->lines()->whereKey($id)->firstOrFail();
                try {
                    $changed[] = LineChanger::patch($line, $version, $wish->change);
                    // @phpstan-ignore catch.neverThrown (thrown inside the change, behind the transaction)
                } catch (OrderFileError $e) {
                    $missed[] = "Line {$line->number}: {$e->getMessage()}";
                } catch (StaleLine) {
                    $missed[] = "Line {$line->number} was changed in another window meanwhile. It stayed as it is now.";
                }
            }
        });

        return [$changed, $missed];
    }

    /**
     * The prints of lines put on shared sheets, as was said.
     *
     * @param  list<array{id: int, version: int}>  $lines
     * @return array{Line, list<int>} the new line, and those it stands for
     */
    public static function gathered(Order $order, array $lines): array
    {
        return Gatherer::gather($order, $lines, [], null, self::CHEAPEST);
    }
}
