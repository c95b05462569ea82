<?php

declare(strict_types=1);

namespace Tests\core\Reading;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\ClientList\LinePhrases;
use Planisher\ClientList\ListTable;
use Planisher\ClientList\PictureWords;
use Planisher\ClientList\SizeWords;
use Planisher\Finish\Finish;
use Planisher\Finish\Finishes;
use Planisher\Measure\Length;
use Planisher\Measure\Unit;
use Planisher\Reading\ReadList;
use Planisher\Wish\NumberWords;
use Planisher\Wish\Wording;

/** What the grammar is made of, and what holds for every list whatever is in it. */
final class GrammarTest extends TestCase
{
    /** Every number from 1 to 20 in words, and the fractions a ruler has. */
    public function test_numbers_in_words(): void
    {
        $words = [
            'one',
            'two',
            'three',
            'four',
            'five',
            'six',
            'seven',
            'eight',
            'nine',
            'ten',
            'eleven',
            'twelve',
            'thirteen',
            'fourteen',
        ];
        foreach ([...$words, 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen', 'twenty'] as $i => $word) {
            self::assertSame($i + 1, NumberWords::count($word));
            self::assertSame(1, preg_match('/^'.NumberWords::whole().'$/i', $word), $word);
        }
        self::assertSame([12, 6, 2, 0], array_map(NumberWords::count(...), ['a dozen', 'half a dozen', 'A  pair', 'zero']));
        self::assertNull(NumberWords::count('many'));
        $parts = ['half an' => 0.5, 'a quarter' => 0.25, 'three quarters' => 0.75, 'one and a half' => 1.5, '2 1/2' => 2.5, '½' => 0.5];
        foreach ($parts as $said => $inches) {
            self::assertSame($inches, Length::parse(NumberWords::typed($said).' in')->inches(), $said);
        }
    }

    /** @return array<string, array{string, ?string, bool}> written, read, sure */
    public static function sizes(): array
    {
        return [
            'tight' => ['8x10', '8 x 10 in', true],
            'by' => ['8 by 10', '8 x 10 in', true],
            'a times sign and a unit' => ['20×30 cm', '20 x 30 cm', true],
            'an inch mark' => ['5 x 7"', '5 x 7 in', true],
            'both sides with theirs' => ['8in x 10in', '8 x 10 in', true],
            'in words' => ['eight by ten', '8 x 10 in', true],
            'six is no x' => ['four by six', '4 x 6 in', true],
            'several of it' => ['8x10s', '8 x 10 in', true],
            'ISO 216' => ['A4', 'A4', true],
            'a square' => ['12 inch square', '12 x 12 in', true],
            'either way up' => ['10x8', '10 x 8 in', true],
            'fractions' => ['8 1/2 x 11 in', '8 1/2 x 11 in', true],
            'sold in cm, too' => ['30x40', '30 x 40 in', false],
            'a side of nothing' => ['0x10', null, false],
        ];
    }

    #[DataProvider('sizes')]
    public function test_sizes_in_any_writing(string $written, ?string $read, bool $isSure): void
    {
        $tokens = (new SizeWords(Given::known()->lab, Unit::Inch, false))->take(new Wording($written));
        self::assertCount(1, $tokens);
        self::assertSame($read, $tokens[0]->size === null ? null : (string) $tokens[0]->size);
        self::assertSame($isSure, $tokens[0]->why === null);
        self::assertSame(strlen($written), $tokens[0]->length);
    }

    public function test_three_figures_are_a_size_and_how_many(): void
    {
        foreach (['2 x 8x10' => [2, '8 x 10 in'], '8x10 x 2' => [2, '8 x 10 in'], '3x5x7' => [3, '5 x 7 in']] as $written => $meant) {
            $tokens = (new SizeWords(Given::known()->lab, Unit::Inch, false))->take(new Wording($written));
            self::assertSame($meant, [$tokens[0]->count, (string) $tokens[1]->size], $written);
        }
    }

    public function test_pictures_by_number_range_and_place(): void
    {
        $words = new PictureWords(Given::PICTURES);
        $numbered = fn (string $said): array => array_merge(
            ...array_map(fn ($token): array => $token->pictures, $words->numbered(new Wording($said))),
            ...[[]],
        );
        self::assertSame(['IMG_0412.jpg'], $numbered('412'));
        self::assertSame(['IMG_0412.jpg', 'IMG_0418.jpg'], $numbered('0412 and #418'));
        self::assertSame(['IMG_0412.jpg', 'IMG_0413.jpg'], $numbered('412–413'));
        self::assertSame(['IMG_0412.jpg', 'IMG_0413.jpg'], $numbered('412-13'));
        self::assertSame(['slipway.jpg', 'oars.jpg'], $numbered('the last two'));
        self::assertSame(['lighthouse-point.jpg'], $numbered('first'));
        self::assertSame([], $numbered('12 of 8x10'));
    }

    /** The quick look for a phrase's words never hides the phrase. */
    public function test_hints_hide_nothing(): void
    {
        $finishes = array_merge(...array_map(fn (Finish $finish): array => $finish->phrases(), array_values(Finishes::all())));
        $phrases = [...LinePhrases::texts(), ...LinePhrases::all(), ...LinePhrases::ofLab(Given::known()), ...$finishes];
        $texts = [...self::lines('wishes.txt'), ...self::lines('lists.txt')];
        $found = 0;
        foreach ($texts as $text) {
            foreach ($phrases as $phrase) {
                if (preg_match($phrase->pattern, $text) === 1) {
                    $found++;
                    self::assertSame(1, preg_match($phrase->hint, $text), "{$phrase->hint} in “{$text}”");
                }
            }
        }
        self::assertGreaterThan(200, $found);
    }

    /** Whatever is written: its parts are the line again, and nothing in it is dropped unsaid. */
    public function test_parts_are_the_line_again(): void
    {
        $texts = [
            ...self::lines('lists.txt'),
            "\t  ",
            '“',
            '8x',
            'x8',
            '½½½',
            'é̂ 8×10',
            str_repeat('of ', 300),
            '1,2,3;4:5',
            "a\u{1f}b 8x10",
            '100% 5 %',
        ];
        foreach ($texts as $text) {
            foreach (ReadList::read($text, Given::known(), Given::PICTURES)->lines as $line) {
                self::assertSame($line->text, implode('', array_column($line->parts(), 'words')));
                foreach ($line->prints as $print) {
                    self::assertFalse(
                        $print->isSure && in_array('left', array_column($line->parts(), 'is'), true) && count($line->prints) === 1,
                        $text,
                    );
                }
            }
        }
    }

    /** The same words in any case and with more room between them are the same. */
    public function test_case_and_spaces_say_nothing(): void
    {
        foreach (self::lines('wishes.txt') as $wish) {
            $text = explode(' => ', $wish)[0].' slipway 8x10';
            $read = fn (string $of): array => array_map(
                fn ($print): array => array_diff_key($print->wanted, ['subject' => true]),
                ReadList::read($of, Given::known(), Given::PICTURES)->prints(),
            );
            if (preg_match('/["\']|named|px/', $text) !== 1) {
                self::assertEquals($read($text), $read(mb_strtoupper($text)), $text);
                self::assertEquals($read($text), $read(str_replace(' ', '  ', $text)), $text);
            }
        }
    }

    public function test_columns_are_known_by_what_stands_above_them(): void
    {
        $rows = [['Image', 'Print size', 'Copies', 'Notes', 'Paper'], ['oars.jpg', '8x10', '2.0', 'whole', 'matte'], ['', '', '', '', '']];
        self::assertSame('2 of oars.jpg, 8x10, whole, matte', ListTable::text($rows));
        self::assertSame("oars, 8x10\nslipway, 5x7", ListTable::text([['oars', '8x10'], ['slipway', '5x7']]));
        self::assertSame('', ListTable::text([]));
    }

    /** @return list<string> */
    private static function lines(string $file): array
    {
        return array_values(array_filter(explode("\n", (string) file_get_contents(__DIR__."/{$file}"))));
    }
}
