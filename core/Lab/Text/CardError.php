<?php

declare(strict_types=1);

namespace Planisher\Lab\Text;

/** What was typed into a field of a lab card can't be read; the message quotes it and says what can. */
final class CardError extends \InvalidArgumentException
{
    public static function needed(string $words): self
    {
        return new self($words);
    }

    public static function nameTooLong(int $most): self
    {
        return new self('A name has '.$most.' letters at most.');
    }

    public static function currencyTooLong(string $text): self
    {
        return new self("“{$text}” is too long: 8 letters at most, such as €.");
    }

    public static function ofMeasure(\Throwable $why): self
    {
        return new self($why->getMessage());
    }

    /** @param  list<string>  $choices */
    public static function noneOf(string $text, array $choices): self
    {
        return new self("“{$text}” is none of ".implode(', ', $choices).'.');
    }

    public static function noSize(string $text): self
    {
        return new self("“{$text}” is no size. Write two sides, such as 8 × 10 in, or take it out.");
    }

    public static function outOfRange(string $text, float|int $least, float|int $most): self
    {
        return new self("“{$text}” is out of range: a number from {$least} to {$most}.");
    }

    public static function noBytes(string $text): self
    {
        return new self("“{$text}” is no size of a file. Write a number and MB or GB, such as 200 MB.");
    }

    public static function bytesOutOfRange(string $text): self
    {
        return new self("“{$text}” is out of range: 100 kB to 100 GB.");
    }

    public static function nameTwice(string $name): self
    {
        return new self("“{$name}” is there twice. Keep one.");
    }

    public static function negativePrice(string $text): self
    {
        return new self("“{$text}” is below 0. A price is 0 or more; leave it out where the lab doesn’t say.");
    }

    public static function noPrice(string $text): self
    {
        return new self("“{$text}” is no price. Write a number such as 2.20, or leave it out where the lab doesn’t say.");
    }

    public static function tooDear(string $text, float|int $most): self
    {
        return new self("“{$text}” is more than any print costs: ".$most.' at most.');
    }

    public static function twoPrices(string $size): self
    {
        return new self("“{$size}” has two prices. Keep one.");
    }

    public static function withoutSize(string $line): self
    {
        return new self("“{$line}” doesn’t begin with a size. Write a size and its price, such as 8 × 10 in  2.20.");
    }

    public static function productWithoutName(): self
    {
        return new self('Give the product a name, such as canvas or metal.');
    }

    public static function noSizeOfProduct(string $text, string $product): self
    {
        return new self("“{$text}” is no size of {$product}. Write two sides, such as 8 × 10 in, or take it out.");
    }

    public static function noPpiOfProduct(string $text, string $product): self
    {
        return new self("“{$text}” is no number of pixels per inch of {$product}. Write a number, such as 150, or take it out.");
    }
}
