<?php

declare(strict_types=1);

namespace Tests\core\Finish\Sheet;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Finish\Sheet\Arranging\Arrangement;
use Planisher\Finish\Sheet\Arranging\Arranger;
use Planisher\Finish\Sheet\Arranging\CutOrder;
use Planisher\Measure\Box;
use Planisher\Measure\Size;

final class ArrangerTest extends TestCase
{
    /** Common practice, no source; cuts counted by hand. */
    #[DataProvider('packings')]
    public function test_what_fits_a_sheet(string $sheet, string $cells, int $cuts): void
    {
        $all = self::cells($cells);
        $box = Box::ofSize(Size::parse("{$sheet} in"));
        $arranged = Arranger::arrange($all, $box) ?? self::fail('it fits');
        self::assertSame(1, $arranged->sheets());
        self::assertHolds($arranged, $all, 0, 0);
        self::assertSame($cuts, self::cuts($arranged));
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function packings(): iterable
    {
        yield 'two 5 × 7 on 8 × 10' => ['8 x 10', '2 of 5 x 7', 2];
        yield 'four 3.5 × 5 on 8 × 10' => ['8 x 10', '4 of 3.5 x 5', 4];
        yield 'eight 2.5 × 3.5 on 8 × 10' => ['8 x 10', '8 of 2.5 x 3.5', 8];
        yield 'two 3 × 4 on 4 × 6' => ['4 x 6', '2 of 3 x 4', 1];
        yield 'one 3 × 4 and two 3 × 2 on 4 × 6' => ['4 x 6', '1 of 3 x 4, 2 of 3 x 2', 2];
        yield 'two 4 × 6 on 6 × 8' => ['6 x 8', '2 of 4 x 6', 1];
        yield 'nine 4 × 6 on 12 × 18' => ['12 x 18', '9 of 4 x 6', 8];
        yield 'one that is the sheet' => ['4 x 6', '1 of 6 x 4', 0];
    }

    public function test_as_few_sheets_and_cuts_as_there_can_be(): void
    {
        $exhaustion = new ByExhaustion();
        [$sets, $sheet] = [0, [8, 10]];
        foreach ([[[5, 7], [3, 4], [2, 3]], [[4, 6], [4, 4], [1, 5]]] as $sizes) {
            for ($a = 0; $a <= 6; $a++) {
                for ($b = 0; $a + $b <= 6; $b++) {
                    for ($c = 0; $a + $b + $c <= 6; $c++) {
                        $cells = [...array_fill(0, $a, $sizes[0]), ...array_fill(0, $b, $sizes[1]), ...array_fill(0, $c, $sizes[2])];
                        if ($cells === []) {
                            continue;
                        }
                        $arranged = Arranger::arrange($cells, new Box(0, 0, ...$sheet)) ?? self::fail('each fits');
                        self::assertHolds($arranged, $cells, 0, 0);
                        self::assertSame($exhaustion->sheets($cells, ...$sheet), $arranged->sheets(), (string) json_encode($cells));
                        if ($arranged->sheets() === 1) {
                            self::assertSame($exhaustion->cuts($cells, ...$sheet), self::cuts($arranged), (string) json_encode($cells));
                        }
                        $sets++;
                    }
                }
            }
        }
        self::assertSame(2 * 83, $sets, 'all sets of up to six of three sizes: 9 over 3, less the empty one');
    }

    public function test_random_sets_hold_whatever_they_are(): void
    {
        mt_srand(2611);
        for ($run = 0; $run < 150; $run++) {
            $sheet = new Box(0, 0, mt_rand(60, 200), mt_rand(60, 200));
            [$gutter, $margin] = [[0, 0, 3][mt_rand(0, 2)], [0, 5][mt_rand(0, 1)]];
            $kinds = [];
            for ($n = mt_rand(1, 5); $n > 0; $n--) {
                $kinds[] = [mt_rand(10, $sheet->width - 10), mt_rand(10, $sheet->height - 10)];
            }
            $cells = array_map(fn (): array => $kinds[array_rand($kinds)], range(1, mt_rand(1, 40)));
            $arranged = Arranger::arrange($cells, $sheet, $gutter, $margin) ?? self::fail('each fits');
            self::assertHolds($arranged, $cells, $gutter, $margin);
            self::assertLessThanOrEqual(count($cells), $arranged->sheets());
            self::assertLessThanOrEqual(
                self::rows($cells, $sheet->width - 2 * $margin + $gutter, $sheet->height - 2 * $margin + $gutter, $gutter),
                $arranged->sheets(),
            );
            self::assertEquals($arranged, Arranger::arrange($cells, $sheet, $gutter, $margin), 'the same each time');
        }
    }

    public function test_a_cell_that_fits_no_sheet_is_refused(): void
    {
        $sheet = new Box(0, 0, 40, 60);
        self::assertNotNull(Arranger::arrange([[60, 40]], $sheet));
        self::assertNull(Arranger::arrange([[20, 20], [61, 40]], $sheet));
        self::assertNull(Arranger::arrange([[60, 40]], $sheet, 0, 1), 'the margin leaves less');
        self::assertNotNull(Arranger::arrange([[60, 40]], $sheet, 5), 'a gutter is only between cells');
    }

    public function test_a_gutter_so_wide_that_nothing_is_shared(): void
    {
        $arranged = Arranger::arrange([[20, 30], [20, 30], [20, 30]], new Box(0, 0, 40, 60), 50) ?? self::fail('each fits');
        self::assertSame(3, $arranged->sheets());
    }

    /** @param  list<array{int, int}>  $cells */
    private static function assertHolds(Arrangement $arranged, array $cells, int $gutter, int $margin): void
    {
        self::assertCount(count($cells), $arranged->spots);
        $room = $arranged->sheet->grown(-$margin);
        foreach ($arranged->spots as $i => $spot) {
            self::assertTrue($spot->box->liesIn($room), 'inside the margin');
            $sides = [$spot->box->width, $spot->box->height];
            self::assertSame($cells[$i], $spot->isTurned ? array_reverse($sides) : $sides, 'its own size');
            $around = new Box($spot->box->x, $spot->box->y, $spot->box->width + $gutter, $spot->box->height + $gutter);
            foreach (array_slice($arranged->spots, $i + 1) as $other) {
                $grown = new Box($other->box->x, $other->box->y, $other->box->width + $gutter, $other->box->height + $gutter);
                self::assertFalse($spot->sheet === $other->sheet && $around->meets($grown), 'clear of each other');
            }
        }
        foreach ($arranged->orders() as $order) {
            self::assertSame([], $order->stuck, 'straight cuts free every cell');
        }
    }

    /**
     * First-fit rows by decreasing height, cells lying or standing, across or down: the fewest sheets of these four ways.
     *
     * @param  list<array{int, int}>  $cells
     */
    private static function rows(array $cells, int $width, int $height, int $gutter): int
    {
        $fewest = PHP_INT_MAX;
        foreach ([[$width, $height], [$height, $width]] as [$across, $down]) {
            foreach ([true, false] as $lying) {
                $sides = array_map(function (array $cell) use ($across, $down, $lying, $gutter): array {
                    [$wide, $high] = $lying ? [max($cell), min($cell)] : [min($cell), max($cell)];
                    $way = [$wide + $gutter, $high + $gutter];

                    return $way[0] <= $across && $way[1] <= $down ? $way : array_reverse($way);
                }, $cells);
                usort($sides, fn (array $a, array $b): int => [$b[1], $b[0]] <=> [$a[1], $a[0]]);
                $fewest = min($fewest, count(self::filled($sides, $across, $down)));
            }
        }

        return $fewest;
    }

    /**
     * @param  list<array{int, int}>  $sides
     * @return list<int> how high each sheet is filled
     */
    private static function filled(array $sides, int $across, int $down): array
    {
        [$filled, $rows] = [[], []];
        foreach ($sides as [$wide, $high]) {
            foreach (array_keys($filled) as $sheet) {
                foreach ($rows[$sheet] as $row => $used) {
                    if ($used + $wide <= $across) {
                        $rows[$sheet][$row] += $wide;

                        continue 3;
                    }
                }
                if ($down >= $filled[$sheet] + $high) {
                    $filled[$sheet] += $high;
                    $rows[$sheet][] = $wide;

                    continue 2;
                }
            }
            $filled[] = $high;
            $rows[] = [$wide];
        }

        return $filled;
    }

    private static function cuts(Arrangement $arranged): int
    {
        return array_sum(array_map(fn (CutOrder $order): int => count($order->cuts), $arranged->orders()));
    }

    /** @return non-empty-list<array{int, int}> of “1 of 3 x 4, 2 of 3 x 2”, in nanometres */
    private static function cells(string $said): array
    {
        $cells = [];
        foreach (explode(', ', $said) as $one) {
            [$many, $size] = explode(' of ', $one);
            $size = Size::parse("{$size} in");
            array_push($cells, ...array_fill(0, (int) $many, [$size->width->nanometres, $size->height->nanometres]));
        }

        return $cells ?: self::fail('there are cells');
    }
}
