<?php

declare(strict_types=1);

namespace Planisher\Imaging\Inspect;

use Planisher\Colour\HueName;
use Planisher\Colour\Intent;
use Planisher\Colour\PaperProfile;
use Planisher\Colour\Space;
use Planisher\Colour\ToneCurve;
use Planisher\Imaging\Colour\CodeTable;
use Planisher\Imaging\Colour\Conversion;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\Colour\ThroughProfile;
use Planisher\Imaging\Files\Beside;
use Planisher\Imaging\Sources\Orientation;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Imaging\Vips\Kernel;
use Planisher\Imaging\Vips\PngFilter;
use Planisher\Imaging\Vips\Relation;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\PlannedFile;

/** Which colours of a file's pictures its colour space, or the paper it is printed on, can't hold: they are drawn in. */
final readonly class DrawnIn
{
    /** A colour that is moved farther than this by a conversion, in ΔE*ab, is out of gamut; measured in docs/imaging.md. */
    private const OUT_OF_GAMUT = 5.0;

    /** Steps of a ΔE that its table tells apart. */
    private const FINE = 10.0;

    /** What fits is judged on so many times fewer pixels each way as are hatched. */
    private const COARSER = 3;

    private const HUES_SIDE = 160;

    /** Stripes of the hatching, in pixels: so wide, every so often. */
    private const STRIPE = 3;

    private const PERIOD = 9;

    /** @param  ?PaperProfile  $paper  null to look at the file's own colour space only */
    public function __construct(private PlannedFile $file, private ?PaperProfile $paper, private Sources $proxies) {}

    /** The share of what is printed that is drawn in, 0 to 1. */
    public function share(int $side): float
    {
        return PrintedPart::mean(
            $this->parts(intdiv($side, self::COARSER)),
            fn (PrintedPart $part): float => $this->outOfGamut($part)->mean() / 255,
        );
    }

    /** Hatching over what is drawn in, as a PNG with nothing elsewhere, of the whole file. */
    public function hatch(int $side, string $path): void
    {
        $mask = $this->mask($side)->held(PHP_INT_MAX);
        [$width, $height] = [$mask->width(), $mask->height()];
        $tile = '';
        for ($y = 0; $y < self::PERIOD; $y++) {
            for ($x = 0; $x < self::PERIOD; $x++) {
                $at = ($x + $y) % self::PERIOD;
                // A dark stripe with a light one beside it reads on any picture.
                $tile .= $at < self::STRIPE ? "\x14\xFF" : ($at < 2 * self::STRIPE - 1 ? "\xFA\xFF" : "\0\0");
            }
        }
        $across = (int) ceil($width / self::PERIOD);
        $stripes = Image::fromPixels($tile, self::PERIOD, self::PERIOD, 2)
            ->run('replicate', [$across, (int) ceil($height / self::PERIOD)])
            ->run('crop', [0, 0, $width, $height]);
        $alpha = $mask->mixing($stripes->run('extract_band', [1]), Image::plain($width, $height, [0.0]));
        $grey = $stripes->run('extract_band', [0]);
        Beside::write(
            $path,
            fn (string $part) => $grey
                ->joined($alpha)
                ->as(Interpretation::Grey)
                ->save('pngsave', $part, ['compression' => 1, 'filter' => PngFilter::None]),
        );
    }

    /**
     * Which colours are drawn in, the most of them first: their hues in words, at most three.
     *
     * @return list<string>
     */
    public function hues(): array
    {
        $hues = [];
        foreach ($this->parts(self::HUES_SIDE) as $part) {
            $mask = array_values((array) unpack('C*', $this->outOfGamut($part)->pixels()));
            $assumed = $part->facts->profile === null ? ShippedProfiles::path(Space::Srgb) : null;
            foreach (ThroughProfile::lab($part->image, $assumed) as $i => $lab) {
                if (($mask[$i] ?? 0) > 0) {
                    $hue = HueName::of($lab);
                    $hues[$hue] = ($hues[$hue] ?? 0) + 1;
                }
            }
        }
        arsort($hues);

        return array_slice(array_keys(array_filter($hues, fn (int $count): bool => $count > 0.1 * array_sum($hues))), 0, 3);
    }

    /** A mask of 8 bits over a part: 255 where a colour is moved by more than can be overlooked. */
    public function outOfGamut(PrintedPart $part): Image
    {
        $facts = $part->facts;
        $its = $facts->profile === null ? null : $part->image->metadata()->profile();
        $profiles = $this->proxies->profiles;
        $target = $profiles->bytes($this->file->encoding->target());
        $name = 'moved-'.hash('sha256', ($its ?? ShippedProfiles::bytes(Space::Srgb)).$target.($this->paper->sha256 ?? ''));
        $table = CodeTable::named($profiles->tables, $name, function (Image $grid) use ($its, $facts): array {
            $moved = $this->moved($its === null ? $grid : $grid->withProfile($its), $facts);

            return array_map(
                fn (float $distance): array => [min(255.0, $distance * self::FINE), 0.0, 0.0],
                array_values((array) unpack('g*', $moved->pixels())),
            );
        });

        return $table
            ->of($part->image)
            ->run('extract_band', [0])
            ->run('relational_const1', [Relation::More, self::OUT_OF_GAMUT * self::FINE]);
    }

    /**
     * How far each colour of an image is moved on its way into the file and onto the paper, in ΔE*ab.
     *
     * @param  Image  $image  as the picture has it, with its profile
     */
    public function moved(Image $image, PictureFacts $facts): Image
    {
        $profiles = $this->proxies->profiles;
        $encoding = $this->file->encoding->with(intent: Intent::Relative, tone: new ToneCurve(), sharpening: null, bits: 16);
        $converted = (new Conversion($encoding, $profiles))->into($image, $facts);
        $printed = $this->paper === null ? $converted : (new Proof($encoding, $this->paper, $profiles))->printed($converted);
        $before = ThroughProfile::imported($image, $facts->profile === null ? ShippedProfiles::path(Space::Srgb) : null);

        return $before->colourDistance(ThroughProfile::imported($printed, $profiles->path($this->paper ?? $encoding->target())));
    }

    /** Where it is hatched: each picture's own mask, at its place. */
    private function mask(int $side): Image
    {
        $placed = $this->file->pictures();
        $masks = array_map(
            fn (PrintedPart $part): Image => $this->outOfGamut($part)->run('zoom', [self::COARSER, self::COARSER]),
            $this->parts(intdiv($side, self::COARSER)),
        );
        $all = $this->file->whole();
        if (count($placed) === 1 && $placed[0]->target->equals($all) && ! $placed[0]->isTurned) {
            return $masks[0];
        }
        $scale = min(1.0, $side / max($all->width, $all->height));
        $whole = $all->scaled($scale, $scale);
        $laid = Image::plain($whole->width, $whole->height, [0.0]);
        foreach ($placed as $i => $one) {
            $where = $one->target->scaled($scale, $scale);
            $upright = $one->isTurned ? Orientation::turned($masks[$i]->held(PHP_INT_MAX)) : $masks[$i];
            $sized = $upright->run(
                'resize',
                [$where->width / $upright->width()],
                ['vscale' => $where->height / $upright->height(), 'kernel' => Kernel::Nearest],
            );
            $laid = $laid->inserted($sized, $where->x, $where->y);
        }

        return $laid;
    }

    /** @return list<PrintedPart> of all the file's pictures */
    private function parts(int $side): array
    {
        $printed = fn (PictureLayer $placed): PrintedPart => PrintedPart::of($placed, $this->proxies, $side);

        return array_map($printed, $this->file->pictures());
    }
}
