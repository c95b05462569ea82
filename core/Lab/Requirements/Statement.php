<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

/** One sentence or line of what a lab says, and the heading it stands under. */
final readonly class Statement
{
    public function __construct(public string $text, public string $heading, public bool $isFirst = false) {}

    /** Whether it speaks of something, itself or by its heading. */
    public function isAbout(string $pattern): bool
    {
        return preg_match("/{$pattern}/iu", "{$this->heading}\n{$this->text}") === 1;
    }

    public function says(string $pattern): bool
    {
        return preg_match("/{$pattern}/iu", $this->text) === 1;
    }

    /** @return ?array<int|string, string> the groups of a pattern in its own words */
    public function match(string $pattern): ?array
    {
        return preg_match("/{$pattern}/iu", $this->text, $m) === 1 ? $m : null;
    }
}
