<?php

declare(strict_types=1);

namespace Tests\core\Words;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Measure\MeasureError;
use Planisher\OrderFile\OrderFileError;
use Planisher\Picture\Exposure;
use Planisher\Words\TypeHeight;
use Tests\core\LineContexts;

/** Words as they are asked for: read, written, and refused in words. */
final class WantedTest extends TestCase
{
    public function test_heights_are_lengths_or_points(): void
    {
        self::assertSame(3_000_000, TypeHeight::parse('3 mm')->nanometres);
        self::assertSame(25_400_000, TypeHeight::parse('72 pt')->nanometres, 'a point is 1/72 in');
        self::assertSame(3_175_000, TypeHeight::parse('9 points')->nanometres);
        self::assertSame('9 pt', (string) TypeHeight::parse('9pt'));
        self::assertSame('1/8 in', (string) TypeHeight::parse('1/8 in'));
    }

    /** @return iterable<array{string}> */
    public static function noHeights(): iterable
    {
        yield ['0 mm'];
        yield ['3000 mm'];
        yield ['0 pt'];
        yield ['tall'];
        yield ['-3 mm'];
        yield ['40 px'];
    }

    #[DataProvider('noHeights')]
    public function test_other_heights_are_refused(string $typed): void
    {
        $this->expectException(MeasureError::class);
        $this->expectExceptionMessageMatches('/“.+”/u');
        TypeHeight::parse($typed);
    }

    /** Exif 2.32, CIPA DC-008: how the values are written; how they are said is ours. */
    public function test_an_exposure_is_said_as_the_camera_wrote_it(): void
    {
        self::assertSame('1/250 s · f/8 · ISO 100 · 35 mm', (new Exposure([1, 250], [8, 1], 100, [35, 1]))->label());
        self::assertSame('1/250 s', (new Exposure([10, 2500]))->label());
        self::assertSame('2.5 s', (new Exposure([25, 10]))->label());
        self::assertSame('0.3 s', (new Exposure([3, 10]))->label());
        self::assertSame('1/5 s', (new Exposure([1, 5]))->label());
        self::assertSame('f/2.8 · 50 mm', (new Exposure(null, [28, 10], null, [500, 10]))->label());
        self::assertSame('', (new Exposure([0, 0], [0, 1], 0, [1, 0]))->label(), 'nothing that can’t be');
    }

    public function test_words_and_marks_are_written_as_they_read(): void
    {
        $wanted = [
            'caption' => [
                'parts' => ['exposure', ['text' => 'Proof only']],
                'face' => 'Archivo',
                'height' => '3 mm',
                'colour' => '#000000',
                'where' => 'above',
                'align' => 'right',
                'inSurplus' => true,
            ],
            'lettering' => [
                [
                    'text' => "First\nday",
                    'face' => 'Newsreader',
                    'height' => '9 pt',
                    'colour' => '#ffffff',
                    'weight' => 'bold',
                    'slant' => 'italic',
                    'align' => 'middle',
                    'x' => 0.5,
                    'y' => 0.85,
                    'widest' => '80 mm',
                ],
            ],
            'overlays' => [['picture' => 'mark.png', 'where' => 'bottom-right', 'offset' => '4 mm', 'width' => '18 %', 'strength' => 0.7]],
        ];
        $line = LineContexts::line($wanted);
        self::assertEquals($wanted, array_intersect_key($line->toArray(), $wanted));
        self::assertEquals($wanted, array_intersect_key(LineContexts::line($line->toArray())->toArray(), $wanted));
        $cell = ['size' => '3 x 4 in'] + $wanted;
        $sheet = LineContexts::line(['make' => 'shared-sheet', 'sheet' => ['cells' => [$cell]]])->toArray();
        self::assertEquals($wanted, array_intersect_key($sheet['sheet']['cells'][0], $wanted), 'cells have them, too');
        self::assertEquals(
            "caf\u{E9}",
            LineContexts::line(['lettering' => [['text' => "cafe\u{301}"]]])->additions->lettering[0]->text,
            'composed',
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        $block = fn (array $with): array => ['lettering' => [$with + ['text' => 'x']]];
        yield 'control characters' => [$block(['text' => "a\u{7}b"]), 'letters alone'];
        yield 'a tab in a caption' => [['caption' => ['parts' => [['text' => "a\tb"]]]], 'letters alone'];
        yield 'two lines in a caption' => [['caption' => ['parts' => [['text' => "a\nb"]]]], 'letters alone'];
        yield 'half a letter' => [$block(['text' => "a\u{FFFD}"]), 'letters alone'];
        yield '10 000 letters' => [$block(['text' => str_repeat('word ', 2000)]), '1 to 500 characters'];
        yield 'nothing' => [$block(['text' => '  ']), '1 to 500 characters'];
        yield 'a height of 0' => [$block(['height' => '0 mm']), 'no height for type'];
        yield 'a height of 3 m' => [$block(['height' => '3000 mm']), 'no height for type'];
        yield 'no face' => [$block(['face' => 'Banana Sans']), 'one of "Newsreader"'];
        yield 'off the paper' => [$block(['x' => 1.2]), 'from 0 to 1'];
        yield 'a width of 0' => [$block(['widest' => '0 in']), 'a width above 0'];
        yield 'an unknown part' => [['caption' => ['parts' => ['weather']]], 'exposure'];
        yield 'no part' => [['caption' => ['parts' => []]], 'from 1 to 12'];
        yield 'a mark of no width' => [['overlays' => [['picture' => 'a.png', 'width' => '0 %']]], 'a width above 0'];
        yield 'a mark too strong' => [['overlays' => [['picture' => 'a.png', 'strength' => 2]]], 'from 0 to 1'];
        yield 'a mark nowhere' => [['overlays' => [['picture' => 'a.png', 'where' => 'beside']]], '"whole"'];
        yield 'a mark too wide' => [['overlays' => [['picture' => 'a.png', 'width' => '140 %']]], 'no share'];
        yield 'a mark without a name' => [['overlays' => [['where' => 'top']]], 'can’t be left out'];
    }

    /** @param  array<string, mixed>  $line */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_in_words(array $line, string $words): void
    {
        $this->expectException(OrderFileError::class);
        $this->expectExceptionMessageMatches('/'.preg_quote($words, '/').'/u');
        LineContexts::line($line);
    }
}
