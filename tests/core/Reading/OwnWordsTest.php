<?php

declare(strict_types=1);

namespace Tests\core\Reading;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Planisher\Language\Known;
use Planisher\Language\MeantText;
use Planisher\Language\OwnWords;
use Planisher\Reading\ReadList;
use Planisher\Reading\SaidWish;

/** What a studio has taught is read like any other words, and shown at the words that were written. */
final class OwnWordsTest extends TestCase
{
    /** @param  array<string, string>  $means */
    private static function known(array $means): Known
    {
        $given = Given::known();

        return new Known($given->lab, $given->marks, $given->unit, own: new OwnWords($means));
    }

    /** @param  array<string, mixed>  $wanted */
    #[TestWith(['slipway, 2 minis', ['copies' => 2, 'size' => '4 x 6 in']])]
    #[TestWith(['2 Minis of slipway', ['copies' => 2, 'size' => '4 x 6 in']])]
    #[TestWith(['a lovely 8x10 of slipway please, our usual', ['size' => '8 x 10 in', 'fit' => 'whole', 'border' => '1/2 in']])]
    #[TestWith(['slipway 8x10 granny  style', ['copies' => 1, 'size' => '8 x 10 in', 'fit' => 'whole']])]
    public function test_they_are_read_by_their_meaning(string $text, array $wanted): void
    {
        $known = self::known([
            'minis' => '4x6',
            'lovely' => '',
            'our usual' => 'whole with a half inch border',
            'Granny style' => 'uncropped',
        ]);
        $line = ReadList::read($text, $known, Given::PICTURES)->lines[0];
        self::assertTrue($line->isSure(), $text);
        $read = $line->prints[0]->wanted;
        self::assertEquals($wanted, array_intersect_key($read, $wanted));
        self::assertSame($text, implode('', array_column($line->parts(), 'words')), 'shown as it was written');
    }

    public function test_a_meaning_that_is_unsure_here_is_asked_at_its_words(): void
    {
        $known = self::known(['deluxe' => '8x10 glossy']);
        $line = ReadList::read('slipway deluxe', $known, Given::PICTURES)->lines[0];
        self::assertFalse($line->isSure());
        $doubts = array_filter($line->parts(), fn (array $part): bool => $part['why'] !== null);
        self::assertSame(['deluxe'], array_values(array_column($doubts, 'words')));
        self::assertStringContainsString('glossy', (string) array_values($doubts)[0]['why']);
    }

    public function test_they_are_whole_words_and_no_pictures(): void
    {
        $known = self::known(['slipway' => '4x6', 'min' => '8x10', 'mini' => '']);
        $line = ReadList::read('slipway 5x7', $known, Given::PICTURES)->lines[0];
        self::assertSame('slipway.jpg', $line->prints[0]->wanted['picture'] ?? null, 'a picture of that name is there');
        self::assertSame('5 x 7 in', $line->prints[0]->wanted['size'] ?? null);
        self::assertFalse(ReadList::read('slipway 5x7 minima', $known, Given::PICTURES)->lines[0]->isSure(), 'no part of a word');
    }

    public function test_they_are_understood_in_a_wish(): void
    {
        $known = self::known(['our usual' => 'whole with a half inch border']);
        $wish = SaidWish::read('our usual, thin black line', $known, Given::PICTURES, ['picture' => 'slipway.jpg', 'size' => '8 x 10 in']);
        self::assertTrue($wish->line->isSure());
        self::assertEquals('whole', $wish->change['fit'] ?? null);
        self::assertArrayHasKey('keyline', $wish->change);
    }

    public function test_places_lead_back_to_what_was_written(): void
    {
        $meant = new MeantText('one minis two lovely three');
        $meant->replace(4, 5, '2.5 x 3.5 in');
        $meant->replace(14, 6, '');
        self::assertSame('one 2.5 x 3.5 in two  three', $meant->text);
        self::assertSame([0, 3], $meant->written(0, 3));
        self::assertSame([4, 5], $meant->written(4, 12), 'all of it');
        self::assertSame([4, 5], $meant->written(8, 2), 'a part of the meaning is all of the words');
        self::assertSame([10, 3], $meant->written(17, 3));
        self::assertSame([21, 5], $meant->written(22, 5), 'behind what is never minded');
        self::assertSame([4, 9], $meant->written(4, 16));
    }
}
