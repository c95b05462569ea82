<?php

declare(strict_types=1);

namespace Planisher\Lab\Text;

use Planisher\Lab\SizePrice;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Unit;

/** What single prints cost, a line each: `8 x 10 in  2.20`, `8x10 on Cotton rag 3,40`. */
final class PriceList
{
    /**
     * @return list<array{size: string, price: float, paper?: string}> as in the order file
     *
     * @throws CardError at the first line that is none
     */
    public static function read(string $text, Unit $bare): array
    {
        $prices = [];
        foreach (preg_split('/[\r\n;]+/', $text) ?: [] as $line) {
            if (trim($line) === '') {
                continue;
            }
            $price = self::line(trim($line), $bare);
            $of = "{$price['size']} ".($price['paper'] ?? '');
            if (isset($prices[$of])) {
                throw CardError::twoPrices($price['size']);
            }
            $prices[$of] = $price;
        }

        return array_values($prices);
    }

    /** @param  list<SizePrice>  $prices */
    public static function write(array $prices): string
    {
        return implode(
            "\n",
            array_map(
                fn (SizePrice $price): string => SizeList::write($price->size).
                    ($price->paper === null ? '' : " on {$price->paper}").
                    '  '.
                    Money::write($price->price),
                $prices,
            ),
        );
    }

    /** @return array{size: string, price: float, paper?: string} */
    private static function line(string $line, Unit $bare): array
    {
        $found = SizeList::found($line)[0] ?? null;
        if ($found === null || ! str_starts_with($line, $found)) {
            throw CardError::withoutSize($line);
        }
        try {
            $size = SizeList::size($found, $bare);
        } catch (MeasureError $e) {
            throw CardError::ofMeasure($e);
        }
        $rest = Edges::off(substr($line, strlen($found)), ':=–-.·');
        $paper = preg_match('/^on\s+(.+?)\s*[:=]?\s+(\S+(?:\s*(?:'.Money::CURRENCY.'))?)$/iu', $rest, $m) ? $m[1] : null;
        // a sign right in front of the amount is part of it, a dash apart from it isn't
        $amount = $paper === null ? (string) preg_replace('/^[\s:=]*(?:[-–·.]+\s+)?/u', '', substr($line, strlen($found))) : $m[2];

        return ['size' => (string) $size, 'price' => Money::read($amount)] + ($paper === null ? [] : ['paper' => $paper]);
    }
}
