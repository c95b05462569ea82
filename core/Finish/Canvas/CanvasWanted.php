<?php

declare(strict_types=1);

namespace Planisher\Finish\Canvas;

use Planisher\Colour\Rgb;
use Planisher\Lab\CanvasCard;
use Planisher\Lab\EdgeDelivery;
use Planisher\Lab\LabCard;
use Planisher\Line\InSeveralFiles;
use Planisher\Line\PrintedOn;
use Planisher\Line\SeenFirst;
use Planisher\Measure\EdgeDepth;
use Planisher\Measure\Figure;
use Planisher\OrderFile\JsonNode;
use Planisher\Plan\Layer\Darken;
use Planisher\Plan\Layer\EdgeFill;

/** What is wanted of a canvas: how a picture goes round its bars. The ordered size is the face; what is null follows the lab. */
final readonly class CanvasWanted implements InSeveralFiles, PrintedOn, SeenFirst
{
    /**
     * @param  ?EdgeDepth  $depth  of the bars
     * @param  ?EdgeDepth  $spare  beyond them, to hold on to when wrapping
     * @param  float  $soften  0 to 1: of the most softening there is
     * @param  Rgb  $colour  of an edge in one colour
     * @param  ?bool  $edgesApart  whether face and edges are written apart
     */
    private function __construct(
        public ?EdgeDepth $depth,
        public ?EdgeDepth $spare,
        public EdgeFill $edge,
        public float $soften,
        public ?Darken $darken,
        public Rgb $colour,
        public ?bool $edgesApart,
    ) {}

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(?JsonNode $node): self
    {
        $node?->object(['depth', 'spare', 'edge', 'soften', 'darken', 'colour', 'edgesApart']);

        return new self(
            depth: $node?->maybe('depth')?->edgeDepth(),
            spare: $node?->maybe('spare')?->edgeDepth(),
            edge: $node?->maybe('edge')?->choice(EdgeFill::class) ?? EdgeFill::Mirrored,
            soften: $node?->maybe('soften')?->number(0, 1) ?? 0.0,
            darken: Darken::fromNode($node?->maybe('darken')),
            colour: $node?->maybe('colour')?->colour() ?? Rgb::white(),
            edgesApart: $node?->maybe('edgesApart')?->bool(),
        );
    }

    public function depthFor(CanvasCard $lab): EdgeDepth
    {
        return $this->depth ?? $lab->depth;
    }

    public function spareFor(CanvasCard $lab): EdgeDepth
    {
        return $this->spare ?? $lab->spare;
    }

    /** How face and edges are written apart, or null when they are together. */
    public function apartFor(CanvasCard $lab): ?EdgeDelivery
    {
        return match ($this->edgesApart) {
            null => $lab->edgesApart,
            true => $lab->edgesApart ?? EdgeDelivery::Files,
            false => null,
        };
    }

    public function label(int $copies): string
    {
        return (new CanvasFinish())->label($copies);
    }

    public function inWords(): string
    {
        return implode(
            ', ',
            array_filter([
                'a canvas',
                $this->depth === null ? null : "{$this->depth->label()} deep",
                $this->edge === EdgeFill::OneColour ? "its edge in {$this->colour->label()}" : 'its edge '.$this->edge->label(),
                $this->soften > 0 ? 'softened by '.Figure::percent($this->soften) : null,
                $this->darken?->label(),
            ]),
        );
    }

    public function printedOn(): string
    {
        return CanvasFinish::NAME;
    }

    public function apart(LabCard $lab): array
    {
        return $this->apartFor($lab->canvas) === EdgeDelivery::Files ? ['face', 'edges'] : [''];
    }

    /** @return array<string, mixed> as in the order file, only what differs from the defaults */
    public function toArray(): array
    {
        $wanted = array_filter(
            [
                'depth' => $this->depth === null ? null : (string) $this->depth,
                'spare' => $this->spare === null ? null : (string) $this->spare,
                'edge' => $this->edge === EdgeFill::Mirrored ? null : $this->edge->value,
                'soften' => $this->soften === 0.0 ? null : $this->soften,
                'darken' => $this->darken?->toArray(),
                'colour' => $this->colour->equals(Rgb::white()) ? null : (string) $this->colour,
                'edgesApart' => $this->edgesApart,
            ],
            fn (mixed $value): bool => $value !== null,
        );

        return $wanted === [] ? [] : [CanvasFinish::NAME => $wanted];
    }
}
