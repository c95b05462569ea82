<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Colour\Rgb;
use Planisher\Measure\Length;
use Planisher\Measure\Unit;
use Planisher\OrderFile\JsonNode;

/** A thin line drawn inside an image's edge, so that a pale picture does not melt into its paper. */
final readonly class Keyline
{
    private function __construct(public Length $width, public Rgb $colour) {}

    /** 3 pixels at 300 ppi (common practice, no source) */
    private static function usualWidth(): Length
    {
        return Length::of('0.01', Unit::Inch);
    }

    public static function fromNode(?JsonNode $node): ?self
    {
        $node?->object(['width', 'colour']);

        return $node === null
            ? null
            : new self($node->maybe('width')?->length() ?? self::usualWidth(), $node->maybe('colour')?->colour() ?? Rgb::black());
    }

    /** @return array{width: string, colour: string} */
    public function toArray(): array
    {
        return ['width' => (string) $this->width, 'colour' => (string) $this->colour];
    }
}
