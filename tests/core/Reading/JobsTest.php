<?php

declare(strict_types=1);

namespace Tests\core\Reading;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Reading\ReadList;

/** The sixteen jobs of docs/jobs.md, in the words that stand there: each is understood wholly, and in one way only. */
final class JobsTest extends TestCase
{
    /** What must have come of a job, by its number: a part of its line as the order file has it. */
    private const MEANS = [
        1 => ['size' => '8 x 10 in', 'copies' => 2],
        2 => ['fit' => 'whole', 'border' => '1 in'],
        3 => ['size' => '11 x 15 in', 'frameCover' => '1/4 in'],
        4 => ['fit' => 'whole', 'border' => '2 in', 'raise' => 'optical', 'paper' => 'Cotton rag'],
        5 => ['size' => '20 x 30 in', 'make' => 'canvas'],
        6 => ['size' => '60 x 40 cm', 'make' => 'canvas'],
        7 => ['make' => 'panels', 'output' => ['ppi' => 150]],
        8 => ['make' => 'shared-sheet', 'copies' => 6],
        9 => ['border' => '1/2 in', 'paperColour' => '#000000'],
        10 => ['size' => '5 x 7 in'],
        11 => ['make' => 'screen-copy', 'longSide' => 1600],
        12 => ['output' => ['colour' => 'Adobe RGB (1998)', 'format' => 'tiff', 'bits' => 16]],
        13 => ['forPaper' => ['open' => 0.2], 'viewedFrom' => '200 cm'],
        14 => ['product' => 'metal', 'subject' => 'Point light'],
        15 => ['size' => '4 x 6 in'],
        16 => ['output' => ['ppi' => 'own', 'quality' => 80]],
    ];

    /** @return iterable<string, array{int, string}> */
    public static function jobs(): iterable
    {
        preg_match_all(
            '/^\| (\d+) \| (.+?) \| `(.+)` \|$/m',
            (string) file_get_contents(__DIR__.'/../../../docs/jobs.md'),
            $rows,
            PREG_SET_ORDER,
        );
        foreach ($rows as [, $number, $job, $words]) {
            yield $job => [(int) $number, $words];
        }
    }

    #[DataProvider('jobs')]
    public function test_is_understood(int $number, string $words): void
    {
        $read = ReadList::read($words, Given::known(), Given::PICTURES);
        self::assertTrue($read->lines[0]->isSure(), (string) json_encode($read->lines[0]->parts()));
        $prints = $read->prints();
        self::assertNotSame([], $prints);
        foreach (self::MEANS[$number] as $key => $value) {
            self::assertEqualsCanonicalizing($value, $prints[0]->wanted[$key] ?? null, $key);
        }
    }

    public function test_there_are_sixteen(): void
    {
        self::assertSame(array_keys(self::MEANS), array_column(iterator_to_array(self::jobs(), false), 0));
    }
}
