<?php

declare(strict_types=1);

namespace Tests\core\Measure;

use PHPUnit\Framework\TestCase;
use Planisher\Measure\PixelRect;

/** Properties of rectangles, held against counting their pixels one by one. */
final class RectangleTest extends TestCase
{
    /** @return list<string> its pixels */
    private static function pixels(PixelRect $rect): array
    {
        $all = [];
        for ($y = $rect->y; $y < $rect->bottom(); $y++) {
            for ($x = $rect->x; $x < $rect->right(); $x++) {
                $all[] = "{$x} {$y}";
            }
        }

        return $all;
    }

    /** @return iterable<array{PixelRect, PixelRect}> */
    private static function pairs(): iterable
    {
        mt_srand(17);
        $any = fn (): PixelRect => new PixelRect(mt_rand(-6, 6), mt_rand(-6, 6), mt_rand(1, 9), mt_rand(1, 9));
        for ($i = 0; $i < 400; $i++) {
            yield [$any(), $any()];
        }
    }

    public function test_two_meet_where_they_share_a_pixel(): void
    {
        foreach (self::pairs() as [$a, $b]) {
            $shared = array_values(array_intersect(self::pixels($a), self::pixels($b)));
            self::assertSame($shared !== [], $a->meets($b));
            self::assertSame(count($shared) === count(self::pixels($a)), $a->liesIn($b));
            if ($shared !== []) {
                self::assertSame($shared, self::pixels($a->within($b)));
            }
            self::assertTrue($a->liesIn($a->with($b)) && $b->liesIn($a->with($b)));
        }
    }

    public function test_bands_and_what_they_surround_are_the_whole_and_no_pixel_twice(): void
    {
        foreach (self::pairs() as [$inner, $more]) {
            $whole = $inner->with($more);
            $parts = array_merge(self::pixels($inner), ...array_map(self::pixels(...), $whole->bands($inner)));
            self::assertCount(count(array_unique($parts)), $parts);
            self::assertEqualsCanonicalizing(self::pixels($whole), $parts);
        }
    }

    public function test_moving_there_and_back_and_growing_and_shrinking_is_nothing(): void
    {
        foreach (self::pairs() as [$a, $b]) {
            self::assertTrue($a->equals($a->from($b)->moved($b->x, $b->y)));
            self::assertTrue($a->equals($a->grown(3)->grown(-3)));
            self::assertTrue($a->equals(PixelRect::edges($a->x, $a->y, $a->right(), $a->bottom())));
            self::assertSame($a->equals($b), $a->toArray() === $b->toArray());
        }
    }

    /** What lies in a frame and needn't move stays; what doesn't comes in, and touches the edge it was beyond. */
    public function test_moved_into_another_it_lies_in_it(): void
    {
        $frame = new PixelRect(-10, -10, 20, 20);
        foreach (self::pairs() as [$a, $b]) {
            $far = $a->moved(5 * $b->x, 5 * $b->y);
            $moved = $far->movedInto($frame);
            self::assertTrue($moved->liesIn($frame));
            self::assertSame([$far->width, $far->height], [$moved->width, $moved->height]);
            self::assertSame($far->liesIn($frame), $moved->equals($far));
        }
    }
}
