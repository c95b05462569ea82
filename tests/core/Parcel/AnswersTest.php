<?php

declare(strict_types=1);

namespace Tests\core\Parcel;

use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Parcel\AnswerRefused;
use Planisher\Parcel\LabAnswer;
use Planisher\Parcel\ParcelState;
use Planisher\Parcel\Receipt;

/** What a lab answers, taken or refused. */
#[CoversNothing]
final class AnswersTest extends TestCase
{
    private const KEY = '425aa994-f8a5-41ad-bbf3-0cc7e36ad75d';

    private const RECEIPT = [
        'number' => 'LK-0001',
        'key' => self::KEY,
        'manifest' => 'abc',
        'files' => 2,
        'pieces' => 5,
        'total' => ['price' => 23.9, 'currency' => '€'],
        'at' => '2026-11-26T19:29:00+00:00',
    ];

    public function test_a_seal_is_an_hmac_as_published(): void
    {
        // RFC 4231, test case 2: key “Jefe”, data “what do ya want for nothing?”
        $seal = '5bdcc146bf60754e6a042426089575c75a003f089d2739839dec58b964ec3843';
        try {
            Receipt::read('what do ya want for nothing?', $seal, 'Jefe', self::KEY, 'abc', 2);
            self::fail('It is sealed, and no receipt.');
        } catch (AnswerRefused $e) {
            self::assertStringContainsString('can’t be read', $e->getMessage(), 'the seal was good');
        }
    }

    public function test_a_sealed_receipt_is_taken(): void
    {
        $receipt = self::read(self::RECEIPT);
        self::assertSame(['LK-0001', 5, 23.9, '€'], [$receipt->number, $receipt->pieces, $receipt->total, $receipt->currency]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'another parcel’s' => [['key' => '00000000-0000-4000-8000-000000000000'], 'for another parcel'];
        yield 'of other contents' => [['manifest' => 'def'], 'other contents'];
        yield 'of fewer files' => [['files' => 1], 'for 1 files'];
        yield 'without a number' => [['number' => null], 'can’t be read'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('refused')]
    public function test_a_receipt_that_is_not_for_this_is_refused(array $change, string $says): void
    {
        $this->expectException(AnswerRefused::class);
        $this->expectExceptionMessage($says);
        self::read($change + self::RECEIPT);
    }

    public function test_an_altered_receipt_is_refused(): void
    {
        $json = (string) json_encode(self::RECEIPT);
        $this->expectExceptionMessage('was altered');
        Receipt::read(str_replace('"pieces":5', '"pieces":4', $json), hash_hmac('sha256', $json, 'k'), 'k', self::KEY, 'abc', 2);
    }

    public function test_crops_are_compared_to_the_pixel(): void
    {
        $answer = self::answer([
            'files' => [
                ['sha256' => 'a', 'crop' => ['x' => 0, 'y' => 0, 'width' => 3000, 'height' => 2399]],
                ['sha256' => 'b', 'crop' => ['x' => 0, 'y' => 12, 'width' => 3000, 'height' => 2376]],
                ['sha256' => 'c', 'reasons' => ['A scratch.']],
            ],
        ]);
        self::assertNull($answer->difference('a', 3000, 2400), 'a pixel is rounding');
        self::assertSame('The lab would cut 12 px above, 12 px below off.', $answer->difference('b', 3000, 2400));
        self::assertNull($answer->difference('c', 3000, 2400));
        self::assertSame(['c' => ['A scratch.']], $answer->reasons);
    }

    /** @return iterable<string, array{string}> */
    public static function nonsense(): iterable
    {
        yield 'HTML' => ['<p>It works!'];
        yield 'nothing' => [''];
        yield 'a number' => ['7'];
        yield 'another parcel' => ['{"parcel":{"id":"x","key":"other"},"state":"received"}'];
        yield 'files that are none' => ['{"parcel":{"id":"x","key":"'.self::KEY.'"},"state":"received","files":[3]}'];
        yield 'deep' => [str_repeat('[', 100).str_repeat(']', 100)];
    }

    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused(string $json): void
    {
        $this->expectException(AnswerRefused::class);
        LabAnswer::read($json, self::KEY);
    }

    public function test_nothing_goes_backwards_but_what_comes_back(): void
    {
        $may = fn (ParcelState $to, ParcelState $from): bool => $to->mayFollow($from);
        self::assertTrue($may(ParcelState::Printing, ParcelState::Received));
        self::assertTrue($may(ParcelState::Dispatched, ParcelState::Sent), 'a lab may be quick');
        self::assertFalse($may(ParcelState::Received, ParcelState::Printing));
        self::assertTrue($may(ParcelState::Back, ParcelState::Printing));
        self::assertFalse($may(ParcelState::Back, ParcelState::Dispatched));
        self::assertSame(ParcelState::Back, self::answer(['state' => 'refused'])->state());
        self::assertNull(self::answer(['state' => 'checking'])->state());
        self::assertNull(self::answer(['state' => 'on holiday'])->state());
    }

    /** @param  array<string, mixed>  $change */
    private static function answer(array $change): LabAnswer
    {
        $says = $change + ['parcel' => ['id' => 'LK-0001', 'key' => self::KEY], 'state' => 'received'];

        return LabAnswer::read((string) json_encode($says), self::KEY);
    }

    /** @param  array<string, mixed>  $says */
    private static function read(array $says): Receipt
    {
        $json = (string) json_encode($says);

        return Receipt::read($json, hash_hmac('sha256', $json, 'k'), 'k', self::KEY, 'abc', 2);
    }
}
