<?php

declare(strict_types=1);

namespace Tests\core\Reading;

use PHPUnit\Framework\TestCase;
use Planisher\Reading\ReadList;

/**
 * The same few things — pictures, sizes, numbers of copies — put together by chance in the ways in which people write lists: what is
 * sure has to be what was meant, and most of it has to be sure. (The ways are common practice, no source.)
 */
final class ManyListsTest extends TestCase
{
    private const LISTS = 300;

    /** Picture, and how it is called */
    private const CALLED = [
        'cake.jpg' => ['cake', 'the cake', 'Cake'],
        'rings.jpg' => ['rings', 'the rings'],
        'aunt-lou.jpg' => ['aunt lou', 'Aunt Lou'],
        'first-dance.jpg' => ['first dance', 'the first dance'],
        'church-door.jpg' => ['church door', 'the church door'],
        'old-mill.jpg' => ['old mill'],
        'harbour-night.jpg' => ['harbour night'],
        'DSC_0401.jpg' => ['0401', 'DSC_0401', '401'],
        'DSC_0403.jpg' => ['0403', 'DSC_0403'],
        'DSC_0407.jpg' => ['0407', 'DSC0407'],
        'ceremony-03.jpg' => ['ceremony 3', 'Ceremony 03', 'ceremony-03'],
        'ceremony-07.jpg' => ['ceremony 7'],
        'reception-09.jpg' => ['reception 9'],
    ];

    /** Other pictures that are there */
    private const OTHERS = [
        'DSC_0402.jpg',
        'DSC_0410.jpg',
        'ceremony-10.jpg',
        'ceremony-12.jpg',
        'reception-02.jpg',
        'harbour-morning.jpg',
    ];

    private const SIZES = [
        '8 x 10 in' => ['8x10', '8 x 10', '8 by 10', '8×10', '8x10"', '8x10in'],
        '5 x 7 in' => ['5x7', '5 x 7', '5 by 7'],
        '4 x 6 in' => ['4x6', '4 x 6', '4 by 6'],
        '11 x 14 in' => ['11x14', '11 x 14'],
        '16 x 20 in' => ['16x20'],
        'A4' => ['A4', 'a4'],
    ];

    private const WORDS = [1 => 'one', 'two', 'three', 'four', 'five', 'six', 10 => 'ten', 12 => 'twelve'];

    private const BEFORE = ['%d x', '%dx', '%d of', '%w of', '%d', '%w', '%d copies of', '%w copies of', '%d prints of'];

    private const BEHIND = [
        ' x%d',
        ' x %d',
        ' ×%d',
        ' (%d)',
        ' (x%d)',
        ' - %d',
        ', %d copies',
        ' %d copies',
        ': %d',
        ' qty %d',
        ' %w',
        ' %d',
    ];

    private const BETWEEN = ["\n", "\n", ', ', '; ', ' and ', '. ', ' + ', ' / '];

    /** P the picture, S the size, N the number of copies, in the order in which they stand */
    private const ORDERS = ['P S N', 'P-S N', 'P: S N', 'P in S N', 'N P S', 'N S P', 'N S of P', 'S P N', 'S of P N', 'S: P N', 'S N P'];

    public function test_what_is_sure_is_what_was_meant(): void
    {
        mt_srand(24);
        $right = 0;
        for ($n = 0; $n < self::LISTS; $n++) {
            [$text, $meant] = self::list();
            [$sure, $isAll] = self::read($text);
            self::assertSame([], array_values(array_diff($sure, $meant)), "of “{$text}”");
            self::assertTrue(! $isAll || count($sure) === count($meant), "Something was left out of “{$text}”.");
            $right += (int) ($isAll && count($sure) === count($meant));
        }
        self::assertGreaterThan(0.85 * self::LISTS, $right, 'as many are read without asking');
    }

    /** @return array{string, list<string>} what was written, and the prints that were meant */
    private static function list(): array
    {
        $pictures = array_keys(self::CALLED);
        shuffle($pictures);
        $order = self::one(self::ORDERS);
        $behind = self::one(self::BEHIND);
        $before = self::one(self::BEFORE);
        $sizes = array_map(self::one(...), self::SIZES);
        $between = self::one($behind[0] === ',' ? ["\n", '; '] : self::BETWEEN);
        $isOneWritten = self::one([true, false]);
        $lines = $meant = [];
        foreach (array_slice($pictures, 0, mt_rand(1, 5)) as $picture) {
            $size = self::one(array_keys(self::SIZES));
            $copies = self::one([1, 1, 1, 2, 2, 3, 5, 10, 12]);
            $count = str_replace(['%d', '%w'], [(string) $copies, self::WORDS[$copies]], $order[0] === 'N' ? $before : $behind);
            $isOfBehind = str_starts_with($order, 'N S') && preg_match('/ of$/', $count) === 1;
            $count = $copies === 1 && ! $isOneWritten ? '' : ($isOfBehind ? substr($count, 0, -3) : $count);
            $line = strtr($order, [' N' => $count, 'N' => $count, 'P' => self::one(self::CALLED[$picture]), 'S' => $sizes[$size]]);
            $lines[] = trim($line);
            $meant[] = "{$copies} {$picture} ".self::upright($size);
        }

        return [implode($between, $lines), $meant];
    }

    /** @return array{list<string>, bool} the prints that need no asking, and whether those are all */
    private static function read(string $text): array
    {
        $sure = [];
        $isAll = true;
        foreach (ReadList::read($text, Given::known(), [...array_keys(self::CALLED), ...self::OTHERS])->lines as $line) {
            $isAll = $isAll && $line->isSure();
            foreach ($line->prints as $print) {
                $isSure = $line->isSure() && $print->isSure && $print->isWhole;
                $isAll = $isAll && $isSure;
                $wanted = $print->wanted;
                $isSure && ($sure[] = ($wanted['copies'] ?? 1)." {$wanted['picture']} ".self::upright($wanted['size']));
            }
        }

        return [$sure, $isAll];
    }

    /** Whether it is upright the picture says, and not the order of its sides. */
    private static function upright(string $size): string
    {
        if (preg_match('/^(\d+) x (\d+) in$/', $size, $side) !== 1) {
            return $size;
        }

        return min((int) $side[1], (int) $side[2]).' x '.max((int) $side[1], (int) $side[2]).' in';
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private static function one(array $of): mixed
    {
        return $of[mt_rand(0, count($of) - 1)];
    }
}
