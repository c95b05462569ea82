<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Measure\Size;
use Planisher\OrderFile\JsonNode;

/** Which larger sheet a print is laid on: the one that suits when its size isn't listed (auto), none, or a named one. */
final readonly class CarrierWish
{
    /** In the order file */
    public const AUTO = 'auto';

    public const NONE = 'none';

    private function __construct(public bool $auto, public ?Size $size) {}

    public static function fromNode(?JsonNode $node): self
    {
        return match ($node?->raw()) {
            null, self::AUTO => new self(true, null),
            self::NONE => new self(false, null),
            default => new self(false, $node->size()),
        };
    }

    public function __toString(): string
    {
        return $this->auto ? self::AUTO : ($this->size === null ? self::NONE : (string) $this->size);
    }
}
