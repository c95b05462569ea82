<?php

declare(strict_types=1);

namespace Planisher\Measure;

/** Width to height as two whole numbers in lowest terms: 3:2. */
final readonly class Ratio
{
    /** A panorama of the longest that is printed, by far */
    public const MOST = 30;

    /** Beyond this a ratio is written with a decimal: 37:20 is 1.85:1 */
    private const MOST_SPOKEN = 32;

    private function __construct(public int $width, public int $height) {}

    /** @throws MeasureError when either is not above 0 */
    public static function of(int $width, int $height): self
    {
        if ($width < 1 || $height < 1) {
            throw MeasureError::noRatio($width, $height);
        }
        for ($a = $width, $b = $height; $b !== 0; [$a, $b] = [$b, $a % $b]);

        return new self(intdiv($width, $a), intdiv($height, $a));
    }

    /**
     * Reads `16:9`, `2.39:1`, `3/2`.
     *
     * @throws MeasureError when the text is no ratio
     */
    public static function parse(string $text): self
    {
        if (preg_match('~^\s*(\d{1,5}(?:\.\d{1,4})?)\s*[:/]\s*(\d{1,5}(?:\.\d{1,4})?)\s*$~', $text, $side) !== 1) {
            throw MeasureError::noRatioTyped($text);
        }
        [$width, $height] = array_map(fn (string $number): int => (int) round((float) $number * 10_000), [$side[1], $side[2]]);
        if (min($width, $height) === 0 || max($width, $height) > self::MOST * min($width, $height)) {
            throw MeasureError::noRatioTyped($text);
        }

        return self::of($width, $height);
    }

    /** As people write it: 16:9, 2.39:1 */
    public function typed(): string
    {
        return max($this->width, $this->height) <= self::MOST_SPOKEN
            ? (string) $this
            : Figure::decimal($this->width / $this->height, 4).':1';
    }

    public function turned(): self
    {
        return new self($this->height, $this->width);
    }

    public function __toString(): string
    {
        return "{$this->width}:{$this->height}";
    }
}
