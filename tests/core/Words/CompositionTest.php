<?php

declare(strict_types=1);

namespace Tests\core\Words;

use PHPUnit\Framework\TestCase;
use Planisher\Colour\Rgb;
use Planisher\Words\Align;
use Planisher\Words\Composition;
use Planisher\Words\Face;
use Planisher\Words\SetBlock;
use Planisher\Words\SetLine;
use Planisher\Words\Style;
use Tests\core\EvenType;

final class CompositionTest extends TestCase
{
    private const MM = 1_000_000;

    private static function set(string $text, int $height, mixed ...$more): SetBlock
    {
        return (new Composition(new EvenType()))->set(
            ...[
                'text' => $text,
                'wanted' => Face::Newsreader,
                'style' => Style::Regular,
                'height' => $height,
                'colour' => Rgb::black(),
                'align' => Align::Left,
                ...$more,
            ],
        );
    }

    /** @return list<string> */
    private static function lines(SetBlock $block): array
    {
        return array_map(fn (SetLine $line): string => $line->text, $block->lines);
    }

    public function test_a_line_is_as_long_as_its_letters(): void
    {
        $block = self::set('twelve words', 10 * self::MM);
        self::assertSame(12 * 5 * self::MM, $block->box->width);
        self::assertSame(10 * self::MM, $block->box->height, 'Newsreader’s ascent and descent are an em');
        self::assertEqualsWithDelta(7.35 * self::MM, $block->lines[0]->baseline, 1);
    }

    public function test_lines_are_broken_at_words_and_kept_where_they_were_typed(): void
    {
        $block = self::set("the long way home\nagain", 10 * self::MM, widest: 50 * self::MM);
        self::assertSame(['the long', 'way home', 'again'], self::lines($block));
        self::assertSame(3 * 10 * self::MM, $block->box->height);
        self::assertSame(['half-', 'turned'], self::lines(self::set('half-turned', 10 * self::MM, widest: 35 * self::MM)));
        self::assertSame(['a', '', 'b'], self::lines(self::set("a\n\nb", 10 * self::MM, widest: 50 * self::MM)), 'an empty line stays');
    }

    /** Whatever is broken: no word is lost, and no line is too long that has a place to be broken at. */
    public function test_nothing_is_lost_and_nothing_too_long(): void
    {
        mt_srand(12);
        for ($turn = 0; $turn < 300; $turn++) {
            $words = array_map(fn (): string => str_repeat(chr(mt_rand(97, 122)), mt_rand(1, 9)), range(1, mt_rand(1, 14)));
            $widest = mt_rand(20, 90) * self::MM;
            $block = self::set(implode(' ', $words), 10 * self::MM, widest: $widest);
            self::assertSame($words, explode(' ', implode(' ', self::lines($block))));
            foreach ($block->lines as $line) {
                self::assertTrue($line->width <= $widest || ! str_contains($line->text, ' '), $line->text);
                self::assertGreaterThanOrEqual(-0.5, $line->left);
                self::assertLessThanOrEqual($block->box->width + 1, $line->left + $line->width);
            }
        }
    }

    public function test_lines_are_aligned_within_their_block(): void
    {
        foreach ([['left', 0.0], ['middle', 10.0], ['right', 20.0]] as [$align, $left]) {
            $block = self::set("123456\n12", 10 * self::MM, align: Align::from($align));
            self::assertEqualsWithDelta($left * self::MM, $block->lines[1]->left, 1, $align);
        }
    }

    public function test_type_is_made_smaller_to_fit_but_not_below_two_millimetres(): void
    {
        $fits = self::set('1234567890', 4 * self::MM, room: 15 * self::MM);
        self::assertEqualsWithDelta(3 * self::MM, $fits->height, 1);
        self::assertTrue($fits->isSmaller);
        self::assertFalse($fits->isTooLong);
        $not = self::set('1234567890', 4 * self::MM, room: 5 * self::MM);
        self::assertEqualsWithDelta(2 * self::MM, $not->height, 1);
        self::assertTrue($not->isTooLong);
        $low = self::set('123', 4 * self::MM, tall: 3 * self::MM);
        self::assertEqualsWithDelta(3 * self::MM, $low->height, 1);
        self::assertFalse(self::set('1', 1 * self::MM, room: 40 * self::MM)->isSmaller, 'what was wanted smaller stays so');
    }

    public function test_a_face_that_has_all_letters_takes_all_of_the_text(): void
    {
        $block = self::set('boat שלום', 10 * self::MM);
        self::assertSame(Face::Rubik, $block->face);
        self::assertSame(['ש', 'ל', 'ו', 'ם'], $block->lacking);
        self::assertSame([], $block->missing);
        self::assertSame(['☃'], self::set('☃', 10 * self::MM)->missing);
        self::assertSame(Face::Newsreader, self::set('☃', 10 * self::MM)->face);
    }

    /** A line that is read from the right says so, wherever its paragraph was broken (Unicode, RIGHT-TO-LEFT MARK). */
    public function test_lines_keep_the_direction_of_their_paragraph(): void
    {
        $lines = self::lines(self::set("שלום boat home\nboat שלום", 10 * self::MM, widest: 50 * self::MM));
        self::assertSame(["\u{200F}שלום boat", "\u{200F}home", 'boat שלום'], $lines);
    }

    public function test_a_face_without_a_style_takes_the_one_it_has(): void
    {
        self::assertSame(Style::Regular, self::set('x', self::MM, wanted: Face::MarckScript, style: Style::BoldItalic)->style);
        self::assertSame(Style::BoldItalic, self::set('x', self::MM, style: Style::BoldItalic)->style);
    }
}
