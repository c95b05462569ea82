<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Colour\Intent;
use Planisher\Colour\PaperProfile;
use Planisher\Colour\Sharpening;
use Planisher\Colour\Space;
use Planisher\Colour\ToneCurve;
use Planisher\Lab\FileFormat;
use Planisher\Lab\LabCard;
use Planisher\Line\KeptData;
use Planisher\Line\LineSpec;
use Planisher\Measure\Resolution;
use Planisher\Measure\Size;

/**
 * How a file's pixels are written: colour space or the profile of a paper, what is done to their lightness, sharpening,
 * kind of file, JPEG quality 1–100, bits per sample 8 or 16, and what of the picture's own data goes along.
 */
final readonly class Encoding
{
    public function __construct(
        public Space $colour,
        public Intent $intent,
        public FileFormat $format,
        public int $quality,
        public int $bits,
        public ?PaperProfile $profile = null,
        public ToneCurve $tone = new ToneCurve(),
        public ?Sharpening $sharpening = null,
        public KeptData $keep = KeptData::Credits,
    ) {}

    /** What a file's pixels are converted into, and whose profile it carries. */
    public function target(): Space|PaperProfile
    {
        return $this->profile ?? $this->colour;
    }

    /** The same with some of it changed, by name. */
    public function with(mixed ...$changed): self
    {
        return new self(...[...get_object_vars($this), ...$changed]);
    }

    /** @param  Size  $paper  of the print, which says from where it is looked at */
    public static function of(LineSpec $line, LabCard $lab, Resolution $resolution, Size $paper): self
    {
        $output = $line->output;

        return new self(
            $output->colourFor($lab),
            $output->intent,
            $output->formatFor($lab),
            $output->qualityFor($lab),
            $output->bits,
            $output->forItsPaper ? $lab->paperProfile($line->paper) : $lab->profiles->get($output->profile),
            $line->forPaper,
            $output->sharpen?->on($lab->paper($line->paper), $resolution->ppi(), Sharpness::distance($paper, $line->viewedFrom)),
            $output->keep,
        );
    }

    /** What the file carries says of itself. */
    public function profileDescription(): string
    {
        return $this->profile->description ?? $this->colour->profileDescription();
    }

    public function label(): string
    {
        return $this->format === FileFormat::Jpeg ? "JPEG {$this->quality}" : 'TIFF'.($this->bits === 16 ? ', 16 bits' : '');
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'colour' => $this->profile->sha256 ?? $this->colour->value,
            'intent' => $this->intent->value,
            'format' => $this->format->value,
            'quality' => $this->quality,
            'bits' => $this->bits,
            ...$this->tone->isStraight() ? [] : ['tone' => [$this->tone->open, $this->tone->contrast]],
            ...$this->keep === KeptData::Credits ? [] : ['keep' => $this->keep->value],
            ...$this->sharpening === null ? [] : ['sharpening' => $this->sharpening->toArray()],
        ];
    }
}
