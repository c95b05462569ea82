<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;
use Planisher\Overlay\Overlay;
use Planisher\Words\Caption;
use Planisher\Words\Lettering;

/** What is wanted on a picture and its paper beside the picture: words and overlays. */
final readonly class Additions
{
    private const MOST_BLOCKS = 40;

    private const MOST_OVERLAYS = 12;

    /**
     * @param  list<Lettering>  $lettering
     * @param  list<Overlay>  $overlays  each lies over those before it
     */
    private function __construct(public ?Caption $caption, public array $lettering, public array $overlays) {}

    /** @throws OrderFileError */
    public static function fromNode(JsonNode $line): self
    {
        return new self(
            Caption::fromNode($line->maybe('caption')),
            array_map(Lettering::fromNode(...), $line->maybe('lettering')?->items(0, self::MOST_BLOCKS) ?? []),
            array_map(Overlay::fromNode(...), $line->maybe('overlays')?->items(0, self::MOST_OVERLAYS) ?? []),
        );
    }

    public function isNone(): bool
    {
        return $this->caption === null && $this->lettering === [] && $this->overlays === [];
    }

    /** @return array<string, mixed> as in the order file, only what there is */
    public function toArray(): array
    {
        return array_filter([
            'caption' => $this->caption?->toArray(),
            'lettering' => array_map(fn (Lettering $block): array => $block->toArray(), $this->lettering),
            'overlays' => array_map(fn (Overlay $overlay): array => $overlay->toArray(), $this->overlays),
        ]);
    }
}
