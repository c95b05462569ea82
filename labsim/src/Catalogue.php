<?php

declare(strict_types=1);

namespace LabSim;

/** What this lab prints, on what, and what it costs. Lengths are inches here. */
final class Catalogue
{
    private const INCHES = ['in' => 1.0, 'cm' => 1 / 2.54, 'mm' => 1 / 25.4];

    /** @param  array<string, mixed>  $says */
    private function __construct(public readonly array $says) {}

    public static function read(): self
    {
        return new self(json_decode((string) file_get_contents(dirname(__DIR__).'/catalogue.json'), true, flags: JSON_THROW_ON_ERROR));
    }

    /** @return ?array{float, float} “8x10in” or “8 x 10 in” as its sides */
    public static function sides(string $size): ?array
    {
        if (strtoupper($size) === 'A4') {
            return [210 / 25.4, 297 / 25.4];
        }

        return preg_match('/^([\d.]+)\s*x\s*([\d.]+)\s*(in|cm|mm)$/', $size, $m) === 1
            ? [(float) $m[1] * self::INCHES[$m[3]], (float) $m[2] * self::INCHES[$m[3]]]
            : null;
    }

    public static function inches(string $length): float
    {
        return preg_match('/^([\d.]+)\s*(in|cm|mm)$/', $length, $m) === 1 ? (float) $m[1] * self::INCHES[$m[2]] : 0.0;
    }

    /** @return array<string, mixed> */
    public function product(?string $name): array
    {
        return $this->says['products'][$name ?? ''] ?? [];
    }

    /** Whether it prints a size at all; a lab cuts any size out of its rolls up to a largest. */
    public function prints(float $width, float $height, ?string $product): bool
    {
        $of = $this->product($product);
        $near = fn (array $sides): bool => (abs($sides[0] - $width) < 0.02 && abs($sides[1] - $height) < 0.02) ||
            (abs($sides[1] - $width) < 0.02 && abs($sides[0] - $height) < 0.02);
        foreach ($of['sizes'] ?? $this->says['sizes'] as $size) {
            if ($near((array) self::sides($size))) {
                return true;
            }
        }
        $most = self::sides($of['anySizeUpTo'] ?? (isset($of['sizes']) ? '' : $this->says['anySizeUpTo']));

        return $most !== null && min($width, $height) <= min($most) + 0.02 && max($width, $height) <= max($most) + 0.02;
    }

    /**
     * What one of a file costs by its manifest's words; null where the lab has no price.
     *
     * @param  array<string, mixed>  $file
     */
    public function price(array $file): ?float
    {
        $sides = self::sides($file['sheet'] ?? '') ?? [0, 0];
        foreach ($this->says['prices'] as $size => $price) {
            $listed = (array) self::sides($size);
            sort($listed);
            sort($sides);
            if (abs($listed[0] - $sides[0]) < 0.02 && abs($listed[1] - $sides[1]) < 0.02) {
                $of = $this->product($file['product'] ?? null);
                foreach ([$file['mount'] ?? null, ...$file['options'] ?? []] as $extra) {
                    $price += $extra === null ? 0 : $of['mounts'][$extra] ?? ($of['options'][$extra] ?? 0);
                }

                return (float) $price;
            }
        }

        return null;
    }
}
