<?php

declare(strict_types=1);

namespace Planisher\Finding;

/** A way out that is one press: a change to the line, as a JSON merge patch (RFC 7386) of its order-file form. */
final readonly class Remedy
{
    /** @param  array<string, mixed>  $change */
    public function __construct(public string $label, public array $change) {}

    /** @return array{label: string, change: array<string, mixed>} */
    public function toArray(): array
    {
        return ['label' => $this->label, 'change' => $this->change];
    }
}
