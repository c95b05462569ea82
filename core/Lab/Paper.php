<?php

declare(strict_types=1);

namespace Planisher\Lab;

use Planisher\Colour\Surface;
use Planisher\OrderFile\JsonNode;

/** A paper a lab prints on: its name, its surface, and the file name of its profile where it is known. */
final readonly class Paper
{
    private function __construct(public string $name, public Surface $surface, public ?string $profile) {}

    public static function fromNode(JsonNode $node): self
    {
        $node->object(['name', 'surface', 'profile']);

        return new self(
            $node->need('name')->string(40),
            $node->maybe('surface')?->choice(Surface::class) ?? Surface::Lustre,
            $node->maybe('profile')?->string(120),
        );
    }

    /** @return array<string, string> as in the order file */
    public function toArray(): array
    {
        return array_filter(
            ['name' => $this->name, 'surface' => $this->surface->value, 'profile' => $this->profile],
            fn (?string $value): bool => $value !== null,
        );
    }
}
