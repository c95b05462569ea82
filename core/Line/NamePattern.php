<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\OrderFile\JsonNode;

/** What a file is named after: a list of parts and one joiner. */
final readonly class NamePattern
{
    private const USUAL = [NamePart::Client, NamePart::Size, NamePart::Subject, NamePart::Number];

    private const JOINERS = ['_', '-'];

    /**
     * @param  non-empty-list<NamePart|string>  $parts  a string is free text
     * @param  value-of<self::JOINERS>  $join
     */
    private function __construct(public array $parts, public string $join) {}

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(?JsonNode $node): self
    {
        $node?->object(['parts', 'join']);
        $parts = array_map(
            fn (JsonNode $part): NamePart|string => is_array($part->raw())
                ? $part
                    ->object(['text'])
                    ->need('text')
                    ->string(40)
                : $part->choice(NamePart::class),
            $node?->maybe('parts')?->items(1, 12) ?? [],
        );
        $join = $node?->maybe('join');
        if ($join !== null && ! in_array($join->raw(), self::JOINERS, true)) {
            throw $join->unexpected('"_" or "-"; a lab’s system may choke on anything else');
        }

        return new self($parts ?: self::USUAL, $join?->raw() ?? self::JOINERS[0]);
    }

    public function isUsual(): bool
    {
        return $this->parts === self::USUAL && $this->join === self::JOINERS[0];
    }

    /** @return UsesShape['name'] */
    public function toArray(): array
    {
        return [
            'parts' => array_map(
                fn (NamePart|string $part): string|array => $part instanceof NamePart ? $part->value : ['text' => $part],
                $this->parts,
            ),
            'join' => $this->join,
        ];
    }
}
