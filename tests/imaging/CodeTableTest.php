<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Imaging\Colour\CodeTable;
use Planisher\Imaging\Colour\CodeTables;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;

/** A table gives what its function gives, whatever that has to do with colour. */
final class CodeTableTest extends TestCase
{
    private static int $named = 0;

    private static ?CodeTables $tables = null;

    /** @param  callable(list<float>): list<float>  $function  of codes from 0 to 255 */
    private static function table(callable $function): CodeTable
    {
        return CodeTable::named(self::$tables ??= new CodeTables(), 'test-'.self::$named++, function (Image $grid) use (
            $function,
        ): array {
            $codes = array_chunk(array_values((array) unpack('v*', $grid->pixels())), 3);

            return array_map(fn (array $rgb): array => $function(array_map(fn (int $code): float => $code / 257, $rgb)), $codes);
        });
    }

    /**
     * @param  list<list<int>>  $colours
     * @return list<list<int>>
     */
    private static function through(CodeTable $table, array $colours): array
    {
        $image = Image::fromPixels(
            implode('', array_map(fn (array $rgb): string => pack('C3', ...$rgb), $colours)),
            count($colours),
            1,
            3,
        )->as(Interpretation::Srgb);

        return array_chunk(array_values((array) unpack('C*', $table->of($image)->pixels())), 3);
    }

    /** @return list<list<int>> white, black, the greys and many others */
    private static function colours(): array
    {
        mt_srand(33);

        return [
            ...array_map(fn (int $code): array => [$code, $code, $code], range(0, 255)),
            ...array_map(fn (): array => [mt_rand(0, 255), mt_rand(0, 255), mt_rand(0, 255)], range(1, 2000)),
        ];
    }

    /** What is straight between its places comes out exactly: to the nearest code. */
    #[DataProvider('straight')]
    public function test_straight_functions_come_out_to_the_code(callable $function): void
    {
        $found = self::through(self::table($function), self::colours());
        foreach (self::colours() as $i => $rgb) {
            foreach ($function(array_map(floatval(...), $rgb)) as $band => $value) {
                self::assertEqualsWithDelta(max(0.0, min(255.0, $value)), $found[$i][$band], 0.75, implode(' ', $rgb));
            }
        }
    }

    /** @return iterable<string, array{callable}> */
    public static function straight(): iterable
    {
        yield 'the same' => [fn (array $c): array => $c];
        yield 'white to black' => [fn (array $c): array => [255 - $c[0], 255 - $c[1], 255 - $c[2]]];
        yield 'one for the other' => [fn (array $c): array => [$c[2], $c[0], $c[1]]];
        yield 'white to a warm white' => [fn (array $c): array => [($c[0] * 237) / 255, ($c[1] * 235) / 255, ($c[2] * 229) / 255]];
        yield 'mixed' => [fn (array $c): array => [0.3 * $c[0] + 0.6 * $c[1] + 0.1 * $c[2], 0.5 * $c[0] + 0.5 * $c[2], 40.0]];
        yield 'beyond both ends, clipped after' => [fn (array $c): array => [1.4 * $c[0] - 100, 1.2 * $c[1], $c[2] - 60]];
    }

    /** What bends is off by at most what a straight line between neighbouring places is: h²/8 of the second derivative. */
    public function test_what_bends_is_off_by_the_bend_between_two_places(): void
    {
        $curve = fn (float $code): float => 255 * ($code / 255) ** 2;
        $found = self::through(self::table(fn (array $c): array => array_map($curve, $c)), self::colours());
        $bend = (((255 / 32) ** 2 / 8) * 2) / 255;
        foreach (self::colours() as $i => $rgb) {
            foreach ($rgb as $band => $code) {
                self::assertEqualsWithDelta($curve((float) $code), $found[$i][$band], 0.75 + $bend);
            }
        }
    }

    public function test_a_table_is_made_once(): void
    {
        $tables = new CodeTables();
        $made = 0;
        $make = function (Image $grid) use (&$made): array {
            $made++;

            return array_fill(0, $grid->width() * $grid->height(), [1.0, 2.0, 3.0]);
        };
        foreach ([1, 2] as $_) {
            self::assertSame([[1, 2, 3]], self::through(CodeTable::named($tables, 'once', $make), [[9, 90, 200]]));
        }
        self::assertSame(1, $made);
    }
}
