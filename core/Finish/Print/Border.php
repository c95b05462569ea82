<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Measure\Figure;
use Planisher\Measure\Length;
use Planisher\Measure\Side;
use Planisher\OrderFile\JsonNode;

/** What stays free of picture inside the paper's edge: a length a side. */
final readonly class Border
{
    public function __construct(public Length $top, public Length $right, public Length $bottom, public Length $left) {}

    public static function even(Length $length): self
    {
        return new self($length, $length, $length, $length);
    }

    public static function none(): self
    {
        return self::even(Length::zero());
    }

    /** One length for all sides, or an object of sides; a side left out has none. */
    public static function fromNode(?JsonNode $node): self
    {
        if ($node === null) {
            return self::none();
        }
        if (is_string($node->raw())) {
            return self::even($node->length());
        }
        $node->object(array_map(fn (Side $side): string => $side->value, Side::cases()));
        $side = fn (Side $side): Length => $node->maybe($side->value)?->length() ?? Length::zero();

        return new self($side(Side::Top), $side(Side::Right), $side(Side::Bottom), $side(Side::Left));
    }

    public function at(Side $side): Length
    {
        return $this->{$side->value};
    }

    public function with(Side $side, Length $length): self
    {
        return new self(...[...get_object_vars($this), $side->value => $length]);
    }

    public function isNone(): bool
    {
        return $this->top->nanometres + $this->right->nanometres + $this->bottom->nanometres + $this->left->nanometres === 0;
    }

    public function isEven(): bool
    {
        return $this->top->equals($this->right) && $this->top->equals($this->bottom) && $this->top->equals($this->left);
    }

    /** Even but for more below, as a mat is cut. */
    public function isHeavierBelow(): bool
    {
        return $this->top->equals($this->right) && $this->top->equals($this->left) && $this->bottom->nanometres > $this->top->nanometres;
    }

    /** “0.5 in”, “1 in, 1.5 in below”, “1, 2, 1.5 and 2 in” from the top clockwise */
    public function label(): string
    {
        if ($this->isEven()) {
            return $this->top->label();
        }
        if ($this->isHeavierBelow()) {
            return "{$this->top->label()}, {$this->bottom->label()} below";
        }
        $sides = [$this->top, $this->right, $this->bottom, $this->left];
        $there = array_filter($sides, fn (Length $l): bool => $l->nanometres > 0);
        $units = array_values(array_unique(array_map(fn (Length $l): string => $l->unit->value, $there)));
        $one = count($units) === 1;
        $said = array_map(fn (Length $l): string => $one || $l->nanometres === 0 ? $l->number : $l->label(), $sides);

        return "{$said[0]}, {$said[1]}, {$said[2]} and {$said[3]}".($one ? Figure::THIN_SPACE.$units[0] : '');
    }

    /** @return string|array<string, string> as in the order file */
    public function toArray(): string|array
    {
        return $this->isEven() ? (string) $this->top : array_map(strval(...), get_object_vars($this));
    }
}
