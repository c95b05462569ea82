<?php

declare(strict_types=1);

namespace Tests\core\Reading;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Reading\SaidWish;

/** Words said of the caption, a block of letters or a mark that is chosen: they change that one, or tell that they can't. */
final class BlocksTest extends TestCase
{
    private const ONE = ['text' => 'One', 'height' => '9 mm', 'colour' => '#ffffff'];

    private const TWO = ['text' => 'Two', 'height' => '6 mm', 'x' => 0.5, 'y' => 0.5];

    private const MARK = ['picture' => 'halloway-mark.png', 'where' => 'bottom-right', 'width' => '20 %', 'strength' => 0.8];

    private const CAPTION = ['parts' => ['file'], 'height' => '4 mm'];

    private const LINE = [
        'picture' => 'slipway.jpg',
        'size' => '8 x 10 in',
        'copies' => 1,
        'caption' => self::CAPTION,
        'lettering' => [self::ONE, self::TWO],
        'overlays' => [self::MARK],
    ];

    private static function read(string $words, ?string $chosen): SaidWish
    {
        return SaidWish::read($words, Given::known(), Given::PICTURES, self::LINE, $chosen);
    }

    public function test_other_words_look_as_those_before_them(): void
    {
        $on = ['lettering' => [self::TWO]] + array_diff_key(self::LINE, ['lettering' => 1]);
        foreach (
            ['change the text to "Autumn"', 'change the text to Autumn', 'the lettering should read "Autumn"', 'write "Autumn"'] as $words
        ) {
            $wish = SaidWish::read($words, Given::known(), Given::PICTURES, $on);
            self::assertTrue($wish->line->isSure(), $words);
            self::assertEquals(['lettering' => [['text' => 'Autumn'] + self::TWO]], $wish->change, $words);
        }
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> words, the block, what it has become */
    public static function looks(): iterable
    {
        $said = [
            'caption' => [
                'black' => ['colour' => '#000000'],
                'bigger' => ['height' => '5 mm'],
                'a bit smaller' => ['height' => '3.2 mm'],
                'twice as big' => ['height' => '8 mm'],
                'above, on the right' => ['where' => 'above', 'align' => 'right'],
                '5 mm' => ['height' => '5 mm'],
            ],
            'lettering.1' => [
                'white' => ['colour' => '#ffffff'],
                'bigger' => ['height' => '7.5 mm'],
                'half the size' => ['height' => '3 mm'],
                'italic' => ['slant' => 'italic'],
                'bold, red' => ['weight' => 'bold', 'colour' => '#b3261e'],
                'in Archivo' => ['face' => 'Archivo'],
                'text "Three"' => ['text' => 'Three'],
                'up a bit' => ['y' => 0.45],
                'move it to the right' => ['x' => 0.6],
                '12 mm high' => ['height' => '12 mm'],
            ],
            'overlays.0' => [
                '70 %' => ['strength' => 0.7],
                'at half strength' => ['strength' => 0.5],
                'fainter' => ['strength' => 0.64],
                'stronger' => ['strength' => 1.0],
                'top left' => ['where' => 'top-left'],
                'bigger' => ['width' => '25 %'],
                '30 mm wide' => ['width' => '30 mm'],
            ],
        ];
        foreach ($said as $block => $words) {
            foreach ($words as $of => $changed) {
                yield "{$of}: {$block}" => [$of, $block, $changed];
            }
        }
    }

    /** @param  array<string, mixed>  $changed */
    #[DataProvider('looks')]
    public function test_words_go_to_the_block_that_is_chosen(string $words, string $block, array $changed): void
    {
        $wish = self::read($words, $block);
        self::assertTrue($wish->line->isSure());
        $expected = match ($block) {
            'caption' => ['caption' => $changed],
            'lettering.1' => ['lettering' => [self::ONE, [...self::TWO, ...$changed]]],
            default => ['overlays' => [[...self::MARK, ...$changed]]],
        };
        self::assertEquals($expected, $wish->change);
        if (! str_starts_with($words, 'text')) {
            self::assertFalse(self::read($words, null)->line->isSure(), 'with none chosen and several there it is asked');
        }
    }

    public function test_white_words_on_white_paper_are_asked(): void
    {
        $wish = self::read('white', 'caption');
        self::assertFalse($wish->line->isSure());
        self::assertEquals(['caption' => ['colour' => '#ffffff']], $wish->change);
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function away(): iterable
    {
        foreach (['take it away', 'remove it', 'delete'] as $words) {
            yield "{$words}: caption" => [$words, 'caption', ['caption' => null]];
            yield "{$words}: lettering" => [$words, 'lettering.0', ['lettering' => [self::TWO]]];
            yield "{$words}: mark" => [$words, 'overlays.0', ['overlays' => []]];
        }
        yield 'no lettering, of one block' => ['no lettering', 'lettering.1', ['lettering' => [self::ONE]]];
        yield 'no caption' => ['no caption', 'caption', ['caption' => null]];
        yield 'no mark' => ['no logo', 'overlays.0', ['overlays' => []]];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('away')]
    public function test_the_chosen_one_is_taken_away_and_the_others_stay(string $words, string $block, array $change): void
    {
        $wish = self::read($words, $block);
        self::assertTrue($wish->line->isSure());
        self::assertEquals($change, $wish->change);
    }

    /** @return iterable<string, array{string, string}> */
    public static function impossible(): iterable
    {
        $said = ['italic' => 'caption', '70 %' => 'caption', 'stronger' => 'lettering.0', 'white' => 'overlays.0', 'bold' => 'overlays.0'];
        foreach ($said as $words => $block) {
            yield "{$words}: {$block}" => [(string) $words, $block];
        }
    }

    #[DataProvider('impossible')]
    public function test_a_look_that_a_block_cannot_have_is_told(string $words, string $block): void
    {
        $wish = self::read($words, $block);
        self::assertFalse($wish->line->isSure());
        self::assertSame([], $wish->change);
        self::assertStringContainsString('has no such look', implode(' ', array_column($wish->line->parts(), 'why')));
    }

    public function test_what_it_cannot_have_is_told_where_it_was_said_and_the_rest_done(): void
    {
        $wish = self::read('white, bigger, 70 %', 'lettering.1');
        self::assertEquals(['lettering' => [self::ONE, [...self::TWO, 'colour' => '#ffffff', 'height' => '7.5 mm']]], $wish->change);
        $told = array_filter($wish->line->parts(), fn (array $part): bool => $part['why'] !== null);
        self::assertSame(['70 %'], array_values(array_column($told, 'words')));
    }

    /** As the sentence says it, which shows the beginning of a long text. */
    public function test_a_block_is_known_by_its_beginning(): void
    {
        $long = ['text' => "The first day\nat the mouth of the river", 'height' => '9 mm'];
        $wish = SaidWish::read(
            'lettered “The first day / at the…” in Newsreader italic, 9 mm, white',
            Given::known(),
            Given::PICTURES,
            ['lettering' => [self::ONE, $long]] + self::LINE,
        );
        self::assertTrue($wish->line->isSure());
        self::assertEquals(
            ['lettering' => [self::ONE, $long + ['face' => 'Newsreader', 'slant' => 'italic', 'colour' => '#ffffff']]],
            $wish->change,
        );
    }

    public function test_another_block_leaves_those_that_are_there(): void
    {
        foreach (['add "Three"', 'another line "Three"', 'also the words "Three"'] as $words) {
            $wish = self::read($words, 'lettering.0');
            self::assertTrue($wish->line->isSure(), $words);
            self::assertEquals(['lettering' => [self::ONE, self::TWO, ['text' => 'Three']]], $wish->change, $words);
        }
        $instead = self::read('text "Three"', null);
        self::assertFalse($instead->line->isSure(), 'instead of which of the two is asked, and none is lost');
        self::assertCount(3, $instead->change['lettering']);
    }
}
