<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\Colour\Intent;
use Planisher\Colour\Space;
use Planisher\Lab\FileFormat;
use Planisher\Lab\LabCard;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Resolution;
use Planisher\OrderFile\JsonNode;

/**
 * How the file is written. What is null follows the lab card; a profile is named by its file, or is that of the line's
 * paper.
 */
final readonly class Output
{
    private const PAPER = 'paper';

    public const KEYS = ['ppi', 'colour', 'intent', 'format', 'quality', 'bits', 'sharpen', 'keep'];

    private const OWN = 'own';

    private const LAB = 'lab';

    private function __construct(
        public ?Resolution $resolution = null,
        public bool $ownPixels = false,
        public ?Space $colour = null,
        public Intent $intent = Intent::Relative,
        public ?FileFormat $format = null,
        public ?int $quality = null,
        public int $bits = 8,
        public ?Sharpen $sharpen = null,
        public ?string $profile = null,
        public bool $forItsPaper = false,
        public KeptData $keep = KeptData::Credits,
    ) {}

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(?JsonNode $node): self
    {
        if ($node === null) {
            return new self();
        }
        $node->object(self::KEYS);
        $ppi = $node->maybe('ppi');
        $own = $ppi?->raw() === self::OWN;
        $colour = $node->maybe('colour');
        $bits = $node->maybe('bits');
        if ($bits !== null && ! in_array($bits->raw(), [8, 16], true)) {
            throw $bits->unexpected('8 or 16');
        }

        return new self(
            resolution: $ppi === null || $own ? null : self::resolution($ppi),
            ownPixels: $own,
            colour: $colour === null || in_array($colour->raw(), [self::LAB, self::PAPER], true) || self::isProfileFile($colour->raw())
                ? null
                : $colour->choice(Space::class),
            intent: $node->maybe('intent')?->choice(Intent::class) ?? Intent::Relative,
            format: $node->maybe('format')?->choice(FileFormat::class),
            quality: $node->maybe('quality')?->int(1, 100),
            bits: $bits?->raw() ?? 8,
            sharpen: Sharpen::fromNode($node->maybe('sharpen')),
            profile: self::isProfileFile($colour?->raw()) ? (string) $colour?->string(120) : null,
            forItsPaper: $colour?->raw() === self::PAPER,
            keep: $node->maybe('keep')?->choice(KeptData::class) ?? KeptData::Credits,
        );
    }

    /** The same at a resolution that is given, not at a picture's own. */
    public function resampled(): self
    {
        return new self(...[...get_object_vars($this), 'ownPixels' => false]);
    }

    public function formatFor(LabCard $lab): FileFormat
    {
        return $this->format ?? $lab->formats[0];
    }

    public function qualityFor(LabCard $lab): int
    {
        return $this->quality ?? $lab->quality;
    }

    public function colourFor(LabCard $lab): Space
    {
        return $this->colour ?? $lab->colour;
    }

    /** @return array<string, mixed> only what differs from the defaults, as in the order file */
    public function toArray(): array
    {
        return array_filter(
            [
                'ppi' => $this->ownPixels ? self::OWN : $this->resolution?->typed(),
                'colour' => $this->forItsPaper ? self::PAPER : $this->profile ?? $this->colour?->value,
                'intent' => $this->intent === Intent::Relative ? null : $this->intent->value,
                'format' => $this->format?->value,
                'quality' => $this->quality,
                'bits' => $this->bits === 8 ? null : $this->bits,
                'sharpen' => $this->sharpen?->toArray(),
                'keep' => $this->keep === KeptData::Credits ? null : $this->keep->value,
            ],
            fn (mixed $value): bool => $value !== null,
        );
    }

    public static function isProfileFile(mixed $colour): bool
    {
        return is_string($colour) && preg_match('/\.ic[cm]$/i', $colour) === 1;
    }

    private static function resolution(JsonNode $ppi): Resolution
    {
        $typed = $ppi->raw();
        $expected = 'pixels per inch as a number, "120 px/cm" or "own".';
        try {
            return match (true) {
                is_int($typed), is_float($typed) => Resolution::perInch((string) $typed),
                is_string($typed) => Resolution::parse($typed),
                default => throw $ppi->unexpected($expected),
            };
        } catch (MeasureError $e) {
            throw $ppi->unexpected("{$expected} {$e->getMessage()}");
        }
    }
}
