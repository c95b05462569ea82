<?php

declare(strict_types=1);

namespace Planisher\Language\Rule;

use Planisher\Language\Unsure;

/** A way to say something of a line: words in a readable notation (see Notation), what they mean, and an example. */
final class ReadingRule
{
    private ?RulePart $node = null;

    /** @var ?list<array<string, true>> */
    private ?array $needs = null;

    /**
     * @param  \Closure(Heard): (array<string, mixed>|Unsure|null)  $means  null where it doesn't mean that
     * @param  list<string>  $like  that it is the cheapest reading of
     * @param  ?string  $for  the finish alone that it is said of; null for whatever
     */
    private function __construct(
        public readonly string $says,
        public readonly \Closure $means,
        public readonly array $like,
        public readonly ?string $for,
        public readonly float $cost,
    ) {}

    /**
     * What always means the same.
     *
     * @param  array<string, mixed>  $change  a merge patch of the line
     * @param  string|list<string>  $like
     */
    public static function of(string $says, array $change, string|array $like, ?string $for = null, float $cost = 0.0): self
    {
        return new self($says, fn (): array => $change, (array) $like, $for, $cost);
    }

    /**
     * @param  \Closure(Heard): (array<string, mixed>|Unsure|null)  $means
     * @param  string|list<string>  $like
     */
    public static function with(string $says, \Closure $means, string|array $like, ?string $for = null, float $cost = 0.0): self
    {
        return new self($says, $means, (array) $like, $for, $cost);
    }

    /** @return list<array<string, true>> what a line has to have, one word of each */
    public function needs(): array
    {
        return $this->needs ??= $this->node()->needs();
    }

    /** @param  list<array<string, true>>  $needs  as it is known already: then its notation isn't read for them */
    public function needing(array $needs): void
    {
        $this->needs = $needs;
    }

    public function node(): RulePart
    {
        return $this->node ??= Notation::read($this->says);
    }
}
