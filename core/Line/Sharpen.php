<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\Colour\Strength;
use Planisher\Colour\Surface;
use Planisher\OrderFile\Node;

/** Sharpening for the output: how strongly, and for which surface; a surface left out is that of the paper. */
final readonly class Sharpen
{
    private function __construct(public ?Surface $surface, public Strength $strength) {}

    public static function fromNode(?Node $node): ?self
    {
        $node?->object(['surface', 'strength']);

        return $node === null ? null : new self($node->maybe('surface')?->choice(Surface::class), $node->maybe('strength')?->choice(Strength::class) ?? Strength::Normal);
    }

    /** @return array<string, string> as in the order file */
    public function toArray(): array
    {
        return ($this->surface === null ? [] : ['surface' => $this->surface->value]) + ['strength' => $this->strength->value];
    }
}
