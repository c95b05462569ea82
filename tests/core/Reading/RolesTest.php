<?php

declare(strict_types=1);

namespace Tests\core\Reading;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Reading\ReadList;
use Planisher\Reading\SaidWish;

/**
 * Numbers beside words that nobody knows: whatever kind of number it is, no count, size or length comes of it unasked. Of the words some
 * are of no language (drawn from a seed), some are everyday ones that have nothing to do with prints.
 */
final class RolesTest extends TestCase
{
    private const SYLLABLES = ['ba', 'dro', 'fi', 'gul', 'ka', 'lem', 'mo', 'nu', 'pri', 'quo', 'ra', 'sti', 'tul', 'vo', 'wem', 'zi'];

    private const EVERYDAY = [
        ...['breakfast', 'garage', 'teacher', 'umbrella', 'Tuesday', 'kettle', 'invoice', 'parking', 'sandwich', 'lorry', 'dentist'],
        ...['holiday', 'platform', 'biscuits', 'weather', 'shelf', 'ladder', 'cousin', 'museum', 'engine', 'blanket', 'tractor'],
    ];

    /** Written as people do; none of them says how many prints are wanted. */
    private const NUMBERS = [
        ...['2 in', '2in', '2″', '1/2 inch', '½ in', '5 cm', '5cm', '3,5 cm', '3 mm', '12 pt', '1 m', '2 ft'],
        ...['90 %', '90%', 'ninety percent', '300 ppi', '240 dpi', '2048 px', '2048 pixels', '16 bit', '8-bit'],
        ...['jpeg 80', 'quality 90', 'tiff 16', '£12', '$ 5', '12.50 €', 'EUR 3', '24 Nov', '24.11.', '2026-11-24', '12:30', '3 pm'],
        ...['tel 01234 567890', '+44 1234 567890', '12 Quay Street', 'flat 3', 'no. 7', '#7'],
        ...['280 gsm', '20 MB', '3:2', '16:9', '3rd', '2026'],
        ...['1.5', '0.25', '7/8', '3kg', '5 km', '40 mph', '4 o’clock', '2 hours', '3 days', '10 minutes', '5 star'],
    ];

    /** @return list<string> a hundred */
    private static function words(): array
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(7));
        $words = self::EVERYDAY;
        while (count($words) < 100) {
            $words[] = implode('', array_map(fn (int $i): string => self::SYLLABLES[$i], $random->pickArrayKeys(self::SYLLABLES, 3)));
        }

        return $words;
    }

    /** @return iterable<string, array{string}> */
    public static function numbers(): iterable
    {
        foreach (self::NUMBERS as $number) {
            yield $number => [$number];
        }
    }

    #[DataProvider('numbers')]
    public function test_in_a_list_no_number_becomes_a_count_a_size_or_a_length_unasked(string $number): void
    {
        foreach (array_chunk(self::words(), 25) as $n => $words) {
            $texts = array_map(
                fn (string $word): string => match ($n) {
                    0 => "slipway 8x10 {$word} {$number}",
                    1 => "slipway 8x10, {$number} {$word}",
                    2 => "{$word} {$number}, slipway 8x10",
                    default => "slipway 8x10 ({$number} {$word})",
                },
                $words,
            );
            foreach (ReadList::read(implode("\n", $texts), Given::known(), Given::PICTURES)->lines as $i => $line) {
                foreach ($line->isSure() ? $line->prints : [] as $print) {
                    $is = array_diff_key($print->wanted, ['picture' => 1]);
                    self::assertSame(['make' => 'print', 'copies' => 1, 'size' => '8 x 10 in'], $this->plain($is, $number), $texts[$i]);
                }
                self::assertLessThanOrEqual(1, $line->isSure() ? count($line->prints) : 0, $texts[$i]);
            }
        }
    }

    #[DataProvider('numbers')]
    public function test_said_of_a_line_no_number_becomes_a_count_a_size_or_a_length_unasked(string $number): void
    {
        $on = ['picture' => 'slipway.jpg', 'size' => '8 x 10 in', 'copies' => 1];
        foreach (array_slice(self::words(), 0, 40) as $n => $word) {
            $text = $n % 2 === 0 ? "{$word} {$number}" : "{$number} {$word}";
            $wish = SaidWish::read($text, Given::known(), Given::PICTURES, $on);
            $isPixels = str_starts_with($number, '2048'); // of a line they say a copy for a screen
            $left = array_diff_key($this->plain($wish->change, $number), $isPixels ? ['screenCopy' => 1] : []);
            self::assertSame([], $wish->line->isSure() ? $left : [], $text);
        }
    }

    /**
     * Without what a number says by itself, whatever stands beside it: a file's kind, quality, bits and pixels per inch.
     *
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    private function plain(array $change, string $number): array
    {
        $saysItself = preg_match('/jpeg|quality|tiff|bit|ppi|dpi/', $number) === 1;

        return $saysItself ? array_diff_key($change, ['output' => true]) : $change;
    }
}
