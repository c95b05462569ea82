<?php

declare(strict_types=1);

namespace Planisher\Lab\Text;

/** An amount of money as a lab's page or a photographer writes it: `2.20`, `2,20 €`, `£ 1,250.00`. */
final class Money
{
    public const CURRENCY = '€|£|\$|EUR|GBP|USD|CHF|SEK|NOK|DKK|PLN|kr|zł';

    public const AMOUNT = '\d{1,3}(?:[ ,.\x{2009}]\d{3})+(?:[.,]\d{2})?|\d+(?:[.,]\d{1,2})?';

    private const MOST = 100_000;

    /** @throws CardError where it is none, or below 0 */
    public static function read(string $text): float
    {
        $plain = trim((string) preg_replace('/'.self::CURRENCY.'/iu', '', $text));
        if (preg_match('/^[-−–]/u', $plain)) {
            throw CardError::negativePrice($text);
        }
        if (preg_match('/^(?:'.self::AMOUNT.')$/u', $plain) !== 1) {
            throw CardError::noPrice($text);
        }
        // The last of points and commas parts the hundredths off, where two digits or one follow.
        $hasParts = preg_match('/^(.*)[.,](\d{1,2})$/u', $plain, $m) === 1;
        $whole = (string) preg_replace('/\D/u', '', $hasParts ? $m[1] : $plain);
        $value = (float) ($whole.($hasParts ? ".{$m[2]}" : ''));
        if ($value > self::MOST) {
            throw CardError::tooDear($text, self::MOST);
        }

        return $value;
    }

    public static function write(float $amount): string
    {
        return number_format($amount, 2, '.', '');
    }
}
