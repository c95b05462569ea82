<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Lab\LabCard;
use Planisher\Measure\Box;
use Planisher\Measure\Ratio;
use Planisher\Measure\Side;
use Planisher\Measure\Size;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Layout;
use Planisher\Plan\OfFinish;

/** What a print's layout has beside others': the larger sheet it is laid on, and how far its image could be raised. */
final readonly class PrintLayout implements OfFinish
{
    /**
     * @param  ?Size  $carrier  the larger sheet, the way up that suits the paper
     * @param  float  $room  the area of the largest image this paper could hold, in square nanometres
     * @param  int  $raiseRoom  how far the image could be raised, in nanometres
     * @param  list<PrintFlaw>  $flaws
     * @param  ?Box  $opening  of a mount, before the image; null where there is none, or its image is larger than the paper
     */
    private function __construct(
        private Size $size,
        public ?Size $carrier,
        public float $room,
        public int $raiseRoom,
        private array $flaws,
        public ?Box $opening,
    ) {}

    /** @return Layout<self> */
    public static function of(PrintWanted $print, Size $size, PictureFacts $picture, LabCard $lab): Layout
    {
        $flaws = [];
        $box = Box::ofSize($size);
        $inside = self::inside($print, $box);
        if ($inside === null) {
            $flaws[] = PrintFlaw::MarginsTooLarge;
            $inside = $box;
        }
        $ratio = $print->fit === Fit::Whole ? Ratio::of($picture->width, $picture->height) : $inside->ratio();
        $largest = self::largest($inside->width, $inside->height, $ratio);
        $opening = $print->opening?->on($size, $picture);
        [$width, $height] = match (true) {
            $opening !== null => self::behind($print->opening, $opening, $print->fit, $ratio),
            $print->image === null => $largest,
            default => self::wanted($print->image, $print->fit, $ratio),
        };
        if ($width > $box->width || $height > $box->height) {
            $flaws[] = $opening === null ? PrintFlaw::ImageTooLarge : PrintFlaw::OpeningTooLarge;
            [$width, $height] = $largest;
        }
        $left = max(0, min($box->width - $width, $inside->x + intdiv($inside->width - $width, 2)));
        $raiseRoom = max(0, min($box->height - $height, $inside->y + intdiv($inside->height - $height, 2)));
        if ($print->raise->optical) {
            $top = self::opticalTop($box->height - $height);
        } elseif ($print->raise->by->nanometres > $raiseRoom) {
            $flaws[] = PrintFlaw::RaisedTooFar;
            $top = 0;
        } else {
            $top = $raiseRoom - $print->raise->by->nanometres;
        }
        $image = new Box($left, $top, $width, $height);
        $carrier = self::carrier($print, $size, $lab);
        if ($print->carrier->size !== null && $carrier === null && ! $print->carrier->size->sameAs($size)) {
            $flaws[] = PrintFlaw::CarrierTooSmall;
        }
        $bleed = $lab->bleed->nanometres ?? 0;
        $spreads = $image->equals($box) && $carrier === null;
        $isShown = $opening !== null && ! in_array(PrintFlaw::OpeningTooLarge, $flaws, true);
        $shown = $isShown ? Opening::before($image, $opening) : null;
        $own = new self($size, $carrier, (float) $largest[0] * $largest[1], $raiseRoom, $flaws, $shown);

        return new Layout($size, $spreads ? $image->grown($bleed) : $image, $own->onSheet($box)->grown($bleed), $bleed, $own);
    }

    /** The white to trim away on a side of the paper, in nanometres; 0 without a carrier. */
    public function surplus(Side $side): int
    {
        if ($this->carrier === null) {
            return 0;
        }
        $across = $this->carrier->width->nanometres - $this->size->width->nanometres;
        $down = $this->carrier->height->nanometres - $this->size->height->nanometres;

        return match ($side) {
            Side::Left => intdiv($across, 2),
            Side::Right => $across - intdiv($across, 2),
            Side::Top => intdiv($down, 2),
            Side::Bottom => $down - intdiv($down, 2),
        };
    }

    public function has(PrintFlaw $flaw): bool
    {
        return in_array($flaw, $this->flaws, true);
    }

    private function onSheet(Box $box): Box
    {
        return $this->carrier === null ? $box : Box::ofSize($this->carrier)->moved(-$this->surplus(Side::Left), -$this->surplus(Side::Top));
    }

    /** The paper inside its border, or null when the border leaves nothing. */
    private static function inside(PrintWanted $print, Box $box): ?Box
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

    /** @return array{int, int} width and height of the image behind an opening */
    private static function behind(Opening $wanted, Size $opening, Fit $fit, Ratio $ratio): array
    {
        $image = $wanted->image($opening);

        return $fit === Fit::Whole ? self::largest($image[0], $image[1], $ratio) : $image;
    }

    /** The image's centre lies a twentieth of the free height above the middle. */
    private static function opticalTop(int $free): int
    {
        return intdiv(9 * $free, 20);
    }

    private static function carrier(PrintWanted $print, Size $size, LabCard $lab): ?Size
    {
        $sheet = $print->sheetFor($size, $lab);
        if ($sheet === null) {
            return null;
        }
        $same = $size->width->nanometres > $size->height->nanometres ? $sheet->landscape() : $sheet->portrait();
        $fits = $same->width->nanometres >= $size->width->nanometres && $same->height->nanometres >= $size->height->nanometres;

        return $fits ? $same : $same->turned();
    }
}
