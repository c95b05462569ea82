<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\Colour\Sharpening;
use Planisher\Colour\Strength;
use Planisher\Colour\Surface;
use Planisher\Lab\Paper;
use Planisher\OrderFile\JsonNode;

/** Sharpening for the output: how strongly, and for which surface; a surface left out is that of the paper. */
final readonly class Sharpen
{
    private function __construct(public ?Surface $surface, public Strength $strength) {}

    public static function fromNode(?JsonNode $node): ?self
    {
        $node?->object(['surface', 'strength']);

        return $node === null
            ? null
            : new self(
                $node->maybe('surface')?->choice(Surface::class),
                $node->maybe('strength')?->choice(Strength::class) ?? Strength::Normal,
            );
    }

    /** For a line on a paper: the surface that is asked for, else the paper's, else lustre. */
    public function surfaceOn(?Paper $paper): Surface
    {
        return $this->surface ?? ($paper->surface ?? Surface::Lustre);
    }

    /**
     * @param  float  $ppi  of the file
     * @param  float  $fromInches  where it will be looked at from
     */
    public function on(?Paper $paper, float $ppi, float $fromInches): ?Sharpening
    {
        return Sharpening::for($this->surfaceOn($paper), $this->strength, $ppi, $fromInches);
    }

    /** @return array<string, string> as in the order file */
    public function toArray(): array
    {
        return ($this->surface === null ? [] : ['surface' => $this->surface->value]) + ['strength' => $this->strength->value];
    }
}
