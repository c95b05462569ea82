<?php

declare(strict_types=1);

namespace Planisher\Lab;

use Planisher\Measure\EdgeDepth;
use Planisher\Measure\Length;
use Planisher\Measure\Unit;
use Planisher\OrderFile\JsonNode;

/** How a lab wants canvases: the depth of its bars, what it needs to hold on to, face and edges together or apart. */
final readonly class CanvasCard
{
    /**
     * @param  bool  $isSaid  false when the lab card says nothing of canvases
     * @param  ?EdgeDelivery  $edgesApart  null for together
     */
    private function __construct(public bool $isSaid, public EdgeDepth $depth, public EdgeDepth $spare, public ?EdgeDelivery $edgesApart) {}

    public static function fromNode(?JsonNode $node): self
    {
        $node?->object(['depth', 'spare', 'edgesApart']);

        return new self(
            $node !== null,
            $node?->maybe('depth')?->edgeDepth() ?? EdgeDepth::of(Length::of('2', Unit::Centimetre)), // common practice, no source
            $node?->maybe('spare')?->edgeDepth() ?? EdgeDepth::of(Length::zero(Unit::Millimetre)),
            $node?->maybe('edgesApart')?->choice(EdgeDelivery::class),
        );
    }

    /** @return array<string, string> as in the order file */
    public function toArray(): array
    {
        return ['depth' => (string) $this->depth, 'spare' => (string) $this->spare] +
            ($this->edgesApart === null ? [] : ['edgesApart' => $this->edgesApart->value]);
    }
}
