<?php

declare(strict_types=1);

namespace Planisher\Picture;

use Planisher\Measure\PixelRect;
use Planisher\Measure\Ratio;
use Planisher\OrderFile\JsonNode;

/**
 * The part of a picture that will be printed: its centre in fractions of the picture, and how tight it is.
 * 1 is the largest window of the wanted ratio; 2 has half its width.
 */
final readonly class Window
{
    public const TIGHTEST = 40.0;

    public function __construct(public float $x = 0.5, public float $y = 0.5, public float $tight = 1.0) {}

    public static function fromNode(?JsonNode $node): self
    {
        $node?->object(['x', 'y', 'tight']);

        return new self(
            $node?->maybe('x')?->number(0, 1) ?? 0.5,
            $node?->maybe('y')?->number(0, 1) ?? 0.5,
            $node?->maybe('tight')?->number(1, self::TIGHTEST) ?? 1.0,
        );
    }

    /** How far from the edge an area should lie, where there is room for it: a twentieth of the window's side. */
    private const COMFORT = 0.05;

    /**
     * The largest window, moved from the middle just as far as what must stay in asks for: clear of what is hidden at its
     * edges, and a little more where there is room. Where an area can't be cleared it lies as far inside as can be.
     *
     * @param  array{float, float}  $across  hidden at left and right, in fractions of the window's width
     * @param  array{float, float}  $down  hidden at top and bottom, in fractions of its height
     */
    public static function keeping(PictureFacts $picture, Ratio $ratio, array $across, array $down): self
    {
        $areas = $picture->mustStayIn;
        if ($areas === []) {
            return new self();
        }
        [$width, $height] = self::largest($picture, $ratio);
        $least = fn (array $edges): float => (float) min($edges);
        $most = fn (array $edges): float => (float) max($edges);

        return new self(
            self::centre(
                $width / $picture->width,
                $least(array_column($areas, 'x')),
                $most(array_map(fn (MustStayIn $a): float => $a->right(), $areas)),
                $across,
            ),
            self::centre(
                $height / $picture->height,
                $least(array_column($areas, 'y')),
                $most(array_map(fn (MustStayIn $a): float => $a->bottom(), $areas)),
                $down,
            ),
        );
    }

    /**
     * @param  float  $side  of the window, this and the rest in fractions of the picture's side
     * @param  array{float, float}  $hidden  in fractions of the window's side
     */
    private static function centre(float $side, float $from, float $to, array $hidden): float
    {
        [$first, $last] = [$to + $hidden[1] * $side - $side, $from - $hidden[0] * $side];
        $comfort = min(self::COMFORT * $side, ($last - $first) / 2); // below 0 where an area can't be cleared: the middle is then the best
        [$first, $last] = [$first + $comfort, $last - $comfort];
        $start = max($first, min($last, (1 - $side) / 2));

        return max(0.0, min(1 - $side, $start)) + $side / 2;
    }

    /**
     * The window in whole source pixels: of the ratio to within a pixel, never outside the picture.
     */
    public function on(PictureFacts $picture, Ratio $ratio): PixelRect
    {
        [$width, $height] = self::largest($picture, $ratio);
        $w = max(1, min($picture->width, (int) floor($width / $this->tight + 0.5)));
        $h = max(1, min($picture->height, (int) floor($height / $this->tight + 0.5)));

        return new PixelRect(
            self::clamp((int) floor($this->x * $picture->width - $w / 2 + 0.5), $picture->width - $w),
            self::clamp((int) floor($this->y * $picture->height - $h / 2 + 0.5), $picture->height - $h),
            $w,
            $h,
        );
    }

    /**
     * How much of the picture the largest window leaves out, from 0 to 1.
     */
    public static function leastCut(PictureFacts $picture, Ratio $ratio): float
    {
        [$width, $height] = self::largest($picture, $ratio);

        return 1 - ($width * $height) / ($picture->width * $picture->height);
    }

    /** @return array{x: float, y: float, tight: float} */
    public function toArray(): array
    {
        return ['x' => $this->x, 'y' => $this->y, 'tight' => $this->tight];
    }

    /** @return array{float, float} width and height in source pixels, not yet whole */
    private static function largest(PictureFacts $picture, Ratio $ratio): array
    {
        return $picture->width * $ratio->height > $picture->height * $ratio->width
            ? [($picture->height * $ratio->width) / $ratio->height, (float) $picture->height]
            : [(float) $picture->width, ($picture->width * $ratio->height) / $ratio->width];
    }

    private static function clamp(int $position, int $most): int
    {
        return max(0, min($most, $position));
    }
}
