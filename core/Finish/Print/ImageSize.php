<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Measure\Length;
use Planisher\OrderFile\JsonNode;

/** How large the image is wanted on its paper. Of one side the other follows; both make it exactly so. */
final readonly class ImageSize
{
    private function __construct(public ?Length $width, public ?Length $height) {}

    public static function fromNode(?JsonNode $node): ?self
    {
        $node?->object(['width', 'height']);
        [$width, $height] = [self::side($node?->maybe('width')), self::side($node?->maybe('height'))];

        return $width === null && $height === null ? null : new self($width, $height);
    }

    private static function side(?JsonNode $node): ?Length
    {
        $length = $node?->length();
        if ($node !== null && $length?->nanometres === 0) {
            throw $node->unexpected('a length above 0');
        }

        return $length;
    }

    public function label(): string
    {
        return match (true) {
            $this->height === null => "{$this->width?->label()} wide",
            $this->width === null => "{$this->height->label()} high",
            default => "{$this->width->label()} × {$this->height->label()}",
        };
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return array_map(strval(...), array_filter(get_object_vars($this), fn (?Length $length): bool => $length !== null));
    }
}
