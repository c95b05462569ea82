<?php

declare(strict_types=1);

namespace Tests\core\Picture;

use PHPUnit\Framework\TestCase;
use Planisher\Measure\PixelRect;
use Planisher\Picture\ContrastMap;
use Tests\core\LineContexts;

/** Where a picture's weight lies within its window: checked against the centre of mass by the definition. */
final class ContrastMapTest extends TestCase
{
    public function test_even_weight_lies_in_the_middle_of_any_window(): void
    {
        $map = str_repeat('32', ContrastMap::COLUMNS * ContrastMap::ROWS);
        mt_srand(5);
        for ($i = 0; $i < 50; $i++) {
            [$w, $h] = [mt_rand(100, 3000), mt_rand(100, 2000)];
            [$x, $y] = ContrastMap::offMiddle(
                $map,
                new PixelRect(mt_rand(0, 3000 - $w), mt_rand(0, 2000 - $h), $w, $h),
                LineContexts::picture(3000, 2000),
            );
            self::assertEqualsWithDelta(0, $x, 1e-9);
            self::assertEqualsWithDelta(0, $y, 1e-9);
        }
    }

    public function test_a_single_weight_lies_where_it_is(): void
    {
        // One cell, column 18 of 24 and row 4 of 16: its middle at 18.5/24 and 4.5/16 of the picture
        $bytes = array_fill(0, ContrastMap::COLUMNS * ContrastMap::ROWS, 0);
        $bytes[4 * ContrastMap::COLUMNS + 18] = 200;
        $map = bin2hex(pack('C*', ...$bytes));
        $picture = LineContexts::picture(2400, 1600);
        [$x, $y] = ContrastMap::offMiddle($map, new PixelRect(0, 0, 2400, 1600), $picture);
        self::assertEqualsWithDelta([(2 * 18.5) / 24 - 1, (2 * 4.5) / 16 - 1], [$x, $y], 1e-9);
        // In the right half alone it lies left of the middle
        [$x] = ContrastMap::offMiddle($map, new PixelRect(1200, 0, 1200, 1600), $picture);
        self::assertEqualsWithDelta((2 * (18.5 - 12)) / 12 - 1, $x, 1e-9);
        self::assertSame(
            [0.0, 0.0],
            ContrastMap::offMiddle(str_repeat('00', 384), new PixelRect(0, 0, 2400, 1600), $picture),
            'nothing to see',
        );
    }
}
