<?php

declare(strict_types=1);

namespace Tests\core\Finish\Pair;

use Planisher\Lab\LabCard;
use Planisher\Line\Wanted;
use Planisher\OrderFile\JsonNode;

/** What is wanted of a pair: a second picture beside the line's own. */
final readonly class PairWanted implements Wanted
{
    private function __construct(public ?string $other) {}

    public static function fromNode(?JsonNode $node): self
    {
        $node?->object(['other']);

        return new self($node?->maybe('other')?->string());
    }

    public function label(int $copies): string
    {
        return $copies === 1 ? 'pair' : 'pairs';
    }

    public function inWords(): string
    {
        return 'a pair';
    }

    public function pictures(?string $picture): array
    {
        return [$picture, $this->other];
    }

    public function printedOn(): ?string
    {
        return null;
    }

    public function isPrinted(): bool
    {
        return true;
    }

    public function isForTheWall(): bool
    {
        return false;
    }

    public function apart(LabCard $lab): array
    {
        return [''];
    }

    public function toArray(): array
    {
        return $this->other === null ? [] : ['pair' => ['other' => $this->other]];
    }
}
