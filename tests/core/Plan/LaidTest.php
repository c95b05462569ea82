<?php

declare(strict_types=1);

namespace Tests\core\Plan;

use PHPUnit\Framework\TestCase;
use Planisher\Measure\PixelRect;
use Planisher\Plan\Placement;

final class LaidTest extends TestCase
{
    /** Worked by hand: 40 × 20 turned to the right is 20 × 40, and what was its top left is its top right. */
    public function test_turned_to_the_right_the_top_comes_to_the_right(): void
    {
        $laid = new Placement(PixelRect::ofSize(40, 20), 100, 200, isTurned: true);
        self::assertSame(['x' => 100, 'y' => 200, 'width' => 20, 'height' => 40], $laid->place()->toArray());
        self::assertSame(['x' => 118, 'y' => 200, 'width' => 2, 'height' => 3], $laid->rect(new PixelRect(0, 0, 3, 2))->toArray());
        self::assertSame(['x' => 100, 'y' => 237, 'width' => 2, 'height' => 3], $laid->rect(new PixelRect(37, 18, 3, 2))->toArray());
    }

    /** Property: parts keep their size, lie in the print's place, and touch each other there as they did. */
    public function test_what_lies_on_a_print_lies_on_it_wherever_that_is_laid(): void
    {
        mt_srand(23);
        for ($i = 0; $i < 500; $i++) {
            $print = PixelRect::ofSize(mt_rand(10, 60), mt_rand(10, 60));
            $laid = new Placement($print, mt_rand(-50, 50), mt_rand(-50, 50), (bool) mt_rand(0, 1));
            $part = fn (): PixelRect => (new PixelRect(mt_rand(0, 60), mt_rand(0, 60), mt_rand(1, 10), mt_rand(1, 10)))->movedInto($print);
            [$a, $b] = [$part(), $part()];
            [$laidA, $laidB] = [$laid->rect($a), $laid->rect($b)];
            self::assertTrue($laidA->liesIn($laid->place()));
            self::assertSame($a->area(), $laidA->area());
            self::assertSame($a->meets($b), $laidA->meets($laidB));
            self::assertSame($a->with($b)->area(), $laidA->with($laidB)->area());
        }
    }
}
