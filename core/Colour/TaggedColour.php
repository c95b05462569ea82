<?php

declare(strict_types=1);

namespace Planisher\Colour;

/**
 * The colours of a picture that carries no profile but says in its tags which they are: a gamma and the chromaticities
 * x, y of white, red, green and blue (CIE 1931).
 */
final readonly class TaggedColour
{
    /**
     * @param  float  $gamma  light is the code to this power, 0.2 to 5
     * @param  list<array{float, float}>  $chromaticities  of white, red, green and blue, in this order
     * @param  string  $label  what says so, in words
     */
    public function __construct(public float $gamma, public array $chromaticities, public string $label) {}

    /** Exif 2.3 and DCF 2.0: ColorSpace 65535 with InteroperabilityIndex R03. Figures: Adobe RGB (1998) Color Image Encoding, 2005-05. */
    public static function dcfOption(): self
    {
        return new self(563 / 256, [[0.3127, 0.329], [0.64, 0.33], [0.21, 0.71], [0.15, 0.06]], 'its Exif says Adobe RGB (1998)');
    }

    /**
     * PNG's chunks gAMA and cHRM (ISO/IEC 15948, 11.3.3.1 and 11.3.3.2), in their units of 1/100 000. Null for what they
     * say of sRGB, and for figures that are no colours.
     *
     * @param  ?int  $gamma  of gAMA, the inverse of a gamma
     * @param  ?list<int>  $chromaticities  eight numbers of cHRM: white x, y, red, green, blue
     */
    public static function ofPng(?int $gamma, ?array $chromaticities): ?self
    {
        $srgb = [31_270, 32_900, 64_000, 33_000, 30_000, 60_000, 15_000, 6_000];
        $gamma ??= self::SRGB_GAMA;
        $chromaticities ??= $srgb;
        $near = max(array_map(fn (int $a, int $b): int => abs($a - $b), $chromaticities, $srgb)) <= 20;
        $isSrgb = $near && abs($gamma - self::SRGB_GAMA) <= 20;
        $pairs = array_map(fn (array $xy): array => [$xy[0] / 100_000, $xy[1] / 100_000], array_chunk($chromaticities, 2));
        $areColours = array_filter($pairs, fn (array $xy): bool => $xy[1] < 0.0001 || $xy[0] < 0 || $xy[0] + $xy[1] > 1.0001) === [];
        [$white, $red, $green, $blue] = $pairs;
        $area = ($green[0] - $red[0]) * ($blue[1] - $red[1]) - ($blue[0] - $red[0]) * ($green[1] - $red[1]);
        if ($isSrgb || ! $areColours || $white[1] < 0.1 || abs($area) < 0.001 || $gamma < 20_000 || $gamma > 500_000) {
            return null;
        }

        return new self(100_000 / $gamma, $pairs, 'its PNG chunks say a gamma and primaries');
    }

    private const SRGB_GAMA = 45_455;

    /** @return array{gamma: float, chromaticities: list<array{float, float}>, label: string} */
    public function toArray(): array
    {
        return ['gamma' => $this->gamma, 'chromaticities' => $this->chromaticities, 'label' => $this->label];
    }

    /** @param  array{gamma: float|int, chromaticities: list<array{float, float}>, label: string}  $stored */
    public static function fromArray(array $stored): self
    {
        return new self((float) $stored['gamma'], $stored['chromaticities'], $stored['label']);
    }
}
