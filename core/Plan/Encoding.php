<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Colour\Intent;
use Planisher\Colour\Space;
use Planisher\Lab\FileFormat;
use Planisher\Lab\LabCard;
use Planisher\Line\Line;

/** How a file's pixels are written: colour space, kind of file, JPEG quality 1–100, bits per sample 8 or 16. */
final readonly class Encoding
{
    public function __construct(
        public Space $colour,
        public Intent $intent,
        public FileFormat $format,
        public int $quality,
        public int $bits,
    ) {}

    public static function of(Line $line, LabCard $lab): self
    {
        $output = $line->output;

        return new self($output->colourFor($lab), $output->intent, $output->formatFor($lab), $output->qualityFor($lab), $output->bits);
    }

    public function label(): string
    {
        return $this->format === FileFormat::Jpeg
            ? "JPEG {$this->quality}"
            : 'TIFF'.($this->bits === 16 ? ', 16 bits' : '');
    }

    /** @return array<string, int|string> */
    public function toArray(): array
    {
        return [
            'colour' => $this->colour->value, 'intent' => $this->intent->value,
            'format' => $this->format->value, 'quality' => $this->quality, 'bits' => $this->bits,
        ];
    }
}
