<?php

declare(strict_types=1);

namespace Tests\core\Reading;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Finish\LinePictures;
use Planisher\Language\Foreign\Tongue;
use Planisher\Language\Known;
use Planisher\Language\Rule\Notation;
use Planisher\Language\Says;
use Planisher\Language\Words\PictureNames;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;
use Planisher\Reading\Reader;
use Planisher\Reading\ReadList;
use Planisher\Reading\ReadPrint;
use Planisher\Reading\Rule\RuleBook;
use Planisher\Reading\SaidWish;
use Planisher\Reading\TooMuch;
use Planisher\Written\Lexer;
use Planisher\Written\Numbers;

/** What the reader is made of, and what holds for every list whatever is in it. */
final class ReadingTest extends TestCase
{
    /** @return list<ChartItem> without what was passed over */
    private static function items(string $text): array
    {
        $items = (new Reader(Given::known(), new PictureNames(Given::PICTURES)))->items($text);

        return array_values(array_filter($items, fn (ChartItem $item): bool => $item->kind->saysSomething()));
    }

    /** Every number from 1 to 20 in words, and the fractions a ruler has. */
    public function test_numbers_in_words(): void
    {
        $number = fn (string $said): float => Numbers::at(Lexer::words($said), 0)[0]->value;
        $words = explode(' ', 'one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen');
        foreach ([...$words, 'seventeen', 'eighteen', 'nineteen', 'twenty'] as $i => $word) {
            self::assertSame((float) ($i + 1), $number($word), $word);
        }
        self::assertSame(
            [24.0, 240.0, 12.0, 6.0, 2.0],
            array_map($number, ['twenty-four', 'two hundred and forty', 'a dozen', 'half a dozen', 'a pair']),
        );
        $parts = [
            'half an' => 0.5,
            'a quarter' => 0.25,
            'three quarters' => 0.75,
            'one and a half' => 1.5,
            '2 1/2' => 2.5,
            '½' => 0.5,
            '8½' => 8.5,
        ];
        foreach ($parts as $said => $inches) {
            $typed = Numbers::at(Lexer::words($said), 0)[0]->typed;
            self::assertSame($inches, Length::parse("{$typed} in")->inches(), $said);
        }
    }

    /** @return array<string, array{string, string, bool}> written, read, sure */
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
            'signs for fractions' => ['8½x11', '8 1/2 x 11 in', true],
            'letters of another script' => ['8х10', '8 x 10 in', true],
            'full-width figures' => ['８ｘ１０', '8 x 10 in', true],
            'sold in cm, too' => ['30x40', '30 x 40 in', false],
            'inches, rounded to millimetres' => ['10.2 x 15.2 cm', '4 x 6 in', true],
        ];
    }

    #[DataProvider('sizes')]
    public function test_sizes_in_any_writing(string $written, string $read, bool $isSure): void
    {
        $items = self::items($written);
        self::assertCount(1, $items);
        self::assertSame([ItemKind::Size, $read, $isSure], [$items[0]->kind, (string) $items[0]->size, $items[0]->why === null]);
        self::assertSame(strlen($written), $items[0]->length);
    }

    public function test_a_side_of_nothing_is_no_size(): void
    {
        self::assertSame([], array_filter(self::items('0x10'), fn (ChartItem $item): bool => $item->kind === ItemKind::Size));
    }

    public function test_three_figures_are_a_size_and_how_many(): void
    {
        foreach (['2 x 8x10' => [2, '8 x 10 in'], '8x10 x 2' => [2, '8 x 10 in'], '3 5x7' => [3, '5 x 7 in']] as $written => $meant) {
            $count = array_values(array_filter(self::items($written), fn (ChartItem $item): bool => $item->kind === ItemKind::Count));
            $size = array_values(array_filter(self::items($written), fn (ChartItem $item): bool => $item->kind === ItemKind::Size));
            self::assertSame($meant, [$count[0]->count, (string) $size[0]->size], $written);
        }
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function pictures(): iterable
    {
        yield 'by a number' => ['412', ['IMG_0412.jpg']];
        yield 'by two' => ['0412 and #418', ['IMG_0412.jpg', 'IMG_0418.jpg']];
        yield 'a range' => ['412–413', ['IMG_0412.jpg', 'IMG_0413.jpg']];
        yield 'a short range' => ['412-13', ['IMG_0412.jpg', 'IMG_0413.jpg']];
        yield 'a word of its name' => ['the lighthouse', ['lighthouse-point.jpg']];
        yield 'words turned round, with others between' => ['the boat at dawn', ['rowing-boat-dawn.jpg']];
        yield 'several of a name' => ['both harbours', ['harbour-morning.jpg', 'harbour-evening.jpg']];
    }

    /** @param  list<string>  $names */
    #[DataProvider('pictures')]
    public function test_pictures_as_they_are_spoken_of(string $said, array $names): void
    {
        $prints = ReadList::read("{$said} 8x10", Given::known(), Given::PICTURES)->prints();
        self::assertSame($names, array_map(fn (ReadPrint $print): string => (string) ($print->wanted['picture'] ?? ''), $prints));
    }

    public function test_places_in_the_order(): void
    {
        $names = fn (string $said): array => array_map(
            fn (ReadPrint $print): ?string => $print->wanted['picture'] ?? null,
            ReadList::read($said, Given::known(), Given::PICTURES)->prints(),
        );
        self::assertSame(['slipway.jpg', 'oars.jpg'], $names('the last two 8x10'));
        self::assertSame(['lighthouse-point.jpg'], $names('first one 8x10'));
    }

    /** Whatever is written: its parts are the line again, and nothing that wasn't understood looks sure. */
    public function test_parts_are_the_line_again(): void
    {
        $texts = [
            ...self::lines('lists.txt'),
            ...[
                '“',
                '8x',
                'x8',
                '½½½',
                'é̂ 8×10',
                str_repeat('of ', 300),
                '1,2,3;4:5',
                "a\u{1f}b 8x10",
                '100% 5 %',
                '(((',
                '""""',
                "8x10\u{200b}",
            ],
            ...["\u{202e}8x10 of oars", '😀👨‍👩‍👧 8x10', 'שלום 8x10', str_repeat('8x10 ', 100), str_repeat('12 ', 200), str_repeat('"', 200)],
        ];
        foreach ($texts as $text) {
            foreach (ReadList::read($text, Given::known(), Given::PICTURES)->lines as $line) {
                self::assertSame($line->text, implode('', array_column($line->parts(), 'words')));
                $unknown = array_filter(
                    $line->items,
                    fn (ChartItem $item): bool => $item->kind === ItemKind::Unknown && $item->why !== null,
                );
                self::assertFalse($unknown !== [] && $line->isSure(), $text);
            }
        }
    }

    /** The same words in any case and with more room between them are the same. */
    public function test_case_and_spaces_say_nothing(): void
    {
        $read = fn (string $of): array => array_map(
            fn (ReadPrint $print): array => array_diff_key($print->wanted, ['subject' => true, 'remark' => true]),
            ReadList::read($of, Given::known(), Given::PICTURES)->prints(),
        );
        foreach (self::lines('wishes.txt') as $wish) {
            $text = explode(' => ', $wish)[0].' slipway 8x10';
            if (preg_match('/["\']|named|call|remark|px|leave/', $text) !== 1) {
                self::assertEquals($read($text), $read(str_replace(' ', '  ', $text)), $text);
                self::assertEquals($read($text), $read("{$text} "), $text);
            }
        }
    }

    public function test_columns_are_known_by_what_stands_above_them(): void
    {
        $read = ReadList::read("Image\tPrint size\tCopies\tNotes\noars.jpg\t8x10\t2\twhole", Given::known(), Given::PICTURES)->prints();
        self::assertCount(1, $read);
        self::assertEquals(
            ['oars.jpg', '8 x 10 in', 2, 'whole'],
            [$read[0]->wanted['picture'], $read[0]->wanted['size'], $read[0]->wanted['copies'], $read[0]->wanted['fit'] ?? null],
        );
    }

    public function test_a_matrix_of_pictures_and_sizes(): void
    {
        $read = ReadList::read("\t4x6\t8x10\noars\t2\t\nslipway\t\t1", Given::known(), Given::PICTURES)->prints();
        $short = fn (ReadPrint $print): string => "{$print->wanted['copies']} {$print->wanted['picture']} {$print->wanted['size']}";
        self::assertSame(['2 oars.jpg 4 x 6 in', '1 slipway.jpg 8 x 10 in'], array_map($short, $read));
    }

    /** No rule without an example that it is the cheapest reading of; those said of what is there are tried on such a line. */
    public function test_every_example_is_read_by_its_rule(): void
    {
        $reader = new Reader(Given::known(), new PictureNames(Given::PICTURES));
        $rules = RuleBook::general();
        $with = $shadowed = [];
        foreach ($rules as $rule) {
            foreach ($rule->like as $example) {
                $with[$rule->says] = true;
                $found = false;
                foreach ([[], ...self::linesOf($rule->for ?? 'print')] as $on) {
                    foreach ($reader->items($example, $on, $rule->for) as $item) {
                        $found = $found || $item->rule === $rule;
                    }
                }
                $found || ($shadowed[] = "“{$example}” isn’t read by {$rule->says}");
            }
        }
        self::assertSame([], array_diff(array_map(fn ($rule): string => $rule->says, $rules), array_keys($with)), 'has no example');
        self::assertSame([], $shadowed);
    }

    /** @return list<array<string, mixed>> lines that have what may be spoken of: a border, letters, a sheet’s prints */
    private static function linesOf(string $make): array
    {
        $line = ['make' => $make, 'picture' => 'oars.jpg', 'size' => '8 x 10 in', 'copies' => 4, 'border' => '1 in'];
        $line += ['keyline' => [], 'forPaper' => ['contrast' => 0.2], 'canvas' => ['soften' => 0.4], 'image' => ['width' => '7 in']];
        $at = ['sheet' => 0, 'x' => '0 in', 'y' => '0 in'];
        $cells = [['picture' => 'oars.jpg', 'size' => '4 x 5 in', 'at' => $at]];
        $cells[] = ['picture' => 'slipway.jpg', 'size' => '2 x 3 in', 'at' => ['y' => '5 in'] + $at];

        return [
            $line,
            $line + ['lettering' => [['text' => 'Hello']]],
            ['make' => 'shared-sheet', 'size' => '8 x 10 in', 'sheet' => ['cells' => $cells]],
            ['make' => 'canvas', 'picture' => 'oars.jpg', 'size' => '20 x 30 in'],
        ];
    }

    /** Every notation is whole, and says which words a line has to have for it. */
    public function test_needed_words_hide_no_rule(): void
    {
        foreach (RuleBook::general() as $rule) {
            $node = Notation::read($rule->says);
            foreach ($rule->like as $example) {
                $texts = array_fill_keys(array_map(fn ($word): string => $word->text, Lexer::words($example)), true);
                foreach ($node->needs() as $words) {
                    self::assertNotSame([], array_intersect_key($words, $texts), "“{$example}” has all that {$rule->says} needs");
                }
            }
        }
    }

    public function test_lines_of_one_shape_are_read_as_each_would_be_alone(): void
    {
        $shapes = ['%s 8x10 x2 matte', '%s: 5x7', '2 of %s, 8x12, white border 1/4 in', '%s 11x14 canvas'];
        foreach ($shapes as $shape) {
            $texts = array_map(fn (string $of): string => sprintf($shape, $of), ['0412', '0413', '415', '0418']);
            $together = ReadList::read(implode("\n", $texts), Given::known(), Given::PICTURES)->prints();
            foreach ($texts as $i => $text) {
                $alone = ReadList::read($text, Given::known(), Given::PICTURES)->prints();
                self::assertCount(1, $alone);
                self::assertEquals($alone[0]->wanted, $together[$i]->wanted, $text);
            }
        }
    }

    /** Of pictures known by their numbers alone, too, whichever numbers follow each other. */
    public function test_lines_of_numbers_are_read_as_each_would_be_alone(): void
    {
        $pictures = array_map(fn (int $n): string => sprintf('IMG_%04d.jpg', $n), [...range(401, 430), ...range(995, 1010)]);
        $pictures[] = 'IMG_0405-2.jpg';
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(24));
        $number = fn (): string => sprintf($random->getInt(0, 1) === 1 ? '%04d' : '%d', $random->getInt(398, 432));
        $ways = [
            fn (): string => "{$number()} 8x10",
            fn (): string => "{$number()}, {$number()} 5x7",
            fn (): string => "{$number()}-{$number()} 4x6 x2",
            fn (): string => "{$number()}, ".$random->getInt(1, 31).' 4x6',
            fn (): string => $random->getInt(1, 12)." of {$number()} 8x10",
            fn (): string => "IMG_{$number()} 5x7 ".$random->getInt(1, 12),
            fn (): string => "{$number()} and {$number()}, {$random->getInt(1, 3)} of each 4x6",
            fn (): string => "{$number()}/{$number()} 8x10",
        ];
        $reader = new Reader(Given::known(), new PictureNames($pictures));
        $told = fn (array $items): array => array_map(
            fn (ChartItem $item): array => [$item->kind, $item->at, $item->length, $item->count, $item->names(), $item->why],
            $items,
        );
        for ($n = 0; $n < 600; $n++) {
            $line = $ways[$random->getInt(0, count($ways) - 1)]();
            $alone = new Reader(Given::known(), new PictureNames($pictures));
            self::assertEquals($told($alone->items($line)), $told($reader->items($line)), $line);
        }
    }

    /** @return iterable<string, array{string, string, list<string>}> language, text, prints */
    public static function tongues(): iterable
    {
        yield 'German' => [
            'de',
            "Hallo, bitte je 2 Abzüge von 0412 und 0413 in 13x18 cm\ndanke",
            ['2 IMG_0412.jpg 13 x 18 cm', '2 IMG_0413.jpg 13 x 18 cm'],
        ];
        yield 'French' => ['fr', 'Bonjour, je voudrais deux tirages de 0412 en 20x30 cm, merci', ['2 IMG_0412.jpg 20 x 30 cm']];
        yield 'Spanish' => ['es', 'Hola, queremos tres copias de la 0412 en 20x30 cm, gracias', ['3 IMG_0412.jpg 20 x 30 cm']];
    }

    /** @param  list<string>  $meant */
    #[DataProvider('tongues')]
    public function test_other_languages(string $language, string $text, array $meant): void
    {
        self::assertSame($language, Tongue::of($text));
        $prints = ReadList::read($text, Given::known(), Given::PICTURES)->prints();
        self::assertSame(
            $meant,
            array_map(fn (ReadPrint $of): string => "{$of->wanted['copies']} {$of->wanted['picture']} {$of->wanted['size']}", $prints),
        );
    }

    /** A house finish and the studio's own words are meant wherever they stand. */
    public function test_the_studios_own_names(): void
    {
        $given = Given::known();
        $known = new Known(
            $given->lab,
            $given->marks,
            $given->unit,
            finishes: ['Gallery white' => fn (): array => ['border' => '1 in', 'fit' => 'whole']],
        );
        foreach (['gallery white', 'as Gallery white', 'oars 8x10 with gallery white'] as $text) {
            self::assertSame('1 in', SaidWish::read($text, $known, Given::PICTURES)->change['border'] ?? null, $text);
        }
    }

    /** A house finish of a sheet is filled with the pictures, as many as it has places for, on as many lines as that takes. */
    public function test_house_finishes_of_sheets(): void
    {
        $given = Given::known();
        $two = ['make' => 'shared-sheet', 'size' => '8 x 10 in', 'sheet' => ['cells' => [['size' => '5 x 7 in'], ['size' => '5 x 7 in']]]];
        $known = new Known(
            $given->lab,
            $given->marks,
            $given->unit,
            finishes: ['Two up' => fn (?string $make): array => $two + [Says::PLACES => 2]],
        );
        $read = fn (string $text): array => ReadList::read($text, $known, Given::PICTURES)->lines[0]->prints;
        $held = fn (ReadPrint $print): array => LinePictures::take($print->wanted)[1];

        $full = $read('slipway, oars as Two up');
        self::assertSame([['slipway.jpg', 'oars.jpg'], true], [$held($full[0]), $full[0]->isSure]);
        self::assertSame('shared-sheet', $full[0]->wanted['make']);

        $half = $read('two ups of slipway, oars and beehives');
        self::assertSame([['slipway.jpg', 'oars.jpg'], ['beehives.jpg']], array_map($held, $half));
        self::assertSame([true, false], array_column($half, 'isSure'));

        // Its prints are of 5 × 7 in, so that size says nothing else, and another one does.
        self::assertTrue($read('slipway and oars 5x7 two up')[0]->isSure);
        self::assertFalse($read('slipway and oars 4x6 two up')[0]->isSure);
        self::assertCount((int) ceil(count(Given::PICTURES) / 2), $read('all pictures as two up'));
    }

    public function test_more_than_anybody_writes_is_told(): void
    {
        foreach ([str_repeat('8x10 ', 20_000), str_repeat("8x10\n", 5_000), str_repeat('(', 1_000_000)] as $text) {
            try {
                ReadList::read($text, Given::known(), Given::PICTURES);
                self::fail('This was to be told.');
            } catch (TooMuch $e) {
                self::assertMatchesRegularExpression('/are read at once\. Give a part of it\.$/', $e->getMessage());
            }
        }
        $long = ReadList::read("oars 5x7\n".str_repeat('8x10 ', 2_000), Given::known(), Given::PICTURES);
        self::assertCount(1, $long->prints(), 'the other line is read all the same');
        self::assertStringContainsString('was not read. Break it into lines', (string) $long->lines[1]->parts()[0]['why']);
        $wide = implode(',', range(1, 100));
        $table = ReadList::read("{$wide}\n{$wide}", Given::known(), Given::PICTURES);
        self::assertSame([], $table->prints());
        self::assertStringContainsString('100 columns', (string) $table->lines[0]->parts()[0]['why']);
        self::assertCount(1, ReadList::read("8x10 \xff\xfe of oars", Given::known(), Given::PICTURES)->prints());
    }

    public function test_sizes_are_parsed_as_everywhere_else(): void
    {
        foreach (['8 x 10 in', '8 1/2 x 11 in', '20 x 30 cm', 'A4'] as $size) {
            self::assertTrue(self::items($size)[0]->size?->sameAs(Size::parse($size)), $size);
        }
    }

    /** @return list<string> */
    private static function lines(string $file): array
    {
        return array_values(array_filter(explode("\n", (string) file_get_contents(__DIR__."/{$file}"))));
    }
}
