<?php

declare(strict_types=1);

namespace Tests\core\Reading;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Planisher\Language\Known;
use Planisher\Measure\Unit;
use Planisher\Reading\ReadList;
use Planisher\Reading\ReadPrint;
use Planisher\Reading\SaidWish;
use Tests\core\Situations;

/** What was read wrongly and looked sure while real jobs were done: it may be right by now, or asked; it isn't taken. */
final class GateTest extends TestCase
{
    private const PICTURES = [
        'garden.jpg',
        'school-a.jpg',
        'school-b.jpg',
        'canyon.jpg',
        'trip.jpg',
        'storm.jpg',
        'wood.jpg',
        'elephants.jpg',
        'two-wings.jpg',
        'lady-bird.jpg',
        'DSC_0402.jpg',
        'DSC_0409.jpg',
        'DSC_0412.jpg',
        'DSC_0413.jpg',
        'DSC_0417.jpg',
        'DSC_0418.jpg',
    ];

    private static function known(): Known
    {
        $sizes = ['4 x 6 in', '5 x 7 in', '8 x 10 in', '8 x 12 in', '11 x 14 in', '12 x 18 in', '16 x 20 in', '20 x 30 in'];

        return new Known(Situations::lab(['sizes' => $sizes]), ['mark.png'], Unit::Inch);
    }

    /**
     * Prints that would be taken without asking.
     *
     * @return list<array<string, mixed>>
     */
    private static function taken(string $text): array
    {
        $taken = [];
        foreach (ReadList::read($text, self::known(), self::PICTURES)->lines as $line) {
            foreach ($line->isSure() ? $line->prints : [] as $print) {
                $print->isSure && $print->isWhole && ($taken[] = $print->wanted);
            }
        }

        return $taken;
    }

    /** @return iterable<string, array{string, int}> words, and a number in them that is no count of prints */
    public static function noCounts(): iterable
    {
        $said = [
            'garden 8x10 jpeg 80' => 80,
            'garden 8x10 in jpg at 90' => 90,
            'garden 8x10 tiff 16' => 16,
            'garden 16x20, jpeg 9' => 9,
            'garden 8x10 quality 9 of 12' => 9,
            'garden 8x10, 90 %' => 90,
            'garden 8x10 image 90 %' => 90,
            'canvas of garden 20x30, 2 in' => 2,
            'canvas of garden 20x30, mirrored, 3 in' => 3,
            'canvas of garden 20x30, 2 inch gallery wrap' => 2,
            'garden 8x10 with a 2 inch mat' => 2,
            'garden 8x10, 5 mm for the frame' => 5,
            'garden 8x10, 3 mm bleed' => 3,
            'garden 8x10, long edge 10 in' => 10,
            'garden 8x10 300 dpi' => 300,
            'garden 8x10, 250 gsm' => 250,
            'garden 8x10, £ 12' => 12,
            'garden 8x10 for the 3rd' => 3,
            'garden 8x10, room 12' => 12,
            'garden 8x10, 16 bit' => 16,
            'garden 8x10 for 5 people' => 5,
        ];
        foreach ($said as $text => $number) {
            yield $text => [$text, $number];
        }
    }

    #[DataProvider('noCounts')]
    public function test_a_number_that_is_something_else_is_no_count(string $text, int $number): void
    {
        self::assertNotContains($number, array_map(fn (array $print): int => $print['copies'] ?? 1, self::taken($text)));
    }

    /** For every unit, beside words that nobody knows: no count ever comes of it unasked. */
    public function test_a_number_with_a_unit_is_never_a_count(): void
    {
        mt_srand(14);
        foreach (
            ['%', 'in', 'inch', 'inches', '″', 'cm', 'mm', 'ft', 'px', 'pixels', 'pt', 'dpi', 'ppi', 'gsm', 'kB', 'MB', 'bit'] as $unit
        ) {
            for ($n = 0; $n < 12; $n++) {
                $word = implode('', array_map(fn (): string => chr(mt_rand(97, 122)), range(1, 6)));
                $number = mt_rand(2, 99);
                foreach (["garden 8x10 {$word} {$number} {$unit}", "garden 8x10, {$number}{$unit} {$word}"] as $text) {
                    foreach (self::taken($text) as $print) {
                        self::assertNotSame($number, $print['copies'] ?? 1, $text);
                    }
                }
            }
        }
        self::assertCount(1, self::taken('garden 8x10'), 'by itself it is taken');
    }

    /** @return iterable<string, array{string}> */
    public static function notTaken(): iterable
    {
        foreach (
            [
                'how much would an 8x10 of 0412 be?',
                'we had 0412 as an 8x10',
                '0412 8x10 (was 5x7)',
                'actually make 0418 an 11x14',
                'scrap the 8x10 of 0417',
                '0412-0413 8x10, rest 4x6',
                'all of them in 4x6, and 0402 + 0409 also in 8x10',
                'elephants 12x18, image 11x15, trim marks',
                'storm 16x20, image 15x10 in',
                'wood 4x5, 8 on one 8x10',
                'garden 8x10 with white edges',
                'garden 8x10 mirrored',
                'garden 8x10 x 300',
                'garden 4x6 x 250',
                '5 of garden 4x6 on an 8x12',
                "0412 8x10\n0413 8x10\nsorry, 5x7 instead of the last",
                "0412 8x10\nEDIT: swap 0412 for 0413",
                "please quote for:\n0412 8x10",
                "0412 8x10\n✘ 0413 8x10",
                "0412\t8x10\t||||",
            ] as $text
        ) {
            yield $text => [$text];
        }
    }

    #[DataProvider('notTaken')]
    public function test_what_takes_back_asks_or_slides_is_not_taken_unseen(string $text): void
    {
        self::assertSame([], self::taken($text));
        $lines = ReadList::read($text, self::known(), self::PICTURES)->lines;
        $doubts = array_filter(
            array_merge(...array_map(fn ($line): array => $line->parts(), $lines)),
            fn (array $part): bool => $part['why'] !== null,
        );
        self::assertNotSame([], $doubts, 'and it is told why');
    }

    public function test_rows_apart_by_commas_are_columns(): void
    {
        $read = ReadList::read("filename,size,quantity\nDSC_0412.jpg,8x10,1\nDSC_0413.jpg,5x7,3", self::known(), self::PICTURES);
        $prints = array_map(fn (ReadPrint $print): array => $print->wanted, $read->prints());
        $is = fn (array $print): array => [$print['picture'] ?? null, $print['size'] ?? null, $print['copies'] ?? 1];
        self::assertContains(['DSC_0412.jpg', '8 x 10 in', 1], array_map($is, $prints));
        self::assertContains(['DSC_0413.jpg', '5 x 7 in', 3], array_map($is, $prints));
    }

    /** Said of a print on the bench. */
    #[TestWith(['12 in'])]
    #[TestWith(['black edge'])]
    #[TestWith(['a mirror image of it, please'])]
    #[TestWith(['one more please'])]
    #[TestWith(['make it 3'])]
    #[TestWith(['small copy for e-mail, 1600 px'])]
    #[TestWith(['four each of both'])]
    #[TestWith(['image 13 1/2 by 9 in'])]
    #[TestWith(['cut marks off.'])]
    #[TestWith(['bananas'])]
    public function test_a_wish_that_may_be_another_is_asked(string $text): void
    {
        self::assertFalse(SaidWish::read($text, self::known(), self::PICTURES, 'print')->line->isSure());
    }

    #[TestWith(['mirrored edges', 'canvas'])]
    #[TestWith(['three copies', 'print'])]
    #[TestWith(['white border 1/2 in', 'print'])]
    #[TestWith(['canvas, 1.5 in deep', 'print'])]
    public function test_what_is_plain_is_done(string $text, string $made): void
    {
        self::assertTrue(SaidWish::read($text, self::known(), self::PICTURES, $made)->line->isSure());
    }
}
