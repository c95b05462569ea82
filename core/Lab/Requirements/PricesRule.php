<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

use Planisher\Lab\Text\CardError;
use Planisher\Lab\Text\Money;
use Planisher\Lab\Text\SizeList;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Unit;

/** What a print of a size costs: a size and an amount on one line; and the currency. */
final class PricesRule implements RequirementRule
{
    private const AFTER = '[\s.:=…–—-]*';

    public function read(Statement $statement, Unit $bare): array
    {
        $currency = $statement->match('(?:prices?\D{0,20}|\d\s?|(?<=\s)|^)('.Money::CURRENCY.')(?=\s?\d|\)|\s|$|[,.])');
        $said = $currency === null || ! $statement->isAbout('price|cost|\d') ? [] : ['currency' => self::sign($currency[1])];
        $priced = self::priced($statement->text);
        if ($priced === [] || $statement->isAbout('\b(?:canvas|metal|acrylic|frame)')) {
            return $priced === [] && ! $statement->says('price') ? [] : $said;
        }
        $unit = preg_match('/\bin\s+(cm|mm|inches)\b|\((cm|mm|inches)\)/iu', $statement->heading, $m)
            ? Unit::spelled($m[1] ?: $m[2])
            : $bare;
        foreach ($priced as [$size, $amount]) {
            try {
                $prices[] = SizeList::write(SizeList::size($size, $unit ?? $bare)).'  '.Money::write(Money::read($amount));
            } catch (MeasureError|CardError) {
                continue;
            }
        }

        return $said + ['prices' => $prices ?? []];
    }

    public static function isPriced(string $text): bool
    {
        return self::priced($text) !== [];
    }

    /** @return list<array{string, string}> sizes, each with its amount */
    private static function priced(string $text): array
    {
        $priced = [];
        foreach (SizeList::found($text) as $size) {
            $amount =
                '((?:'.
                Money::CURRENCY.
                ')\s?(?:'.
                Money::AMOUNT.
                ')|(?:'.
                Money::AMOUNT.
                ')\s?(?:'.
                Money::CURRENCY.
                ')|\d+[.,]\d{2}(?!\d))';
            if (preg_match('/'.preg_quote($size, '/').self::AFTER.$amount.'/iu', $text, $m) === 1) {
                $priced[] = [$size, $m[1]];
            }
        }

        return $priced;
    }

    private static function sign(string $said): string
    {
        return match (mb_strtoupper($said)) {
            'EUR' => '€',
            'GBP' => '£',
            'USD' => '$',
            default => $said,
        };
    }
}
