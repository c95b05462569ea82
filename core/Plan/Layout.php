<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Lab\LabCard;
use Planisher\Line\Crop;
use Planisher\Line\Fit;
use Planisher\Line\ImageSize;
use Planisher\Line\PrintFinish;
use Planisher\Line\Side;
use Planisher\Line\Turn;
use Planisher\Measure\Box;
use Planisher\Measure\Ratio;
use Planisher\Measure\Size;
use Planisher\Picture\PictureFacts;

/**
 * Where an image sits on its paper, and the paper on its sheet, in whole nanometres from the paper's top left corner. Of a
 * canvas the paper is its face, of panels the undivided piece.
 * Rounding to pixels comes later.
 */
final readonly class Layout
{
    /**
     * @param  Size  $paper  the ordered size, the way up it is used
     * @param  Box  $image  the picture on the paper; beyond its edges where the lab asks for bleed
     * @param  ?Size  $carrier  the larger sheet, the way up that suits the paper
     * @param  int  $bleed  nanometres round the sheet that the lab trims away
     * @param  float  $room  the area of the largest image this paper could hold, in square nanometres
     * @param  int  $raiseRoom  how far the image could be raised, in nanometres
     * @param  list<LayoutFlaw>  $flaws
     * @param  ?Wrap  $wrap  round a canvas's face
     * @param  ?PanelGrid  $grid  how panels share it out
     */
    private function __construct(
        public Size $paper,
        public Box $image,
        public ?Size $carrier,
        public int $bleed,
        public float $room,
        public int $raiseRoom,
        public array $flaws,
        public ?Wrap $wrap = null,
        public ?PanelGrid $grid = null,
    ) {}

    /**
     * The layout of the way up that was asked for; auto takes the one that loses less, and as typed when both are alike.
     *
     * @param  callable(Size): self  $layout
     * @param  callable(self): float  $loss
     */
    public static function upright(Crop $crop, callable $layout, callable $loss): self
    {
        if ($crop->turn !== Turn::Auto) {
            return $layout($crop->turn === Turn::Portrait ? $crop->size->portrait() : $crop->size->landscape());
        }
        [$typed, $turned] = [$layout($crop->size), $layout($crop->size->turned())];

        return $loss($turned) < $loss($typed) ? $turned : $typed;
    }

    /** A canvas: the picture on its face alone, or running on round the bar. */
    public static function wrapped(Size $face, Wrap $wrap, bool $runsOn): self
    {
        $box = Box::ofSize($face);
        $flaws = [];
        if (2 * $wrap->around() > min($box->width, $box->height)) {
            $flaws[] = LayoutFlaw::EdgeTooDeep;
            $wrap = $wrap->none();
        }

        return new self($face, $runsOn ? $box->grown($wrap->around()) : $box, null, 0, (float) $box->width * $box->height, 0, $flaws, $wrap);
    }

    /** A piece that is shared out between panels; the picture goes on into their bleed. */
    public static function divided(Size $whole, PanelGrid $grid, int $bleed): self
    {
        $box = Box::ofSize($whole);

        return new self($whole, $box->grown($bleed), null, $bleed, (float) $box->width * $box->height, 0, [], null, $grid);
    }

    public static function of(PrintFinish $print, Size $paper, PictureFacts $picture, LabCard $lab): self
    {
        $flaws = [];
        $box = Box::ofSize($paper);
        $inside = self::inside($print, $box);
        if ($inside === null) {
            $flaws[] = LayoutFlaw::MarginsTooLarge;
            $inside = $box;
        }
        $ratio = $print->fit === Fit::Whole ? Ratio::of($picture->width, $picture->height) : $inside->ratio();
        $largest = self::largest($inside->width, $inside->height, $ratio);
        [$width, $height] = $print->image === null ? $largest : self::wanted($print->image, $print->fit, $ratio);
        if ($width > $box->width || $height > $box->height) {
            $flaws[] = LayoutFlaw::ImageTooLarge;
            [$width, $height] = $largest;
        }
        $left = max(0, min($box->width - $width, $inside->left + intdiv($inside->width - $width, 2)));
        $top = max(0, min($box->height - $height, $inside->top + intdiv($inside->height - $height, 2)));
        $room = $top;
        if ($print->raise->optical) {
            $top = self::opticalTop($box->height - $height);
        } elseif ($print->raise->by->nanometres > $room) {
            $flaws[] = LayoutFlaw::RaisedTooFar;
            $top = 0;
        } else {
            $top -= $print->raise->by->nanometres;
        }
        $image = new Box($left, $top, $width, $height);
        $carrier = self::carrier($print, $paper, $lab);
        if ($print->carrier->size !== null && $carrier === null && ! $print->carrier->size->sameAs($paper)) {
            $flaws[] = LayoutFlaw::CarrierTooSmall;
        }
        $bleed = $lab->bleed->nanometres ?? 0;
        $reachesEdges = $image->equals($box) && $carrier === null;

        return new self($paper, $reachesEdges ? $image->grown($bleed) : $image, $carrier, $bleed, (float) $largest[0] * $largest[1], $room, $flaws);
    }

    public function box(): Box
    {
        return Box::ofSize($this->paper);
    }

    /** The whole sheet that is sent, bleed included. */
    public function sheet(): Box
    {
        $box = $this->box();
        if ($this->carrier !== null) {
            $carrier = Box::ofSize($this->carrier);
            $box = new Box(-intdiv($carrier->width - $box->width, 2), -intdiv($carrier->height - $box->height, 2), $carrier->width, $carrier->height);
        }

        return $box->grown($this->bleed + ($this->wrap?->around() ?? 0));
    }

    /** The paper that stays free of picture on a side, in nanometres; below 0 where picture goes on into the bleed. */
    public function margin(Side $side): int
    {
        return match ($side) {
            Side::Top => $this->image->top,
            Side::Left => $this->image->left,
            Side::Right => $this->paper->width->nanometres - $this->image->right(),
            Side::Bottom => $this->paper->height->nanometres - $this->image->bottom(),
        };
    }

    /** The white to trim away on a side of the paper, in nanometres; 0 without a carrier. */
    public function surplus(Side $side): int
    {
        if ($this->carrier === null) {
            return 0;
        }
        $across = $this->carrier->width->nanometres - $this->paper->width->nanometres;
        $down = $this->carrier->height->nanometres - $this->paper->height->nanometres;

        return match ($side) {
            Side::Left => intdiv($across, 2),
            Side::Right => $across - intdiv($across, 2),
            Side::Top => intdiv($down, 2),
            Side::Bottom => $down - intdiv($down, 2),
        };
    }

    public function imageFillsPaper(): bool
    {
        return $this->image->left <= 0 && $this->image->top <= 0 && $this->margin(Side::Right) <= 0 && $this->margin(Side::Bottom) <= 0;
    }

    public function has(LayoutFlaw $flaw): bool
    {
        return in_array($flaw, $this->flaws, true);
    }

    /** The paper inside its border, or null when the border leaves nothing. */
    private static function inside(PrintFinish $print, Box $box): ?Box
    {
        $b = $print->border;
        $width = $box->width - $b->left->nanometres - $b->right->nanometres;
        $height = $box->height - $b->top->nanometres - $b->bottom->nanometres;

        return $width < 1 || $height < 1 ? null : new Box($b->left->nanometres, $b->top->nanometres, $width, $height);
    }

    /** @return array{int, int} width and height of the largest image of a ratio */
    private static function largest(int $width, int $height, Ratio $ratio): array
    {
        // Ratios of paper are whole nanometres, so products go beyond 64 bits; a float's 53 bits keep sides right to the nanometre.
        $wide = $ratio->width / $ratio->height;

        return $width / $height > $wide
            ? [max(1, min($width, (int) round($height * $wide))), $height]
            : [$width, max(1, min($height, (int) round($width / $wide)))];
    }

    /** @return array{int, int} */
    private static function wanted(ImageSize $image, Fit $fit, Ratio $ratio): array
    {
        $wide = $ratio->width / $ratio->height;
        [$width, $height] = [$image->width?->nanometres, $image->height?->nanometres];

        return match (true) {
            $width !== null && $height !== null => $fit === Fit::Whole ? self::largest($width, $height, $ratio) : [$width, $height],
            $width !== null => [$width, max(1, (int) round($width / $wide))],
            default => [max(1, (int) round((int) $height * $wide)), (int) $height],
        };
    }

    /** The image's centre lies a twentieth of the free height above the middle. */
    private static function opticalTop(int $free): int
    {
        return intdiv(9 * $free, 20);
    }

    private static function carrier(PrintFinish $print, Size $paper, LabCard $lab): ?Size
    {
        $sheet = $print->carrier->auto
            ? ($lab->lists($paper) === null ? $lab->smallestThatHolds($paper) : null)
            : $print->carrier->size;
        if ($sheet === null || ! $sheet->holds($paper) || $sheet->sameAs($paper)) {
            return null;
        }
        $same = $paper->width->nanometres > $paper->height->nanometres ? $sheet->landscape() : $sheet->portrait();
        $fits = $same->width->nanometres >= $paper->width->nanometres && $same->height->nanometres >= $paper->height->nanometres;

        return $fits ? $same : $same->turned();
    }
}
