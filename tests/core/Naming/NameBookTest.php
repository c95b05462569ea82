<?php

declare(strict_types=1);

namespace Tests\core\Naming;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Finish\LineReader;
use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec;
use Planisher\Measure\Size;
use Planisher\Naming\NameBook;
use Planisher\Naming\NameParts;
use Planisher\Naming\SafeText;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderHead;
use Tests\core\LineContexts;

final class NameBookTest extends TestCase
{
    /** @param  array<string, mixed>  $line */
    private static function named(array $line, int $length = 60, string $client = 'Isholm Rowing Club'): string
    {
        return (string) NameBook::names(new OrderHead('2611-04', $client, '2026-11-24'), LineContexts::lab(['nameLength' => $length]), [
            1 => LineContexts::line($line),
        ])[1];
    }

    public function test_the_usual_name(): void
    {
        self::assertSame('isholm-rowing-club_8x10_breakwater-light_1.jpg', self::named(['subject' => 'Breakwater light']));
        // 5x7_harbour-fair_1: common practice, no source
        self::assertSame(
            '5x7_harbour-fair_1.jpg',
            self::named(['size' => '5 x 7 in', 'subject' => 'Harbour fair', 'name' => ['parts' => ['size', 'subject', 'number']]]),
        );
    }

    public function test_every_part(): void
    {
        $parts = ['order', 'date', 'finish', 'copies', ['text' => 'Proof!'], 'number'];
        self::assertSame(
            '2611-04-2026-11-24-print-3-copies-proof-1.jpg',
            self::named(['copies' => 3, 'name' => ['parts' => $parts, 'join' => '-']]),
        );
    }

    /** A shortened size would be another size: 4x6 is no 4x. */
    public function test_a_size_is_said_whole_or_not_at_all(): void
    {
        foreach (['4 x 6 in' => '4x6', '8½ x 11 in' => '8-5x11', '12.25 x 18.125 in' => '12-25x18-125'] as $size => $said) {
            foreach (range(16, 40) as $length) {
                $name = self::named(['size' => $size, 'subject' => 'Breakwater light at the point'], $length);
                self::assertLessThanOrEqual($length, strlen($name));
                $parts = array_slice(explode('_', pathinfo($name, PATHINFO_FILENAME)), 0, -1); // the number comes last
                self::assertSame(
                    [],
                    array_filter($parts, fn (string $part): bool => $part !== $said && str_starts_with($said, $part)),
                    $name,
                );
            }
        }
        self::assertSame('4x6_1.jpg', self::named(['size' => '4 x 6 in', 'name' => ['parts' => ['size', 'number']]], 16));
        self::assertStringContainsString('4x6', self::named(['size' => '4 x 6 in', 'subject' => 'Breakwater light'], 16));
    }

    #[DataProvider('sizes')]
    public function test_sizes(string $size, string $says): void
    {
        self::assertSame($says, NameParts::size(Size::parse($size)));
    }

    /** @return iterable<array{string, string}> */
    public static function sizes(): iterable
    {
        yield ['5 x 7 in', '5x7'];
        yield ['60 x 40 cm', '60x40cm'];
        yield ['8½ x 11 in', '8-5x11'];
        yield ['210 x 297 mm', '210x297mm'];
        yield ['A4', 'a4'];
    }

    #[DataProvider('texts')]
    public function test_folds_any_text(string $text, string $folded): void
    {
        self::assertSame($folded, SafeText::of($text));
    }

    /** @return iterable<array{string, string}> */
    public static function texts(): iterable
    {
        yield ['Étude à l’œil', 'etude-a-loeil'];
        yield ['Grüße, Straße', 'grusse-strasse'];
        yield ['Łódź', 'lodz'];
        yield ['../../etc/passwd', 'etc-passwd'];
        yield ["a\0b\nc", 'a-b-c'];
        yield ['🙂🙂', ''];
        yield ['Ελλάδα', 'ellada'];
    }

    public function test_numbers_are_padded_to_the_orders_count(): void
    {
        $lines = array_fill(1, 12, LineContexts::line(['subject' => 'Boat']));
        $names = NameBook::names(LineContexts::head(), LineContexts::lab(['nameLength' => 60]), $lines);
        self::assertStringEndsWith('_boat_01.jpg', (string) $names[1]);
        self::assertStringEndsWith('_boat_12.jpg', (string) $names[12]);
    }

    public function test_the_longest_part_gives_way_first(): void
    {
        self::assertSame('isholm-rowing_8x10_breakwater-ligh_1.jpg', self::named(['subject' => 'Breakwater light'], 40));
        self::assertSame(
            'short_8x10_a-very-long-subject-tha_1.jpg',
            self::named(['subject' => 'A very long subject that goes on and on'], 40, 'Short'),
        );
    }

    public function test_never_empty_and_never_a_device(): void
    {
        self::assertSame('1.jpg', self::named(['subject' => '🙂', 'name' => ['parts' => ['subject']]]));
        self::assertSame('print_con.jpg', self::named(['subject' => 'CON', 'name' => ['parts' => ['subject']]]));
        self::assertSame('print_lpt1.jpg', self::named(['subject' => 'lpt1', 'name' => ['parts' => ['subject']]]));
    }

    public function test_unique_safe_and_short_whatever_is_typed(): void
    {
        mt_srand(17);
        $words = ['Dawn', '../x', 'CON', 'à la carte', '🙂', str_repeat('long ', 30), 'a.b', 'NUL', '日本', '-', '_'];
        $any = fn (): string => implode(' ', array_map(fn (): string => $words[mt_rand(0, count($words) - 1)], range(0, mt_rand(0, 2))));
        for ($i = 0; $i < 150; $i++) {
            $length = mt_rand(16, 60);
            $pool = ['client', 'order', 'size', 'subject', 'finish', 'copies', 'date', ...mt_rand(0, 1) ? ['number'] : []];
            shuffle($pool);
            $lines = array_map(
                fn (): LineSpec => LineContexts::line([
                    'subject' => mb_substr($any(), 0, 80),
                    'size' => ['4 x 6 in', 'A4', '60 x 40 cm'][mt_rand(0, 2)],
                    'name' => ['parts' => array_slice($pool, 0, mt_rand(1, 4)), 'join' => ['_', '-'][mt_rand(0, 1)]],
                ]),
                array_combine(range(1, 30), range(1, 30)),
            );
            $names = array_map(
                strval(...),
                NameBook::names(new OrderHead('2611-04', $any(), '2026-11-24'), LineContexts::lab(['nameLength' => $length]), $lines),
            );
            self::assertCount(30, array_unique($names));
            foreach ($names as $name) {
                self::assertMatchesRegularExpression('/^[a-z0-9][a-z0-9_-]*\.jpg$/', $name);
                self::assertLessThanOrEqual($length, strlen($name));
                self::assertDoesNotMatchRegularExpression('/^(con|prn|aux|nul|com\d|lpt\d)\./', $name);
            }
        }
    }

    public function test_the_files_of_a_set_have_one_stem_however_short_it_is(): void
    {
        foreach (range(20, 60) as $room) {
            foreach ([[1, 1, 1], [1, 2, 1], [1, 1, 1, 1, 1]] as $columns) {
                $names = self::names(
                    [
                        'make' => 'panels',
                        'size' => '90 x 60 in',
                        'panels' => ['columns' => $columns],
                        'subject' => 'The shoreline at dusk, looking north',
                    ],
                    $room,
                );
                $stems = array_unique(
                    array_map(
                        fn (string $name): string => (string) preg_replace('/(_|-)?(left|middle|right|\\dof5)\\.jpg$/', '', $name),
                        $names,
                    ),
                );
                self::assertCount(1, $stems, implode(', ', $names));
                array_map(fn (string $name) => self::assertLessThanOrEqual($room, strlen($name)), $names);
            }
        }
    }

    /**
     * @param  array<string, mixed>  $line
     * @return list<string>
     */
    private static function names(array $line, int $room): array
    {
        $lab = LabCard::fromNode(JsonNode::root(['name' => 'Larkmoor', 'sizes' => ['8 x 10 in'], 'nameLength' => $room]));

        return NameBook::names(new OrderHead('2611-04', 'Isholm Rowing Club', '2026-11-24'), $lab, [
            1 => LineReader::read(JsonNode::root($line)),
        ])[1]->files();
    }
}
