<?php

declare(strict_types=1);

namespace Planisher\Screen;

use Planisher\Measure\PixelSize;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;
use Planisher\Overlay\Overlay;

/** A copy for a screen that is wanted of a line besides its files, as it will be printed. */
final readonly class ScreenCopy
{
    /** JPEG quality that is enough on a screen (common practice, no source) */
    public const USUAL_QUALITY = 75;

    /** Long side in pixels where nothing is said */
    public const USUAL_SIDE = 1600;

    private const MOST_OVERLAYS = 12;

    /**
     * @param  int  $longSide  in pixels, at most; never more than the picture has
     * @param  list<Overlay>  $overlays  over all of it
     */
    private function __construct(public int $longSide, public int $quality, public bool $isSharpened, public array $overlays) {}

    /** @throws OrderFileError */
    public static function fromNode(?JsonNode $node): ?self
    {
        $node?->object(['longSide', 'quality', 'sharpen', 'overlays']);

        return $node === null
            ? null
            : new self(
                $node->maybe('longSide')?->int(1, PixelSize::MOST) ?? self::USUAL_SIDE,
                $node->maybe('quality')?->int(1, 100) ?? self::USUAL_QUALITY,
                $node->maybe('sharpen')?->bool() ?? false,
                array_map(Overlay::fromNode(...), $node->maybe('overlays')?->items(0, self::MOST_OVERLAYS) ?? []),
            );
    }

    /** @return array<string, mixed> as in the order file */
    public function toArray(): array
    {
        return [
            'longSide' => $this->longSide,
            'quality' => $this->quality,
            'sharpen' => $this->isSharpened,
            'overlays' => array_map(fn (Overlay $overlay): array => $overlay->toArray(), $this->overlays),
        ];
    }
}
