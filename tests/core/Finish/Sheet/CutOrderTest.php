<?php

declare(strict_types=1);

namespace Tests\core\Finish\Sheet;

use PHPUnit\Framework\TestCase;
use Planisher\Finish\Sheet\Arranging\CutOrder;
use Planisher\Finish\Sheet\Arranging\GuillotineCut;
use Planisher\Finish\Sheet\CutsWording;
use Planisher\Measure\Box;
use Planisher\Measure\Unit;

final class CutOrderTest extends TestCase
{
    private const INCH = 25_400_000;

    /** @param  list<array{float|int, float|int, float|int, float|int}>  $cells  left, top, width and height in inches */
    private static function order(float|int $width, float|int $height, array $cells): CutOrder
    {
        $box = fn (float|int ...$sides): Box => new Box(...array_map(fn (float|int $side): int => (int) round($side * self::INCH), $sides));

        return CutOrder::of($box(0, 0, $width, $height), array_map(fn (array $cell): Box => $box(...$cell), $cells));
    }

    public function test_a_sheet_of_three_is_cut_in_words(): void
    {
        $order = self::order(6, 4, [[0, 0, 3, 4], [3, 0, 3, 2], [3, 2, 3, 2]]);
        self::assertSame(
            '1 straight down at 3 in; 2 straight across at 2 in of the piece of 3 × 4 in.',
            str_replace("\u{2009}", ' ', CutsWording::of($order, Unit::Inch)),
        );
        self::assertSame(0.0, $order->offcut);
        self::assertSame([], $order->stuck);
    }

    public function test_what_is_left_over_at_an_edge_is_cut_off_in_one_go_first(): void
    {
        $order = self::order(8, 10, [[0, 0, 3.5, 5], [3.5, 0, 3.5, 5], [0, 5, 3.5, 5], [3.5, 5, 3.5, 5]]);
        self::assertCount(4, $order->cuts);
        self::assertTrue($order->cuts[0]->isDown);
        self::assertEqualsWithDelta(7 * self::INCH, $order->cuts[0]->at, 1);
        self::assertEqualsWithDelta(10 * self::INCH ** 2, $order->offcut, 1e6);
    }

    public function test_every_cut_goes_straight_across_the_piece_it_cuts_and_the_largest_is_cut_next(): void
    {
        $order = self::order(12, 18, [[0, 0, 12, 6], [0, 6, 4, 6], [4, 6, 4, 6], [8, 6, 4, 6], [0, 12, 6, 6], [6, 12, 6, 6]]);
        $pieces = [new Box(0, 0, 12 * self::INCH, 18 * self::INCH)];
        foreach ($order->cuts as $cut) {
            $at = array_search($cut->piece, $pieces, false);
            self::assertIsInt($at, 'what is cut is there');
            array_splice($pieces, $at, 1, $cut->pieces());
            self::assertGreaterThan(0, $cut->fromEdge());
        }
        self::assertCount(6, $pieces, 'one piece a cell');
        $areas = array_map(fn (GuillotineCut $cut): float => (float) $cut->piece->width * $cut->piece->height, $order->cuts);
        $sorted = $areas;
        rsort($sorted);
        self::assertSame($sorted, $areas);
    }

    public function test_a_windmill_can_not_be_cut_straight(): void
    {
        $order = self::order(3, 3, [[0, 0, 2, 1], [2, 0, 1, 2], [1, 2, 2, 1], [0, 1, 1, 2]]);
        self::assertCount(4, $order->stuck);
        self::assertSame([], $order->cuts);
    }

    public function test_a_gutter_takes_two_cuts(): void
    {
        self::assertCount(2, self::order(6.25, 4, [[0, 0, 3, 4], [3.25, 0, 3, 4]])->cuts);
    }
}
