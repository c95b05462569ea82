<?php

declare(strict_types=1);

namespace Planisher\OrderFile;

/** What is remarked of an order or a line: for oneself, and for the lab. Nothing is computed from it. */
final readonly class Remark
{
    public const LONGEST = 2000;

    public function __construct(public ?string $own = null, public ?string $lab = null) {}

    /** @throws OrderFileError */
    public static function fromNode(?JsonNode $node): self
    {
        $node?->object(['own', 'lab']);

        return new self($node?->maybe('own')?->string(self::LONGEST), $node?->maybe('lab')?->string(self::LONGEST));
    }

    /** @return array<string, string> as in the order file */
    public function toArray(): array
    {
        return array_filter(get_object_vars($this), fn (?string $said): bool => $said !== null);
    }
}
