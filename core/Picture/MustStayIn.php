<?php

declare(strict_types=1);

namespace Planisher\Picture;

use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/** An area of a picture that no trim, frame, fold or joint may touch: left, top, width and height in fractions of the picture. */
final readonly class MustStayIn
{
    public const MOST_AREAS = 20;

    private function __construct(public string $label, public float $x, public float $y, public float $width, public float $height) {}

    /** @throws OrderFileError */
    public static function fromNode(JsonNode $node): self
    {
        $node->object(['label', 'x', 'y', 'width', 'height']);
        [$x, $y] = [$node->need('x')->number(0, 1), $node->need('y')->number(0, 1)];
        $width = $node->need('width')->number(0.001, 1);
        $height = $node->need('height')->number(0.001, 1);
        if ($x + $width > 1 + 1e-6 || $y + $height > 1 + 1e-6) {
            throw new OrderFileError($node->path(), 'an area that goes beyond the picture', 'x + width and y + height of at most 1');
        }

        return new self($node->maybe('label')?->string(40) ?? 'must stay in', $x, $y, min($width, 1 - $x), min($height, 1 - $y));
    }

    /**
     * @return list<self>
     *
     * @throws OrderFileError
     */
    public static function listFromNode(?JsonNode $node): array
    {
        return array_map(self::fromNode(...), $node?->items(0, self::MOST_AREAS) ?? []);
    }

    public function right(): float
    {
        return $this->x + $this->width;
    }

    public function bottom(): float
    {
        return $this->y + $this->height;
    }

    /** @return array{label: string, x: float, y: float, width: float, height: float} */
    public function toArray(): array
    {
        return ['label' => $this->label, 'x' => $this->x, 'y' => $this->y, 'width' => $this->width, 'height' => $this->height];
    }
}
