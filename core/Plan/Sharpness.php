<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Lab\LabCard;
use Planisher\Measure\Length;
use Planisher\Measure\Size;

/**
 * Whether a picture has enough pixels for a size. An eye resolves one arcminute (visual acuity 1.0, ISO 8596),
 * so at a distance d it needs 1/(d · tan 1′) pixels per unit; a print is looked at from its diagonal, never closer than 25 cm.
 */
final readonly class Sharpness
{
    private const NEAREST_INCHES = 25 / 2.54;

    /**
     * @param  float  $fromInches  the distance it was judged for
     * @param  float  $least  ppi below which there are too few
     */
    private function __construct(public SharpnessGrade $enough, public float $ppi, public float $fromInches, public float $least) {}

    /**
     * @param  float  $ppi  of the picture's own pixels at the size, the smaller of the two directions
     * @param  ?Length  $viewedFrom  where it will be looked at from, when that is known
     * @param  bool  $onTheWall  a piece for a wall, where the distance decides and not the lab's least
     */
    public static function judge(float $ppi, Size $size, LabCard $lab, ?Length $viewedFrom = null, bool $onTheWall = false): self
    {
        $distance = self::distance($size, $viewedFrom);
        $needed = self::ppiNeededAt($distance);
        $decides = $onTheWall || $viewedFrom !== null;

        return new self(
            match (true) {
                $ppi >= $lab->resolution->ppi() => SharpnessGrade::Plenty,
                $ppi < $lab->minimumPpi && ! ($decides && $ppi >= $needed) => SharpnessGrade::TooFew,
                $ppi >= $needed => SharpnessGrade::Enough,
                default => SharpnessGrade::Soft,
            },
            $ppi,
            $distance,
            $viewedFrom !== null ? min($needed, $lab->minimumPpi) : $lab->minimumPpi,
        );
    }

    /** @param  float  $inches above 0 */
    public static function ppiNeededAt(float $inches): float
    {
        return 1 / ($inches * tan(deg2rad(1 / 60)));
    }

    /** Where a size is looked at from, in inches: as is said, or from its diagonal, never closer than 25 cm. */
    public static function distance(Size $size, ?Length $viewedFrom): float
    {
        return $viewedFrom?->inches() ?? max(self::NEAREST_INCHES, $size->diagonalInches());
    }

    /** The distance in inches from which these pixels can't be told apart. */
    public function sharpFromInches(): float
    {
        return 1 / ($this->ppi * tan(deg2rad(1 / 60)));
    }
}
