<?php

declare(strict_types=1);

namespace Planisher\Picture;

use Planisher\Measure\Figure;

/** How a picture was exposed, as the camera wrote it (Exif 2.32: ExposureTime, FNumber, PhotographicSensitivity, FocalLength). */
final readonly class Exposure
{
    /** From here on a time is said in seconds, below as a fraction of one. */
    private const SECONDS = 0.3;

    /**
     * @param  ?array{int, int}  $time  in seconds, as a fraction
     * @param  ?array{int, int}  $aperture  the f-number, as a fraction
     * @param  ?int  $iso  sensitivity
     * @param  ?array{int, int}  $focalLength  in mm, as a fraction
     */
    public function __construct(
        public ?array $time = null,
        public ?array $aperture = null,
        public ?int $iso = null,
        public ?array $focalLength = null,
    ) {}

    /** “1/250 s · f/8 · ISO 100 · 35 mm”: what of it is known; nothing where nothing is */
    public function label(): string
    {
        return implode(
            ' · ',
            array_filter([
                $this->time === null || $this->time[0] < 1 || $this->time[1] < 1 ? null : self::seconds(...$this->time).' s',
                self::number($this->aperture) === null ? null : 'f/'.self::number($this->aperture),
                $this->iso === null || $this->iso < 1 ? null : "ISO {$this->iso}",
                self::number($this->focalLength) === null ? null : self::number($this->focalLength).' mm',
            ]),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }

    /** @param  array<string, mixed>  $stored  as toArray gave it */
    public static function fromArray(array $stored): self
    {
        return new self(...$stored);
    }

    private static function seconds(int $top, int $bottom): string
    {
        if ($top / $bottom >= self::SECONDS) {
            return Figure::decimal($top / $bottom, 1);
        }

        return '1/'.Figure::decimal($bottom / $top, $bottom / $top < 10 ? 1 : 0);
    }

    /** @param  ?array{int, int}  $fraction */
    private static function number(?array $fraction): ?string
    {
        return $fraction === null || $fraction[0] < 1 || $fraction[1] < 1 ? null : Figure::decimal($fraction[0] / $fraction[1], 1);
    }
}
