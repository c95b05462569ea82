<?php

declare(strict_types=1);

namespace Tests\core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Plan\Plan;
use Tests\core\LineContexts;

final class PrintPlannerTest extends TestCase
{
    /** @param  array<string, mixed>  $line */
    private static function plan(array $line, int $width = 4200, int $height = 2800): Plan
    {
        return LineContexts::work($line, LineContexts::picture($width, $height))->plan ?? throw new \LogicException('no plan');
    }

    /** @param  array{int, int}  $pixels */
    #[DataProvider('prints')]
    public function test_pixels_of_a_print(
        string $size,
        string $turn,
        int $width,
        int $height,
        array $pixels,
        string $carrier = 'auto',
    ): void {
        $file = self::plan(['size' => $size, 'turn' => $turn, 'carrier' => $carrier], $width, $height)->files[0];
        self::assertSame($pixels, [$file->width, $file->height]);
    }

    /** @return iterable<array{string, string, int, int, array{int, int}}> */
    public static function prints(): iterable
    {
        yield 'as it suits a wide picture' => ['8 x 10 in', 'auto', 4200, 2800, [3000, 2400]];
        yield 'as it suits a tall picture' => ['8 x 10 in', 'auto', 2800, 4200, [2400, 3000]];
        yield 'typed the other way' => ['10 x 8 in', 'auto', 2800, 4200, [2400, 3000]];
        yield 'portrait of a wide picture' => ['8 x 10 in', 'portrait', 4200, 2800, [2400, 3000]];
        yield 'landscape of a tall picture' => ['8 x 10 in', 'landscape', 2800, 4200, [3000, 2400]];
        yield 'square picture: as typed' => ['8 x 10 in', 'auto', 3000, 3000, [2400, 3000]];
        yield 'ISO 216' => ['A4', 'portrait', 4200, 2800, [2480, 3508], 'none'];
    }

    public function test_own_pixels_are_not_resampled(): void
    {
        $plan = self::plan(['size' => '8 x 12 in', 'carrier' => 'none', 'output' => ['ppi' => 'own']]);
        self::assertSame([4200, 2800], [$plan->files[0]->width, $plan->files[0]->height]);
        self::assertSame(1.0, $plan->scale());
        self::assertEqualsWithDelta(350, $plan->files[0]->resolution->ppi(), 1e-9);
    }

    /** Never squash: the two scale factors of a placement differ by at most one source pixel over its length. */
    public function test_nothing_is_squashed(): void
    {
        mt_srand(13);
        for ($i = 0; $i < 1500; $i++) {
            $plan = self::plan(
                [
                    'size' => mt_rand(20, 4000) / 100 .' x '.mt_rand(20, 4000) / 100 .' in',
                    'window' => ['x' => mt_rand(0, 100) / 100, 'y' => mt_rand(0, 100) / 100, 'tight' => 1 + mt_rand(0, 30) / 10],
                    'output' => ['ppi' => mt_rand(72, 600)],
                ],
                mt_rand(600, 9000),
                mt_rand(600, 9000),
            );
            $placement = $plan->files[0]->pictures()[0];
            $x = $placement->target->width / $placement->source->width;
            $y = $placement->target->height / $placement->source->height;
            // The target's own edges are rounded to whole pixels, too; that is the rest of the allowance.
            $allowed =
                1 / min($placement->source->width, $placement->source->height) +
                1 / min($placement->target->width, $placement->target->height);
            self::assertLessThanOrEqual($allowed, abs($x / $y - 1), "size {$plan->size()}");
        }
    }

    public function test_resolution_at_size_is_the_smaller_of_both_directions(): void
    {
        $plan = self::plan(['size' => '8 x 10 in']);
        self::assertSame(['x' => 350, 'y' => 0, 'width' => 3500, 'height' => 2800], $plan->parts[0]->window->toArray());
        self::assertEqualsWithDelta(350, $plan->parts[0]->sharpness->ppi, 1e-9);
    }

    public function test_the_hash_tells_plans_apart_but_not_names(): void
    {
        $plain = self::plan([]);
        self::assertSame($plain->hash(), self::plan(['subject' => 'Another name'])->hash());
        self::assertNotSame($plain->hash(), self::plan(['window' => ['x' => 0.51]])->hash());
        self::assertNotSame($plain->hash(), self::plan(['output' => ['quality' => 80]])->hash());
    }
}
