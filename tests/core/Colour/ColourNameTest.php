<?php

declare(strict_types=1);

namespace Tests\core\Colour;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Colour\ColourName;
use Planisher\Colour\Rgb;
use Planisher\Language\Words\ColourWords;

/** Colours are told by a name beside their code, and read again as the very colour. */
final class ColourNameTest extends TestCase
{
    /** @return iterable<array{string, string}> colours of CSS Color Module Level 4 (W3C), 6.1, and a word of what they are called here */
    public static function ofTheWeb(): iterable
    {
        yield ['#8b0000', 'red']; // darkred
        yield ['#ffc0cb', 'pink']; // pink
        yield ['#008080', 'teal']; // teal
        yield ['#ff8c00', 'orange']; // darkorange
        yield ['#d2b48c', 'sand']; // tan
        yield ['#000080', 'blue']; // navy
        yield ['#87ceeb', 'blue']; // skyblue
        yield ['#dda0dd', 'lilac']; // plum, a light one
        yield ['#a0522d', 'rust']; // sienna
        yield ['#696969', 'grey']; // dimgrey
        yield ['#f5f5f5', 'white']; // whitesmoke
        yield ['#228b22', 'green']; // forestgreen
    }

    #[DataProvider('ofTheWeb')]
    public function test_it_is_called_what_people_call_it(string $code, string $word): void
    {
        self::assertStringContainsString($word, ColourName::of(self::rgb($code)));
    }

    public function test_a_name_alone_is_that_very_colour_and_any_other_has_its_code_beside_it(): void
    {
        self::assertSame('white', self::rgb('#ffffff')->label());
        self::assertSame('cream', self::rgb('#f3ead7')->label());
        self::assertSame('cream #f3ead8', self::rgb('#f3ead8')->label());
        self::assertStringNotContainsString('black', self::rgb('#010101')->label(), 'only black is black');
    }

    public function test_whatever_is_told_is_read_as_the_same_colour(): void
    {
        mt_srand(1126);
        $codes = array_map(fn (): string => sprintf('#%06x', mt_rand(0, 0xFFFFFF)), range(1, 400));
        foreach ([...$codes, ...array_values(ColourName::CODES)] as $code) {
            $label = self::rgb($code)->label();
            $read = str_contains($label, '#') ? substr($label, -7) : ColourWords::named($label);
            self::assertSame($code, $read, $label);
        }
    }

    private static function rgb(string $code): Rgb
    {
        return Rgb::parse($code) ?? throw new \LogicException($code);
    }
}
