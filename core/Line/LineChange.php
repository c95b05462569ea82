<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\OrderFile\MergePatch;

/** A change of a line, or of a print on a shared sheet: what becomes of keys of its order-file form. In JSON a merge patch (RFC 7386). */
final readonly class LineChange
{
    /** @param  array<string, mixed>  $keys */
    private function __construct(private array $keys) {}

    /** @param  array<string, mixed>  $keys  what they become; null takes away, an object changes what is under it */
    public static function of(array $keys): self
    {
        return new self($keys);
    }

    /** Takes away what is said under these keys, so that what is usual holds again. */
    public static function without(string ...$keys): self
    {
        return new self(array_fill_keys($keys, null));
    }

    /** The same, and this besides: of a key that both say, this one's. */
    public function and(self $other): self
    {
        return new self([...$this->keys, ...$other->keys]);
    }

    public function isEmpty(): bool
    {
        return $this->keys === [];
    }

    public function says(string $key): bool
    {
        return array_key_exists($key, $this->keys);
    }

    public function said(string $key): mixed
    {
        return $this->keys[$key] ?? null;
    }

    /**
     * What the form becomes by it. A size of two sides has no ratio beside it: one that goes with one side goes with that.
     *
     * @param  array<string, mixed>  $form  a line's, or a cell's
     * @return array<string, mixed> as it is written; whether it can be, its reader says
     */
    public function onto(array $form): array
    {
        $hasTwoSides = $this->says('size') && ! OneSide::isOne($this->said('size'));

        return MergePatch::apply($form, $this->keys + ($hasTwoSides ? ['ratio' => null] : []));
    }

    /** @return array<string, mixed> as a merge patch */
    public function toArray(): array
    {
        return $this->keys;
    }
}
