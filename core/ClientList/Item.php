<?php

declare(strict_types=1);

namespace Planisher\ClientList;

/** One thing that is spoken of in a list while it is put together: so many of these pictures, in this size, made so. */
final class Item
{
    public ?Token $count = null;

    public ?Token $size = null;

    /** @var list<Token> */
    public array $pictures = [];

    /** @var list<Token> */
    public array $wishes = [];

    /** All pictures of the order, but for the excepted */
    public ?Token $all = null;

    /** @var list<string> */
    public array $excepted = [];

    public bool $isEach = false;

    /** The pictures of what is spoken of before */
    public ?Token $same = null;

    /** @var list<Token> what was not understood beside it */
    public array $left = [];

    public function isBegun(): bool
    {
        return $this->count !== null || $this->size !== null || $this->hasPictures();
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_values(array_unique(array_merge(...array_map(fn (Token $token): array => $token->pictures, $this->pictures))));
    }

    /** Whether it says which pictures. */
    public function hasPictures(): bool
    {
        return $this->pictures !== [] || $this->all !== null || $this->same !== null;
    }

    public function isSure(): bool
    {
        $tokens = [$this->count, $this->size, $this->all, $this->same, ...$this->pictures, ...$this->wishes];

        return $this->left === [] && array_filter($tokens, fn (?Token $token): bool => $token?->why !== null) === [];
    }
}
