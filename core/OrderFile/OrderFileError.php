<?php

declare(strict_types=1);

namespace Planisher\OrderFile;

/** Something in an order file that can't be read: where it stands, what was found, what was expected. */
final class OrderFileError extends \InvalidArgumentException
{
    /** @param  ?string  $plain the same in words for somebody at a form, where the place is plain to see */
    public function __construct(
        public readonly string $path,
        public readonly string $found,
        public readonly string $expected,
        public readonly ?string $plain = null,
    ) {
        parent::__construct(($path === '' ? 'the document' : $path).": found {$found}; expected {$expected}");
    }

    /** For somebody at a form. */
    public function inWords(): string
    {
        return $this->plain ?? "Found {$this->found}; expected {$this->expected}.";
    }

    /** @param  list<string>  $keys that would be known */
    public static function unknownKey(string $path, array $keys): self
    {
        return new self($path, 'a key that means nothing here', 'one of '.implode(', ', $keys));
    }

    public static function nothing(string $path): self
    {
        return new self($path, 'nothing', 'a value; it can’t be left out');
    }

    public static function listOfOtherLength(string $path, int $count, int $atLeast, int $atMost): self
    {
        return new self($path, 'a list of '.$count, "from {$atLeast} to {$atMost} entries");
    }

    public static function measure(string $path, string $text, \Throwable $why): self
    {
        return new self($path, "“{$text}”", 'a measure. '.$why->getMessage(), $why->getMessage());
    }

    public static function noJson(\Throwable $why): self
    {
        return new self('', $why->getMessage(), 'JSON');
    }

    public static function brokenAt(int $line, int $column, string $found, string $expected): self
    {
        return new self("line {$line}, column {$column}", $found, $expected);
    }
}
