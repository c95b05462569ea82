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
use Tests\core\LineContexts;

/** What was read wrongly and looked sure while real jobs were done: it is read as it was meant, or asked. */
final class TriedTest extends TestCase
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

        return new Known(LineContexts::lab(['sizes' => $sizes]), ['mark.png'], Unit::Inch);
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

    /** @return iterable<string, array{string, ?list<string>}> words, and what is taken of them; null where nothing may be taken */
    public static function meant(): iterable
    {
        $said = [
            // Asked, told, or not ours: nothing of it is taken.
            'how much would an 8x10 of 0412 be?' => null,
            'we had 0412 as an 8x10' => null,
            'scrap the 8x10 of 0417' => null,
            'wood 4x5, 8 on one 8x10' => null,
            'garden 8x10 with white edges' => null,
            'garden 11x14 with white bars' => null,
            'garden 8x10 mirrored' => null,
            'garden 8x10, image 90 %' => null,
            'garden 8x10 quality 9 of 12' => null,
            'garden 8x10 x 300' => null,
            'both 8x10' => null,
            'all three 11x14' => null,
            'garden 8x10 or 5x7' => null,
            'garden or storm 8x10' => null,
            'garden 8x10 8x10' => null,
            'garden and storm 8x10, 2 of the first' => null,
            'DSC_0412 and 13, 8x10' => null,
            'garden in 30 panels, 20x30' => null,
            "please quote for:\n0412 8x10" => null,
            'garden 8x10 2-3 copies' => null,
            'garden 8x10 about 10' => null,
            'garden 8x10 up to 5' => null,
            'garden 8x10 (3 for mum, 2 for dad)' => null,
            'garden 8x10 one for me and one for mum' => null,
            'garden x2 8x10 x3' => null,
            'garden 8x10 (not 2)' => null,
            'garden 8x10 in 2' => null,
            'garden 8x10 as before' => null,
            'garden 8x10 x2 (one matte)' => null,
            'garden 8x10 x2, make that 3' => null,
            // How many, and how large.
            'garden 2 dozen 4x6' => ['24 garden 4 x 6 in'],
            'garden 5x7 x 3 (was 2)' => ['3 garden 5 x 7 in'],
            'garden 8 x 10 x 2' => ['2 garden 8 x 10 in'],
            '2x8x10 garden' => ['2 garden 8 x 10 in'],
            'garden 8x10 & 11x14 x2 each' => ['2 garden 8 x 10 in', '2 garden 11 x 14 in'],
            'garden 8x10 and 5x7, two each' => ['2 garden 8 x 10 in', '2 garden 5 x 7 in'],
            'garden 8x10 Tuesday 12:30' => ['1 garden 8 x 10 in'],
            'garden and storm 8x10, and one A4 of each' => [...['1 garden 8 x 10 in', '1 storm 8 x 10 in', '1 garden A4', '1 storm A4']],
            'garden 8x10 2x, storm 8x10 1x = 3 prints' => ['2 garden 8 x 10 in', '1 storm 8 x 10 in'],
            'garden: 2x 13/18' => null,
            'garden 5x7, no 8x10' => null,
            '3 prints of garden; sizes 8x10, 5x7, 4x6' => null,
            "garden 5x7\nstorm 5x7\n3 copies" => null,
            'garden 8x10, storm 8x10. 5x7 of the first too' => null,
            'garden 8x10, garden 5x7 - two of each size' => ['2 garden 8 x 10 in', '2 garden 5 x 7 in'],
            'prints 8x10: garden; 5x7: storm' => ['1 garden 8 x 10 in', '1 storm 5 x 7 in'],
            'for the wall: 1) garden 8x10 2) storm 5x7 3) wood 4x6' => ['1 garden 8 x 10 in', '1 storm 5 x 7 in', '1 wood 4 x 6 in'],
            '2 x (garden 8x10, storm 5x7)' => ['2 garden 8 x 10 in', '2 storm 5 x 7 in'],
            'garden (8x10, 5x7) x2' => ['2 garden 8 x 10 in', '2 garden 5 x 7 in'],
            'garden 8x10, storm 5x7, two of everything' => ['2 garden 8 x 10 in', '2 storm 5 x 7 in'],
            'Thanks for the garden 8x10!' => null,
            '6x4 of everything but 8x10 of garden' => null,
            "garden 5x7\nstorm 5x7\nwhite border on all but storm" => null,
            "garden 5x7\nstorm 5x7\nall on matte, storm on lustre" => null,
            // A count is that of the size before it.
            'canyon 8x10 x2, 5x7 x1' => ['2 canyon 8 x 10 in', '1 canyon 5 x 7 in'],
            'canyon 5x7 (3), 8x10' => ['3 canyon 5 x 7 in', '1 canyon 8 x 10 in'],
            'canyon 5x7 - 3, 8x10 - 1' => ['3 canyon 5 x 7 in', '1 canyon 8 x 10 in'],
            'canyon 8x10 x2 and 5x7 x1' => ['2 canyon 8 x 10 in', '1 canyon 5 x 7 in'],
            'one 16x20 and two 8x10s of storm' => ['1 storm 16 x 20 in', '2 storm 8 x 10 in'],
            'two 5x7s of garden and one of storm' => ['2 garden 5 x 7 in', '1 storm 5 x 7 in'],
            'garden, storm - 5x7 (2 each)' => ['2 garden 5 x 7 in', '2 storm 5 x 7 in'],
            "4x6s (2 of each)\ngarden\nstorm" => ['2 garden 4 x 6 in', '2 storm 4 x 6 in'],
            "garden, storm and wood 5x7\nthree of each" => ['3 garden 5 x 7 in', '3 storm 5 x 7 in', '3 wood 5 x 7 in'],
            // What was said before is not ordered again.
            '0412 8x10 (was 5x7)' => ['1 DSC_0412 8 x 10 in'],
            'actually make 0418 an 11x14' => ['1 DSC_0418 11 x 14 in'],
            "0412 8x10\n0413 8x10\nsorry, 5x7 instead of the last" => ['1 DSC_0412 8 x 10 in'],
            "0412 8x10\nEDIT: swap 0412 for 0413" => [],
            "0412 8x10\n✘ 0413 8x10" => ['1 DSC_0412 8 x 10 in'],
            "0412\t8x10\t||||" => null,
            // A size within a size, and lengths that are no count.
            'storm 16x20, image 15x10 in' => ['1 storm 16 x 20 in image'],
            'storm 16x20 with an 8x10 image' => ['1 storm 16 x 20 in image'],
            'elephants 12x18, image 11x15, trim marks' => ['1 elephants 12 x 18 in image'],
            'garden 20x30 canvas, thickness 2 in' => ['1 garden 20 x 30 in canvas'],
            'garden 8x10, lettered "Hello" 20 mm high' => ['1 garden 8 x 10 in lettering'],
            // One side, a shape, an opening
            'garden 12 in wide' => ['1 garden 12 in wide'],
            'canvas of garden, 40 cm high' => ['1 garden 40 cm high'],
            '2 of garden 12 in on the long edge, 16:9' => ['2 garden 12 in long ratio'],
            'garden 8x10, 12 in wide' => null,
            'garden 8x10. the wall is 142 in wide' => ['1 garden 8 x 10 in'],
            'garden 8x10 to go behind a mount with an opening of 9.5 x 7.5 in' => ['1 garden 8 x 10 in opening'],
            // Sheets that are shared
            'two wings and lady bird 4x6 on one 8x12' => ['1 two-wings + lady-bird 8 x 12 in'],
            'two of wood 4x5 on one 8x10' => ['1 wood 8 x 10 in'],
            'two wings and lady bird 4x6, two to a sheet' => ['1 two-wings + lady-bird cheapest'],
            'garden 3x4, school-a 3x4, two to a sheet' => ['1 garden + school-a cheapest'],
            'two to a sheet: garden 3x4, school-a 3x4' => ['1 garden + school-a cheapest'],
            'garden 5x7 and school-a 5x7, two to an 8x10' => ['1 garden + school-a 8 x 10 in'],
            '5 of garden 4x6 on an 8x12' => ['5 garden 4 x 6 in carrier'],
            // What is not to be so isn't made so.
            'garden 8x10 but not on Cotton rag paper' => null,
            'canvas 20x30 of garden, not mirrored' => null,
            'canvas of garden 20x30, no mirror edge' => null,
            'garden 8x10, not centred' => null,
            'garden 8x10 less contrast' => null,
            'garden 8x10, storm bigger' => null,
            'a bigger one of garden: 16x20' => ['1 garden 16 x 20 in'],
            'garden and wood 8x10, storm not' => ['1 garden 8 x 10 in', '1 wood 8 x 10 in'],
            'garden 8x10 but storm not' => ['1 garden 8 x 10 in'],
            'garden 8x10, storm 8x10, all matte apart from the storm' => null,
            'all but the garden, 5x7' => null,
            "garden 8x10 ✓\nstorm 5x7 ✗" => ['1 garden 8 x 10 in'],
            'garden ~~8x10~~ 5x7' => ['1 garden 5 x 7 in'],
            "garden 8x10\n~~storm 5x7~~" => ['1 garden 8 x 10 in'],
            "garden 8x10 x2, 5x7 x4\nstorm same" => ['2 garden 8 x 10 in', '4 garden 5 x 7 in'],
            // What belongs to what
            'garden and wood all 5x7, and the storm as a canvas 20x30 with black sides' => [
                '1 garden 5 x 7 in',
                '1 wood 5 x 7 in',
                '1 storm 20 x 30 in canvas',
            ],
            "school-a: 8x10\nthe other school ones: 5x7" => ['1 school-a 8 x 10 in', '1 school-b 5 x 7 in'],
            'garden 5x7 in a set of 6 and wood 8x10' => null,
            "everything matte except the 8x10s\ngarden 5x7" => null,
            '3 sets: garden 8x10, wood 5x7' => ['3 garden 8 x 10 in', '3 wood 5 x 7 in'],
            'garden 8x10 and wood 5x7, twice' => null,
            'garden in 5x7 and 8x10, wood in 8x10. 2 of the small ones.' => null,
            "3 8x10\n2 5x7\ngarden" => ['2 garden 5 x 7 in'],
            "garden\n8x10 - 3\n5x7 - 2\nwood\nsame" => ['3 garden 8 x 10 in', '2 garden 5 x 7 in'],
            'garden 8x10 for a frame (inside measures 7.5x9.5)' => null,
            'garden A4 with 2cm white all round so image is 17x25.7' => null,
            'garden 12 square, wood 5x7' => ['1 garden 12 x 12 in', '1 wood 5 x 7 in'],
            'garden 30 x 40 cm plus 3 cm white border' => null,
            'garden 8x10 and 5x7; wood likewise' => null,
            'canvas of the garden (20 x 30) plus 4 prints 5x7 of the same' => ['1 garden 20 x 30 in', '4 garden 5 x 7 in'],
            'garden and wood on the same sheet, 4x5 each, 8x10 paper' => null,
            'two different ones on an 8x10: garden, wood (each 4x5)' => null,
            'Can we swap the garden 8x10 for a wood 8x10?' => null,
            'Instead of the garden 8x10 we would rather have the wood 8x10' => ['1 wood 8 x 10 in'],
            "Next month we'll want the garden 20x30" => null,
            'Please confirm you have my order of 2 8x10 garden' => null,
            'My last order was garden 8x10 x 2.' => null,
            'A print of garden (8x10) and a canvas of it (16x20)' => ['1 garden 8 x 10 in', '1 garden 16 x 20 in'],
            '3 prints: garden 8x10 x2, wood 11x14' => ['2 garden 8 x 10 in', '1 wood 11 x 14 in'],
            '4 prints: garden 8x10 x2, wood 11x14' => null,
            '2 copies: garden 8x10, wood 11x14' => ['2 garden 8 x 10 in', '2 wood 11 x 14 in'],
            'garden out, wood in, 8x10' => ['1 wood 8 x 10 in'],
            'Prints 5x7 – garden, wood, canvas 16x20 – storm' => ['1 garden 5 x 7 in', '1 wood 5 x 7 in', '1 storm 16 x 20 in'],
            "8x10\n0412 - 2\n0413 - 3\n5x7\n0417" => ['2 DSC_0412 8 x 10 in', '3 DSC_0413 8 x 10 in', '1 DSC_0417 5 x 7 in'],
            "garden\nwood\n8x10 each" => ['1 garden 8 x 10 in', '1 wood 8 x 10 in'],
            "garden\nwood\n8x10" => null,
            'Just two today: the garden 8x8 and the wood 8x12.' => ['1 garden 8 x 8 in', '1 wood 8 x 12 in'],
            'Just the two: garden 8x8 and wood 8x8, three of each' => ['3 garden 8 x 8 in', '3 wood 8 x 8 in'],
            '2 of each: garden 8x10, wood 5x7' => ['2 garden 8 x 10 in', '2 wood 5 x 7 in'],
            'garden 5x7, 2 for each of 3 families' => null,
            'garden 4x6 x12, wood twice that' => null,
            'garden 4x6 a dozen or so' => null,
            'garden 8x10 M' => null,
            '0412 8/10' => null,
            // One size in two writings, and what is said of one of two
            'garden 8x10 (20x25cm)' => null,
            'garden A4 (21x29.7 cm)' => null,
            'garden 8x10, 20x30cm' => ['1 garden 8 x 10 in', '1 garden 20 x 30 cm'],
            'garden 5x7 and up' => null,
            'garden and wood 5x7: garden portrait, wood landscape' => null,
            'one canvas and one print of the garden, 16x20' => null,
            'garden 8x10 canvas-like paper' => null,
            'all 8x10: garden, wood, storm' => ['1 garden 8 x 10 in', '1 wood 8 x 10 in', '1 storm 8 x 10 in'],
            'garden & wood, 3x4, both on one 4x6' => ['1 garden + wood 4 x 6 in'],
            "garden 4x6\nwood 4x6\nall on shared sheets" => null,
            "DSC_0412.jpg,5x7,3\nDSC_0413.jpg,8x10,2" => ['3 DSC_0412 5 x 7 in', '2 DSC_0413 8 x 10 in'],
            '0412-0413 8x10, 0417-0418 4x6' => [
                ...['1 DSC_0412 8 x 10 in', '1 DSC_0413 8 x 10 in'],
                ...['1 DSC_0417 4 x 6 in', '1 DSC_0418 4 x 6 in'],
            ],
            // What it costs
            'garden 8x10 at 25 each' => null,
            '3 garden 8x10 75.00' => ['3 garden 8 x 10 in'],
            'garden 8x10 qty: 2 price: 30' => ['2 garden 8 x 10 in'],
            'garden 8.27 x 11.69' => ['1 garden 8.27 x 11.69 in'],
            // What isn't settled
            'garden up to 16x20' => null,
            'garden about 8x10' => null,
            'garden 8x10 2/3' => null,
            'can I change the 8x10 of garden to an 11x14' => null,
            'every second picture 4x6' => null,
            "garden* 5x7\nwood 8x10\n* = two copies" => null,
            "garden† 5x7\nwood 8x10\n† means two copies" => null,
            "garden* 5x7\nwood 8x10\n\n* = lustre" => null,
            '0412/0413/0417 4x6 2ea' => ['2 DSC_0412 4 x 6 in', '2 DSC_0413 4 x 6 in', '2 DSC_0417 4 x 6 in'],
            // What is said and came to nothing is asked
            '1 garden 8x10 on lustre, 1 wood 8x10 on lustre, and both again at 16x20' => null,
            "garden 8x10\nwood 5x7\nme: all four" => null,
            "garden 8x10, x2\nwood 5x7\nCorrection to line 2: 3 copies" => null,
            'garden (8x10) for Gran, wood (5x7) for Aunt Pat. Pat would like hers in black and white.' => null,
            'garden and wood side by side on one 8x10, storm 4x6' => null,
            'garden as a canvas and wood as a print, both 16x20' => null,
            'For sale (12x18): the same three' => null,
            'for the grandparents (two sets): garden 5x7, wood 8x10' => ['2 garden 5 x 7 in', '2 wood 8 x 10 in'],
            'For the show (all 8x10): garden, wood' => ['1 garden 8 x 10 in', '1 wood 8 x 10 in'],
            "I'd like to order 2 of the 8x10 prints of garden" => ['2 garden 8 x 10 in'],
            'order no. 17: garden 8x10' => ['1 garden 8 x 10 in'],
            "garden 8x10, 1 copy\nwood 8x10, 1 copy\n+ all of the above in 5x7" => ['1 garden 8 x 10 in', '1 wood 8 x 10 in'],
            'garden 8x10, wood 8x10, storm 5x7 (same as the others)' => null,
            'For the parents (each): garden 8x10' => null,
            '1 off 16x20 of garden; 1 off 16x20 of wood; 2 off 8x10 of both' => null,
            '3 for 2 offer: garden 8x10, wood 8x10' => ['1 garden 8 x 10 in', '1 wood 8 x 10 in'],
            'garden -> 8x10 -> frame' => null,
            'Please send 1 print 8x10 of each: garden, wood' => ['1 garden 8 x 10 in', '1 wood 8 x 10 in'],
            'school a - b as a set of 5x7s' => ['1 school-a 5 x 7 in', '1 school-b 5 x 7 in'],
            '1x A3+ of garden' => null,
            'school a,b 8x10. 0412,0413,0417 5x7' => [
                ...['1 school-a 8 x 10 in', '1 school-b 8 x 10 in', '1 DSC_0412 5 x 7 in'],
                ...['1 DSC_0413 5 x 7 in', '1 DSC_0417 5 x 7 in'],
            ],
            "0412: 2\n0413: 3\nall of them 5x7" => ['2 DSC_0412 5 x 7 in', '3 DSC_0413 5 x 7 in'],
            '0412/8x10/2' => ['2 DSC_0412 8 x 10 in'],
            'school a / 5x7 / 2' => ['2 school-a 5 x 7 in'],
            '2 8x10 0412, 1 8x10 0413, 4 5x7 of 0417' => ['2 DSC_0412 8 x 10 in', '1 DSC_0413 8 x 10 in', '4 DSC_0417 5 x 7 in'],
            "Print 1: garden 16x20\nPrint 2: wood 16x20" => null,
            'garden 8x10, wood 8x10, storm 8x10 - with 1/2 in white borders' => null,
            'garden 8x10 (1st choice), wood 8x10 (2nd choice)' => null,
            'garden A2 & wood A3' => ['1 garden A2', '1 wood A3'],
            '3 of 0412, 2 of 0413, 1 of 0417. All 5x7.' => ['3 DSC_0412 5 x 7 in', '2 DSC_0413 5 x 7 in', '1 DSC_0417 5 x 7 in'],
            'no 0412, 0413 instead - 8x10' => null,
            'garden 5x7 + digital file' => null,
            "8x10\n0412\n0413 (2)" => ['1 DSC_0412 8 x 10 in', '2 DSC_0413 8 x 10 in'],
            "garden 5x7 and wood 8x10. She'd also like two 4x6 of each for her album." => null,
            "garden 5x7 x 20\n\nOn 12 Nov you wrote:\n> the 5x7 are 4.50 each, the 10x8 9.00" => null,
            '2: garden 8x10' => null,
            "Size 1: 8x10 - 0412\nSize 2: 5x7 - 0413" => null,
            '8x10 of everything I starred: 0412, 0413' => ['1 DSC_0412 8 x 10 in', '1 DSC_0413 8 x 10 in'],
            'garden (no. 412 in your list) 8x10' => null,
            '8x10 prints: garden. 6x4 prints: everything else from school' => null,
            'Please print "garden" and "wood" at 11x14.' => ['1 garden 11 x 14 in', '1 wood 11 x 14 in'],
            'garden 8x10 (replace the earlier wood 8x10)' => null,
            'garden - 2 x A4, 1 x A3; wood - as above' => null,
            'Total order = garden (8x10) & wood (11x14) => 2 prints' => null,
            '9 up garden 2.5x3.5 on 8x12' => ['1 garden 8 x 12 in'],
            'garden 8x10, two of them; storm x2' => null,
            'Two canvases: garden 40x60 cm and wood 40x60 cm, mirrored edges, 2 cm deep' => null,
            'Please add a 1 inch white border to garden (11x14) and wood (11x14).' => null,
            'halbes Dutzend von 0412 in 4x6 in' => null,
            '0412 (2 ex., 8x10), 0413 (1 ex., 5x7)' => ['2 DSC_0412 8 x 10 in', '1 DSC_0413 5 x 7 in'],
            'garden and wood as 5x7s (2 copies each) and storm as an 8x10 (1 copy)' => [
                ...['2 garden 5 x 7 in', '2 wood 5 x 7 in', '1 storm 8 x 10 in'],
            ],
            '3 of the 8x10 of garden and the same of wood' => ['3 garden 8 x 10 in', '3 wood 8 x 10 in'],
            // The rest
            'garden triptych 3 x 12x18' => ['1 garden 36 x 18 in panels'],
            'garden as three 12x18 panels' => ['1 garden 36 x 18 in panels'],
            'three panels of 30x60 in of garden' => ['1 garden 90 x 60 in panels'],
            'garden 5x7, jpeg quality 100' => ['1 garden 5 x 7 in output'],
            'garden 10.2x15.2 cm' => ['1 garden 4 x 6 in'],
            'garden 254 x 203 mm' => ['1 garden 10 x 8 in'],
            'garden 8x10 for my 3 kids' => ['1 garden 8 x 10 in'],
            // Written by other hands
            '0412 8 x 10, 0413 5 x 7' => ['1 DSC_0412 8 x 10 in', '1 DSC_0413 5 x 7 in'],
            '8x10: 0412 (x2) 0413' => ['2 DSC_0412 8 x 10 in', '1 DSC_0413 8 x 10 in'],
            '5x7: 0412, 0413 x2, 0417' => ['1 DSC_0412 5 x 7 in', '2 DSC_0413 5 x 7 in', '1 DSC_0417 5 x 7 in'],
            '5x7: 0412, 0413 x2' => null,
            '4x6: 0412, 0413, 8x10: 0417' => ['1 DSC_0412 4 x 6 in', '1 DSC_0413 4 x 6 in', '1 DSC_0417 8 x 10 in'],
            '- 0412: 8x10, - 0413: 5x7, 2 copies' => null,
            '0412 8x10 2 times ea. 0413 16x20.' => ['2 DSC_0412 8 x 10 in', '1 DSC_0413 16 x 20 in'],
            '1 by 5x7 of garden' => null,
            'garden 5x7,3' => null,
            "1 0412\n2 0413\n3 0417\nall 5x7" => [],
            "1!! garden 8x10\n2!! wood 5x7\n3!! storm 4x6" => [],
            "My top 3:\ngarden 4x6\nwood 4x6" => [],
            "All on matte, no cropping:\n\ngarden 8x10" => [],
            "not wanted\ngarden 8x10" => [],
            "Quote only please\n\ngarden 8x10\n\nwood 5x7" => [],
            "0402-0418 in 8x10, but the 0413 not\nwood 5x7" => ['1 wood 5 x 7 in'],
            "garden 8x10\nwood 5x7\nWe're having 3 copies of the report, so 3 of each. The deposit is paid." => [
                ...['3 garden 8 x 10 in', '3 wood 5 x 7 in'],
            ],
            "garden 8x10 x2\nIf that isn't enough then just one is fine." => null,
            "[Sovd for later] garden 8x10\nwood 5x7\nOnly what is in the basket please." => [],
            "Qty 2 - garden - 8x10\nFor mums (all 5x7, glos): wood" => ['2 garden 8 x 10 in'],
            '20 of garden in 4x6, and 2 x wood and 2 x storm in 5x7' => null,
            'grden and wood 5x7' => null,
            'fjrod 11x14 2 pcs and wood 5x7 3 pcs' => null,
            'a doezn 4x6 of garden' => null,
            'garden, wood + storm all as 4x6 lustre, and then 0412 16x20' => null,
            'garden 16x20, picture 8x10' => null,
            "All sziess in cm please\ngarden 20x30" => [],
            "file,size,copie\ngarden,8x10,2\nwood,5x7,1" => [],
            "garden 8x10\nwood 5x7\n✘ sotrm-1 8x10" => [],
            'Lustre, 8x10, garden' => null,
            'garden... 8x10... two please' => ['2 garden 8 x 10 in'],
            '1 (one) 0412 at 8 x 10 and 10 (ten) 0413 at 4 x 6' => ['1 DSC_0412 8 x 10 in', '10 DSC_0413 4 x 6 in'],
            '0412: 8x10 = £12.00 x 2 = £24' => ['2 DSC_0412 8 x 10 in'],
            'garden in 8x10 but only the left half of it where grandad is' => null,
            "garden 8x10 x3\nwood 8x10 x3\nmake all those 4 actually" => [],
            'garden and wood, 6x4s as per package. Upgrade wood to 8x10 please.' => [],
            'she said garden but I checked and she meant wood, 8x10' => null,
            'any 2 of the school ones at 4x6, your choice' => null,
            '0412 four by six three copies 0413 four by six two copies 0417 eight by ten one copy' => [
                ...['3 DSC_0412 4 x 6 in', '2 DSC_0413 4 x 6 in', '1 DSC_0417 8 x 10 in'],
            ],
            '0412 8x10 2 copies 0413 5x7' => null,
            'garden 8x10, just the two of us' => ['1 garden 8 x 10 in'],
            "garden 8x10\nwood 8x10\nMake the last one A4 instead and add another of the first." => [],
            'garden: A4. Both with the file name printed underneath in tiny grey type.' => null,
            'I circled: garden, wood. Crossed out: storm. Print circled ones 5x7.' => ['1 garden 5 x 7 in', '1 wood 5 x 7 in'],
            'garden 5x7 for the birthday (she\'ll be 10)' => ['1 garden 5 x 7 in'],
            'garden and wood as a diptych 20x30' => null,
            '(1) garden 8x8 (2) wood 8x8 (3) storm 11x14' => null,
            'garden 8x10 (two) wood 5x7' => ['2 garden 8 x 10 in', '1 wood 5 x 7 in'],
            '0412 bis 0413 in 10x15 cm (je 2), garden in 20x30 cm' => [
                ...['2 DSC_0412 10 x 15 cm', '2 DSC_0413 10 x 15 cm', '1 garden 20 x 30 cm'],
            ],
            '0412 to 0413 twice, 0417 once, 4x6' => null,
            '4x6: 0412-0413 (x2), 0417' => ['2 DSC_0412 4 x 6 in', '2 DSC_0413 4 x 6 in', '1 DSC_0417 4 x 6 in'],
            '4x6: 0402, 0412-0413 (x2), 0417' => null,
            '0412 0413 0417 0418 as a 2x2 grid on one 8x10' => null,
            '3 prints at 8x10: garden, wood, storm, trip' => null,
            'garden 11x14 with "Autumn" underneath in white' => null,
            'garden 8x10, one; wood 5x7, two' => ['1 garden 8 x 10 in', '2 wood 5 x 7 in'],
            '8x10: garden, 2, wood, 3' => ['2 garden 8 x 10 in', '3 wood 8 x 10 in'],
            'garden 8x12, 2 copies / wood 5x7' => ['2 garden 8 x 12 in', '1 wood 5 x 7 in'],
            'wood 8x10, two + garden 5x7' => ['2 wood 8 x 10 in', '1 garden 5 x 7 in'],
            '8x10: garden, wood, canyon, two' => null,
            '8x10: garden, wood, 6 copies, canyon' => null,
            '5x7s: garden * 2, wood, canyon * 3, the storm' => [
                '2 garden 5 x 7 in',
                '1 wood 5 x 7 in',
                '3 canyon 5 x 7 in',
                '1 storm 5 x 7 in',
            ],
            '8x10 5 copies: 0402 and 8x10 5 copies: 0409 and 11x14: 0412' => [
                '5 DSC_0402 8 x 10 in',
                '5 DSC_0409 8 x 10 in',
                '1 DSC_0412 11 x 14 in',
            ],
            'wood 8x10 qty 12, 0413 4x6' => ['12 wood 8 x 10 in', '1 DSC_0413 4 x 6 in'],
            // on one sheet is on one, even where two smaller ones cost less; a sheet that holds no print is none
            'garden 5x7 x3 on one sheet' => ['1 garden 11 x 14 in'],
            'garden 5x7 x2 on one sheet' => ['1 garden 8 x 10 in'],
            'garden 5x7 x30 on one sheet' => null,
            'garden 8x10 on 5x7' => null,
            'garden 8x10 on a 4x6' => null,
            "garden 8x10\nall on 5x7" => null,
        ];
        foreach ($said as $text => $taken) {
            yield $text => [$text, $taken];
        }
    }

    /** @param  ?list<string>  $meant */
    #[DataProvider('meant')]
    public function test_is_read_as_it_was_meant_or_asked(string $text, ?array $meant): void
    {
        self::assertSame($meant ?? [], array_map(self::inShort(...), self::taken($text)));
        $lines = ReadList::read($text, self::known(), self::PICTURES)->lines;
        $doubts = array_filter(
            array_merge(...array_map(fn ($line): array => $line->parts(), $lines)),
            fn (array $part): bool => $part['why'] !== null,
        );
        $meant === null && self::assertNotSame([], $doubts, 'and it is told why');
    }

    /** @param  array<string, mixed>  $print */
    private static function inShort(array $print): string
    {
        $cells = array_column($print['sheet']['cells'] ?? [], 'picture');
        $beside = array_filter(
            array_keys(array_filter($print, fn (mixed $value): bool => $value !== null)),
            fn (string $key): bool => in_array(
                $key,
                ['image', 'opening', 'ratio', 'canvas', 'lettering', 'carrier', 'panels', 'output'],
                true,
            ),
        );
        $names = array_map(fn (string $name): string => pathinfo($name, PATHINFO_FILENAME), $cells ?: [(string) $print['picture']]);

        return trim(($print['copies'] ?? 1).' '.implode(' + ', $names)." {$print['size']} ".implode(' ', $beside));
    }

    /** @return list<string> pictures of prints that would be taken without asking */
    private static function ofFamilies(string $text): array
    {
        $numbered = fn (string $of): array => array_map(fn (int $n): string => "{$of}-0{$n}.jpg", range(1, 8));
        $names = [...$numbered('ceremony'), ...$numbered('couple')];
        $sure = [];
        foreach (ReadList::read($text, self::known(), $names)->lines as $line) {
            foreach ($line->isSure() ? $line->prints : [] as $print) {
                $print->isSure && ($sure[] = (string) $print->wanted['picture']);
            }
        }

        return $sure;
    }

    public function test_numbers_behind_a_name_are_of_what_is_called_so(): void
    {
        self::assertSame(['ceremony-01.jpg', 'ceremony-02.jpg'], self::ofFamilies('the ceremony pictures 1-2 at 4x6'));
        self::assertSame(['couple-03.jpg', 'couple-05.jpg'], self::ofFamilies('couple ones 3 and 5, 8x10'));
        self::assertSame([], self::ofFamilies('pictures 1-4 in 5x7'), 'of which they are isn’t said');
        $sure = self::ofFamilies('ceremony 1-3 (4x6), 4-6 (5x7)');
        self::assertSame([], array_filter($sure, fn (string $of): bool => $of >= 'couple'));
    }

    public function test_all_and_the_rest(): void
    {
        $all = count(self::PICTURES);
        self::assertCount($all + 2, self::taken('all of them in 4x6, and 0402 + 0409 also in 8x10'));
        self::assertCount($all + 1, self::taken('4x6 of everything, plus an 8x10 of garden'));
        self::assertCount($all, self::taken('0412-0413 8x10, rest 4x6'));
        self::assertCount($all - 2, self::taken('all the pictures 5x7 except garden and storm'));
    }

    public function test_rows_apart_by_commas_are_columns(): void
    {
        $read = ReadList::read("filename,size,quantity\nDSC_0412.jpg,8x10,1\nDSC_0413.jpg,5x7,3", self::known(), self::PICTURES);
        $prints = array_map(fn (ReadPrint $print): array => $print->wanted, $read->prints());
        $is = fn (array $print): array => [$print['picture'] ?? null, $print['size'] ?? null, $print['copies'] ?? 1];
        self::assertContains(['DSC_0412.jpg', '8 x 10 in', 1], array_map($is, $prints));
        self::assertContains(['DSC_0413.jpg', '5 x 7 in', 3], array_map($is, $prints));
    }

    private const PRINT = ['picture' => 'garden.jpg', 'size' => '8 x 10 in', 'copies' => 1];

    private const CANVAS = ['make' => 'canvas', 'canvas' => ['darken' => ['strength' => 0.25]]] + self::PRINT;

    private const PANELS = ['make' => 'panels', 'size' => '90 x 60 in', 'panels' => ['columns' => [1, 1, 1]]] + self::PRINT;

    private const SHEET = [
        'make' => 'shared-sheet',
        'size' => '8 x 12 in',
        'sheet' => ['cells' => [['picture' => 'garden.jpg', 'size' => '4 x 6 in'], ['picture' => 'wood.jpg', 'size' => '4 x 6 in']]],
    ];

    /**
     * Said of what is there already; null for what has to be asked.
     *
     * @param  array<string, mixed>  $on
     * @param  ?array<string, mixed>  $change
     */
    #[TestWith([self::CANVAS, '50 %', null])]
    #[TestWith([self::CANVAS, 'stretched edges, 2 in', ['make' => 'canvas', 'canvas' => ['edge' => 'drawn-out', 'depth' => '2 in']]])]
    #[TestWith([self::CANVAS, 'edges darker', ['canvas' => ['darken' => ['strength' => 0.4]]]])]
    #[TestWith([self::PANELS, 'the middle panel 40 in wide', null])]
    #[TestWith([self::PANELS, 'each panel 30 in', null])]
    #[TestWith([self::PANELS, 'as one piece', ['make' => 'print']])]
    #[TestWith([self::SHEET, '1/4 in apart', ['sheet' => ['gutter' => '1/4 in']]])]
    #[
        TestWith([
            self::SHEET,
            'margin 1/2 in, on 12x18, trim marks',
            ['sheet' => ['margin' => '1/2 in', 'cutMarks' => true], 'size' => '12 x 18 in'],
        ]),
    ]
    #[TestWith([self::PRINT + ['output' => ['sharpen' => ['strength' => 'normal']]], 'sharpen more', null])]
    #[TestWith([self::PRINT, '8x10, jpeg, 100 %', ['output' => ['quality' => 100, 'format' => 'jpeg'], 'size' => '8 x 10 in']])]
    #[TestWith([self::PRINT, 'and a copy for the screen 1080x1350 px', null])]
    public function test_what_is_said_of_what_is_there(array $on, string $text, ?array $change): void
    {
        $read = SaidWish::read($text, self::known(), self::PICTURES, $on);
        self::assertSame($change !== null, $read->line->isSure());
        $change === null || self::assertEquals($change, $read->change);
    }

    /** Said of a print on the bench. */
    #[TestWith(['12 in'])]
    #[TestWith(['black edge'])]
    #[TestWith(['bananas'])]
    #[TestWith(['same as line 2'])]
    #[TestWith(['5x7 too'])]
    #[TestWith(['also 5x7'])]
    #[TestWith(['and a 5x7'])]
    #[TestWith(['square'])]
    #[TestWith(['4:5'])]
    #[TestWith(['twice as big'])]
    #[TestWith(['smaller'])]
    #[TestWith(['2 in deep'])]
    #[TestWith(['50 %'])]
    #[TestWith(['1 more in lustre'])]
    #[TestWith(['our other logo'])]
    #[TestWith(['2x3 crop, 12 in'])]
    #[TestWith(['black bars'])]
    #[TestWith(['tiff, quality 80'])]
    #[TestWith(['same again in 8x10'])]
    #[TestWith(['once more in 5x7'])]
    #[TestWith(['lettering 20 mm high'])]
    #[TestWith(['leave 5 mm for the frame'])]
    #[TestWith(['not centred'])]
    #[TestWith(['on 5x7'])]
    #[TestWith(['put it on a 4x6'])]
    public function test_a_wish_that_may_be_another_is_asked(string $text): void
    {
        self::assertFalse(SaidWish::read($text, self::known(), self::PICTURES, self::PRINT)->line->isSure());
    }

    /**
     * What is asked is one key away: each way it may be meant is said in words that are sure.
     *
     * @param  list<array<string, mixed>>  $ways
     */
    #[TestWith(['make it 12 in wide', [['size' => '12 in wide', 'turn' => null], ['image' => ['width' => '12 in']]]])]
    #[TestWith(['make it 6 in high', [['size' => '6 in high', 'turn' => null], ['image' => ['height' => '6 in']]]])]
    #[
        TestWith([
            'crop to 16:9',
            [['size' => '10 in wide', 'ratio' => '16:9', 'turn' => null], ['size' => '8 in high', 'ratio' => '16:9', 'turn' => null]],
        ]),
    ]
    #[
        TestWith([
            'square',
            [['size' => '10 in wide', 'ratio' => '1:1', 'turn' => null], ['size' => '8 in high', 'ratio' => '1:1', 'turn' => null]],
        ]),
    ]
    public function test_what_is_asked_has_its_ways(string $text, array $ways): void
    {
        $asked = SaidWish::read($text, self::known(), self::PICTURES, self::PRINT)->line;
        self::assertFalse($asked->isSure());
        $offers = array_merge(...array_column($asked->parts(), 'offers'));
        $meant = array_map(
            fn (array $offer): SaidWish => SaidWish::read($offer['with'], self::known(), self::PICTURES, self::PRINT),
            $offers,
        );
        self::assertSame([true, true], array_map(fn (SaidWish $wish): bool => $wish->line->isSure(), $meant));
        self::assertEquals($ways, array_map(fn (SaidWish $wish): array => $wish->change, $meant));
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function done(): iterable
    {
        $said = [
            'three copies' => ['copies' => 3],
            'one more please' => ['copies' => 2],
            '2 more copies' => ['copies' => 3],
            'add 2 copies' => ['copies' => 3],
            'two extra' => ['copies' => 3],
            'web version 2048 sharpened' => ['screenCopy' => ['longSide' => 2048, 'sharpen' => true]],
            'a web copy with the mark' => ['screenCopy' => ['overlays' => [['picture' => 'mark.png']]]],
            'note for the lab: no white' => ['remark' => ['lab' => 'no white']],
            '+2' => ['copies' => 3],
            'canvas 20x30, 2 in' => ['make' => 'canvas', 'canvas' => ['depth' => '2 in'], 'size' => '20 x 30 in'],
            'and an e-mail copy of 864 px' => ['screenCopy' => ['longSide' => 864]],
            'a small jpeg for facebook' => ['screenCopy' => []],
            'captioned with file name and size' => ['caption' => ['parts' => ['file', 'size']]],
            '12x8.57, without white' => ['fit' => 'fill', 'border' => null, 'size' => '12 x 8.57 in'],
            'sharpen for screen' => ['output' => ['sharpen' => ['surface' => 'screen', 'strength' => 'normal']]],
            'text "For Mum", centred' => ['lettering' => [['text' => 'For Mum', 'align' => 'middle']]],
            'logo bottom left, small' => [
                'overlays' => [['picture' => 'mark.png', 'where' => 'bottom-left', 'width' => '14.4 %']],
            ],
            'white border 1/2 in' => ['border' => '1/2 in', 'paperColour' => '#ffffff'],
            'canvas, 1.5 in deep' => ['make' => 'canvas', 'canvas' => ['depth' => '1.5 in']],
            'small copy for e-mail, 1600 px' => ['screenCopy' => ['longSide' => 1600]],
            'image 13 1/2 by 9 in' => ['image' => ['width' => '13 1/2 in', 'height' => '9 in']],
            'make it 11x14 instead' => ['size' => '11 x 14 in'],
            'a bit more contrast' => ['forPaper' => ['contrast' => 0.1]],
            'show the whole image' => ['fit' => 'whole'],
        ];
        foreach ($said as $text => $change) {
            yield $text => [$text, $change];
        }
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('done')]
    public function test_what_is_plain_is_done(string $text, array $change): void
    {
        $read = SaidWish::read($text, self::known(), self::PICTURES, self::PRINT);
        self::assertTrue($read->line->isSure(), (string) json_encode($read->line->parts()));
        self::assertEquals($change, $read->change);
    }
}
