<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Measure\Length;
use Planisher\Measure\Unit;
use Planisher\OrderFile\JsonNode;

/** How far an image sits above the middle of its paper: a length, or at the optical centre. */
final readonly class Raise
{
    /** In the order file */
    public const OPTICAL = 'optical';

    private function __construct(public bool $optical, public Length $by) {}

    public static function none(): self
    {
        return new self(false, Length::zero(Unit::Millimetre));
    }

    public static function fromNode(?JsonNode $node): self
    {
        return match (true) {
            $node === null => self::none(),
            $node->raw() === self::OPTICAL => new self(true, Length::zero(Unit::Millimetre)),
            default => new self(false, $node->length()),
        };
    }

    public function isNone(): bool
    {
        return ! $this->optical && $this->by->nanometres === 0;
    }

    public function __toString(): string
    {
        return $this->optical ? self::OPTICAL : (string) $this->by;
    }
}
