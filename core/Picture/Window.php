<?php

declare(strict_types=1);

namespace Planisher\Picture;

use Planisher\Measure\PixelRect;
use Planisher\Measure\Ratio;
use Planisher\OrderFile\Node;

/**
 * The part of a picture that will be printed: its centre in fractions of the picture, and how tight it is.
 * 1 is the largest window of the wanted ratio; 2 has half its width.
 */
final readonly class Window
{
    public const TIGHTEST = 40.0;

    public function __construct(public float $x = 0.5, public float $y = 0.5, public float $tight = 1.0) {}

    public static function fromNode(?Node $node): self
    {
        $node?->object(['x', 'y', 'tight']);

        return new self(
            $node?->maybe('x')?->number(0, 1) ?? 0.5,
            $node?->maybe('y')?->number(0, 1) ?? 0.5,
            $node?->maybe('tight')?->number(1, self::TIGHTEST) ?? 1.0,
        );
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

        return 1 - $width * $height / ($picture->width * $picture->height);
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
            ? [$picture->height * $ratio->width / $ratio->height, (float) $picture->height]
            : [(float) $picture->width, $picture->width * $ratio->height / $ratio->width];
    }

    private static function clamp(int $position, int $most): int
    {
        return max(0, min($most, $position));
    }
}
