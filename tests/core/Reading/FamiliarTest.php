<?php

declare(strict_types=1);

namespace Tests\core\Reading;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Language\Words\PictureNames;
use Planisher\Reading\Discourse\Familiar;
use Planisher\Reading\Discourse\ReadSentence;
use Planisher\Reading\Reader;

/** How sentences are built that aren't asked: each way has an example that needs it. */
final class FamiliarTest extends TestCase
{
    private const PICTURES = [
        'garden.jpg',
        'wood.jpg',
        'storm.jpg',
        'boat.jpg',
        'lighthouse.jpg',
        'slipway.jpg',
        'team.jpg',
        'harbour-1.jpg',
        'harbour-2.jpg',
        'harbour-3.jpg',
        'loft-1.jpg',
        'loft-2.jpg',
        'loft-3.jpg',
        'loft-12.jpg',
        'act-1.jpg',
        'act-2.jpg',
        'no-5.jpg',
    ];

    private static function read(string $text): ReadSentence
    {
        $reader = new Reader(Given::known(), new PictureNames(self::PICTURES));

        return ReadSentence::all($reader->items($text), $text, 0)[0];
    }

    /** @return iterable<string, array{string, string}> */
    public static function ways(): iterable
    {
        foreach (Familiar::BUILT as $way => $example) {
            yield $example => [$way, $example];
        }
    }

    #[DataProvider('ways')]
    public function test_each_way_is_needed_by_its_example(string $way, string $example): void
    {
        $sentence = self::read($example);
        $of = array_keys(array_filter(Familiar::BUILT, fn (string $way): bool => Familiar::isBuilt($sentence, $way), ARRAY_FILTER_USE_KEY));
        self::assertSame([$way], $of);
        self::assertTrue(Familiar::is($sentence));
    }

    /** @return iterable<array{string}> */
    public static function others(): iterable
    {
        yield ['garden 8x10, wood 8x10, storm 5x7 (same as the others)'];
        yield ['garden 5x7 x2, wood 8x10 x3, storm 4x6, one of each'];
        yield ['For the parents (each): garden 8x10'];
        yield ['garden 8x10, both storm 5x7 all wood'];
    }

    #[DataProvider('others')]
    public function test_what_is_built_otherwise_is_asked(string $text): void
    {
        self::assertFalse(Familiar::is(self::read($text)));
    }

    public function test_prints_one_after_the_other_need_no_way_of_their_own(): void
    {
        foreach (
            ['garden 8x10', '2 x garden 8x10, wood: 5x7 x3', '8x10: garden, wood; 5x7: storm 2x', 'garden (8x10), wood (5x7)'] as $text
        ) {
            self::assertTrue(Familiar::is(self::read($text)), $text);
        }
    }
}
