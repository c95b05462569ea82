<?php

declare(strict_types=1);

namespace Tests\core\Finish\Pair;

use Planisher\Line\OfSeveralPictures;
use Planisher\OrderFile\JsonNode;

/** What is wanted of a pair: a second picture beside the line's own. */
final readonly class PairWanted implements OfSeveralPictures
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

    public function toArray(): array
    {
        return $this->other === null ? [] : ['pair' => ['other' => $this->other]];
    }
}
