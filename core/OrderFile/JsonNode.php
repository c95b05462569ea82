<?php

declare(strict_types=1);

namespace Planisher\OrderFile;

use Planisher\Colour\Rgb;
use Planisher\Measure\EdgeDepth;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;

/** A place in a decoded JSON document that knows its path, so that every error says where. */
final readonly class JsonNode
{
    private function __construct(private mixed $value, private string $path, private Unit $bare) {}

    /** @param  Unit  $bare  of lengths that are written without one */
    public static function root(mixed $decoded, Unit $bare = Unit::Inch): self
    {
        return new self($decoded, '', $bare);
    }

    /**
     * This place as an object that has no other keys than these.
     *
     * @param  list<string>  $keys
     *
     * @throws OrderFileError
     */
    public function object(array $keys): self
    {
        if (! is_array($this->value) || (array_is_list($this->value) && $this->value !== [])) {
            throw $this->unexpected('an object');
        }
        foreach (array_keys($this->value) as $key) {
            if (! in_array($key, $keys, true)) {
                throw OrderFileError::unknownKey($this->under((string) $key), $keys);
            }
        }

        return $this;
    }

    /** The same place without some of its keys. */
    public function without(string ...$keys): self
    {
        return is_array($this->value) ? new self(array_diff_key($this->value, array_flip($keys)), $this->path, $this->bare) : $this;
    }

    /** The value under a key, or null when it is left out or null. */
    public function maybe(string $key): ?self
    {
        return is_array($this->value) && isset($this->value[$key]) ? new self($this->value[$key], $this->under($key), $this->bare) : null;
    }

    /** @throws OrderFileError when the key is left out or null */
    public function need(string $key): self
    {
        return $this->maybe($key) ?? throw OrderFileError::nothing($this->under($key));
    }

    /**
     * @return ($atLeast is positive-int ? non-empty-list<self> : list<self>)
     *
     * @throws OrderFileError when this is no list, or an empty one where that is not allowed
     */
    public function items(int $atLeast = 0, int $atMost = 10_000): array
    {
        if (! is_array($this->value) || ! array_is_list($this->value)) {
            throw $this->unexpected('a list');
        }
        if (count($this->value) < $atLeast || count($this->value) > $atMost) {
            throw OrderFileError::listOfOtherLength($this->path, count($this->value), $atLeast, $atMost);
        }

        return array_map(
            fn (mixed $item, int $i): self => new self($item, "{$this->path}[{$i}]", $this->bare),
            $this->value,
            array_keys($this->value),
        );
    }

    public function string(int $longest = 200): string
    {
        if (! is_string($this->value) || trim($this->value) === '' || mb_strlen($this->value) > $longest) {
            throw $this->unexpected("text of 1 to {$longest} characters");
        }

        return $this->value;
    }

    public function int(int $least, int $most): int
    {
        if (! is_int($this->value) || $this->value < $least || $this->value > $most) {
            throw $this->unexpected("a whole number from {$least} to {$most}");
        }

        return $this->value;
    }

    public function number(float $least, float $most): float
    {
        if ((! is_int($this->value) && ! is_float($this->value)) || $this->value < $least || $this->value > $most) {
            throw $this->unexpected("a number from {$least} to {$most}");
        }

        return (float) $this->value;
    }

    public function bool(): bool
    {
        return is_bool($this->value) ? $this->value : throw $this->unexpected('true or false');
    }

    /**
     * @param  non-empty-list<string>  $names
     *
     * @throws OrderFileError when it is none of them
     */
    public function oneOf(array $names): string
    {
        return is_string($this->value) && in_array($this->value, $names, true)
            ? $this->value
            : throw $this->unexpected('one of '.implode(', ', array_map(fn (string $name): string => "\"{$name}\"", $names)));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    public function choice(string $enum): \BackedEnum
    {
        $choice = is_string($this->value) ? $enum::tryFrom($this->value) : null;

        return $choice ??
            throw $this->unexpected(
                'one of '.implode(', ', array_map(fn (\BackedEnum $c): string => '"'.$c->value.'"', $enum::cases())),
            );
    }

    /** @throws OrderFileError with the measure's own words */
    public function length(): Length
    {
        return $this->measured(fn (string $text): Length => Length::parse($text, $this->bare));
    }

    /** @throws OrderFileError with the measure's own words */
    public function size(): Size
    {
        return $this->measured(fn (string $text): Size => Size::parse($text, $this->bare));
    }

    /** @throws OrderFileError with the measure's own words */
    public function edgeDepth(): EdgeDepth
    {
        return $this->measured(fn (string $text): EdgeDepth => EdgeDepth::parse($text, $this->bare));
    }

    public function colour(): Rgb
    {
        return (is_string($this->value) ? Rgb::parse($this->value) : null) ?? throw $this->unexpected('a colour such as #1c1c1c');
    }

    /** The unit of a length that has none of its own. */
    public function bare(): Unit
    {
        return $this->bare;
    }

    public function raw(): mixed
    {
        return $this->value;
    }

    public function path(): string
    {
        return $this->path;
    }

    public function unexpected(string $expected): OrderFileError
    {
        $found = match (true) {
            is_string($this->value) => '“'.mb_strimwidth($this->value, 0, 60, '…').'”',
            is_array($this->value) => array_is_list($this->value) && $this->value !== [] ? 'a list' : 'an object',
            is_bool($this->value) => $this->value ? 'true' : 'false',
            default => (string) json_encode($this->value),
        };

        return new OrderFileError($this->path, $found, $expected);
    }

    /**
     * @template T
     *
     * @param  callable(string): T  $parse
     * @return T
     */
    public function measured(callable $parse): mixed
    {
        $text = $this->string(60);
        try {
            return $parse($text);
        } catch (MeasureError $e) {
            throw OrderFileError::measure($this->path, $text, $e);
        }
    }

    private function under(string $key): string
    {
        return $this->path === '' ? $key : "{$this->path}.{$key}";
    }
}
