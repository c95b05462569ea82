<?php

declare(strict_types=1);

namespace Planisher\Imaging\ReadBack;

use Planisher\Colour\Channels;
use Planisher\Colour\ProfileHeader;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\Files\Checksum;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Measure\Figure;
use Planisher\Measure\Unit;
use Planisher\Plan\PlannedFile;

/** A made file opened again and measured against its plan. */
final readonly class ReadBack
{
    /** A resolution tag may be off by the rounding of its own number: half a pixel per inch in JFIF's whole numbers. */
    private const PPI_ROUNDING = 0.5;

    /** By so many pixels a side may differ from what was asked: a half at the cut, and one where bleed is added on both sides */
    private const ROUNDED_PIXELS = 1.5;

    /** Above this, an unpacked TIFF is held in a temporary file instead of in memory. */
    private const HELD_IN_MEMORY = 60_000_000;

    /** @param  non-empty-list<MeasuredFigure>  $figures */
    private function __construct(
        public int $width,
        public int $height,
        public float $ppi,
        public ?string $profile,
        public int $bytes,
        public string $sha256,
        public array $figures,
    ) {}

    /**
     * @param  ?int  $maxBytes  the largest file the lab takes
     *
     * @throws Unreadable
     */
    public static function of(string $path, PlannedFile $plan, ?int $maxBytes, Profiles $profiles = new Profiles()): self
    {
        return self::begin($path, $plan, $maxBytes, $profiles)();
    }

    /**
     * Begins to read it, while this process goes on.
     *
     * @param  ?int  $maxBytes  the largest file the lab takes
     * @return \Closure(): self waits until all of it is read
     *
     * @throws Unreadable
     */
    public static function begin(string $path, PlannedFile $plan, ?int $maxBytes, Profiles $profiles): \Closure
    {
        $checksum = Checksum::begin($path);
        $facts = HeaderReader::read($path);
        $unpacking = self::unpacking($path, $facts);

        return fn (): self => self::measured($path, $plan, $maxBytes, $profiles, $facts, $unpacking, $checksum);
    }

    /** @param  \Closure(): ?Image  $unpacking  null where it can't be */
    private static function measured(
        string $path,
        PlannedFile $plan,
        ?int $maxBytes,
        Profiles $profiles,
        FileFacts $facts,
        \Closure $unpacking,
        Checksum $checksum,
    ): self {
        $bytes = (int) filesize($path);
        $profile = $facts->profile === null ? null : ProfileHeader::read($facts->profile, Channels::Rgb)->description;
        $ppi = (float) (array_values($facts->ppi)[count($facts->ppi) - 1] ?? 0);
        $unit = $plan->readIn;
        $size = fn (int $width, int $height, float $ppi): string => self::side($width, $ppi, $unit).
            ' × '.
            self::side($height, $ppi, $unit).
            Figure::THIN_SPACE.
            $unit->value;
        $planned = $plan->resolution->ppi();
        $tagsAgree =
            ! in_array(null, $facts->ppi, true) &&
            array_filter($facts->ppi, fn (?float $tag): bool => abs((float) $tag - $planned) > self::PPI_ROUNDING + 1e-6) === [];

        $unpacked = $unpacking();
        $hasItsSize = $facts->width === $plan->width && $facts->height === $plan->height;
        $border = $unpacked !== null && $hasItsSize ? BorderReader::measure($unpacked, $plan, $profiles) : null;
        $figures = [
            ...$plan->isForScreen // it has no size on paper
                ? []
                : [
                    new MeasuredFigure(
                        $unit === Unit::Inch ? 'inches' : 'centimetres',
                        $size($plan->width, $plan->height, $planned),
                        $ppi > 0 ? $size($facts->width, $facts->height, $ppi) : 'unknown',
                        $tagsAgree && $hasItsSize,
                    ),
                ],
            new MeasuredFigure(
                'pixels',
                Figure::pixels($plan->width, $plan->height),
                Figure::pixels($facts->width, $facts->height),
                $hasItsSize,
            ),
            new MeasuredFigure('ppi', Figure::decimal($planned, 1), Figure::decimal($ppi, 1), $tagsAgree),
            new MeasuredFigure(
                'profile',
                $plan->encoding->profileDescription(),
                $profile ?? 'none',
                $facts->profile === $profiles->bytes($plan->encoding->target()),
            ),
            new MeasuredFigure('bits', (string) $plan->encoding->bits, (string) $facts->bits, $facts->bits === $plan->encoding->bits),
            new MeasuredFigure(
                'bytes',
                $maxBytes === null ? 'any' : 'at most '.Figure::bytes($maxBytes),
                Figure::bytes($bytes),
                $maxBytes === null || $bytes <= $maxBytes,
            ),
            new MeasuredFigure('whole', 'all rows read', ...$unpacked !== null ? ['all rows read', true] : ['cut off', false]),
            ...$plan->nextPage === null ? [] : [new MeasuredFigure('pages', '2', (string) $facts->pages, $facts->pages === 2)],
            ...$border === null ? [] : [$border],
        ];

        return new self($facts->width, $facts->height, $ppi, $profile, $bytes, $checksum->hex(), $figures);
    }

    /**
     * So many pixels on paper, in no more digits than they can mean: 3613 px at 300 ppi are 30.6 cm, of which two edges were rounded.
     */
    private static function side(int $pixels, float $ppi, Unit $unit): string
    {
        $perUnit = ($ppi * $unit->nanometres()) / Unit::Inch->nanometres();
        foreach ([0, 1] as $decimals) {
            $round = round($pixels / $perUnit, $decimals);
            if ($round > 0 && abs($round * $perUnit - $pixels) <= self::ROUNDED_PIXELS) {
                return Figure::decimal($round, $decimals);
            }
        }

        return Figure::decimal($pixels / $perUnit, 2);
    }

    public function agrees(): bool
    {
        return $this->disagreements() === [];
    }

    /** @return list<MeasuredFigure> */
    public function disagreements(): array
    {
        return array_values(array_filter($this->figures, fn (MeasuredFigure $m): bool => ! $m->agrees));
    }

    /** @return list<array{what: string, planned: string, found: string, agrees: bool}> */
    public function toArray(): array
    {
        return array_map(fn (MeasuredFigure $m): array => $m->toArray(), $this->figures);
    }

    /**
     * Every row is unpacked once; a JPEG at an eighth, which still reads all of its bits.
     *
     * @return \Closure(): ?Image null where it can't be
     */
    private static function unpacking(string $path, FileFacts $facts): \Closure
    {
        if (! $facts->complete) {
            return fn (): null => null;
        }
        try {
            $image = Image::open($path, shrink: BorderReader::SHRINK, strict: true, pages: $facts->pages);
            $held = $image->heldSoon(self::HELD_IN_MEMORY);
        } catch (VipsError) {
            return fn (): null => null;
        }

        return function () use ($held): ?Image {
            try {
                return $held();
            } catch (VipsError) {
                return null;
            }
        };
    }
}
