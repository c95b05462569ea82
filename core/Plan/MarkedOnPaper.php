<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Measure\Box;
use Planisher\Measure\Side;
use Planisher\Picture\MustStayIn;

/** An area that must stay in, where it lies on the paper; beyond its edges where the window leaves it out. */
final readonly class MarkedOnPaper
{
    private function __construct(public MustStayIn $area, public Box $box) {}

    /** @return list<self> of all pictures of a plan */
    public static function all(Plan $plan): array
    {
        return array_merge(...array_map(self::of(...), $plan->parts));
    }

    /** @return list<self> */
    private static function of(Part $part): array
    {
        [$picture, $image, $window] = [$part->picture, $part->image, $part->window];
        [$across, $down] = [$image->width / $window->width, $image->height / $window->height];
        // Windows are whole pixels and marks are not: what sticks out by less than a pixel is not cut.
        $in = fn (float $pixels, int $side): float => match (true) {
            abs($pixels) < 1 => 0.0,
            abs($pixels - $side) < 1 => (float) $side,
            default => $pixels,
        };
        $marked = [];
        foreach ($picture->mustStayIn as $area) {
            [$left, $right] = [
                $in($area->x * $picture->width - $window->x, $window->width),
                $in($area->right() * $picture->width - $window->x, $window->width),
            ];
            [$top, $bottom] = [
                $in($area->y * $picture->height - $window->y, $window->height),
                $in($area->bottom() * $picture->height - $window->y, $window->height),
            ];
            $marked[] = new self(
                $area,
                new Box(
                    $image->x + (int) round($left * $across),
                    $image->y + (int) round($top * $down),
                    (int) round(($right - $left) * $across),
                    (int) round(($bottom - $top) * $down),
                ),
            );
        }

        return $marked;
    }

    /** How far inside a box it lies on a side, in nanometres; below 0 where it reaches beyond. */
    public function inside(Box $box, Side $side): int
    {
        return match ($side) {
            Side::Left => $this->box->x - $box->x,
            Side::Right => $box->right() - $this->box->right(),
            Side::Top => $this->box->y - $box->y,
            Side::Bottom => $box->bottom() - $this->box->bottom(),
        };
    }

    /**
     * The one nearest to an edge of a box.
     *
     * @param  list<self>  $marked
     * @return ?array{int, self, Side} how far inside in nanometres, which, and on which side; null when nothing is marked
     */
    public static function nearest(array $marked, Box $box): ?array
    {
        $nearest = null;
        foreach ($marked as $one) {
            foreach (Side::cases() as $side) {
                $distance = $one->inside($box, $side);
                if ($nearest === null || $distance < $nearest[0]) {
                    $nearest = [$distance, $one, $side];
                }
            }
        }

        return $nearest;
    }
}
