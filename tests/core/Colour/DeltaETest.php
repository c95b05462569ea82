<?php

declare(strict_types=1);

namespace Tests\core\Colour;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Colour\CieLab;
use Planisher\Colour\DeltaE;

/**
 * All 34 pairs of Sharma, Wu, Dalal, “The CIEDE2000 color-difference formula”, Color Res. Appl. 30(1), 2005, table 1; the
 * figures are from memory.
 */
final class DeltaETest extends TestCase
{
    #[DataProvider('pairs')]
    public function test_published_pairs(float $l1, float $a1, float $b1, float $l2, float $a2, float $b2, float $difference): void
    {
        [$one, $other] = [new CieLab($l1, $a1, $b1), new CieLab($l2, $a2, $b2)];
        self::assertSame(sprintf('%.4f', $difference), sprintf('%.4f', DeltaE::between($one, $other)));
        self::assertEqualsWithDelta(DeltaE::between($one, $other), DeltaE::between($other, $one), 1e-9, 'the same from either side');
        self::assertSame(0.0, DeltaE::between($one, $one));
    }

    /** @return iterable<list<float>> */
    public static function pairs(): iterable
    {
        foreach (file(__DIR__.'/sharma-wu-dalal-2005.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
            yield array_map(floatval(...), explode(' ', $line));
        }
    }
}
