<?php

declare(strict_types=1);

namespace Planisher\Imaging\Inspect;

use Planisher\Colour\CieLab;
use Planisher\Colour\PaperProfile;
use Planisher\Colour\Space;
use Planisher\Imaging\Colour\CodeTable;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\Colour\ThroughProfile;
use Planisher\Imaging\Files\Beside;
use Planisher\Imaging\Vips\IccIntent;
use Planisher\Imaging\Vips\Image;
use Planisher\Plan\Encoding;

/**
 * How files of an encoding will look on a paper, before they are printed. The file goes into the paper's profile as the lab's
 * printer will take it there, and from there to the screen with the paper's own white and black (absolute colorimetric, ICC.1).
 */
final readonly class Proof
{
    private const QUALITY = 90;

    /** From XYZ of D50 to linear sRGB: the inverse of the ICC's matrix for sRGB (“How to interpret the sRGB color space”, from memory) */
    private const TO_SRGB = [[3.133924, -1.616923, -0.490734], [-0.978421, 1.915843, 0.033399], [0.072036, -0.229032, 1.405716]];

    public function __construct(private Encoding $encoding, private PaperProfile $paper, private Profiles $profiles) {}

    /** @param  string  $preview  of the same file, as Preview writes it: in the file's own colour space */
    public function write(string $preview, string $path): void
    {
        $table = $this->wayOnto();
        Beside::write(
            $path,
            fn (string $part) => $table
                ->of(Image::open($preview))
                ->withoutMetadata()
                ->withProfile(ShippedProfiles::bytes(Space::Srgb))
                ->save('jpegsave', $part, ['Q' => self::QUALITY]),
        );
    }

    /** From a file's codes to those that show on the screen what they look like on the paper. */
    public function wayOnto(): CodeTable
    {
        $name = 'onto-'.hash('sha256', $this->profiles->bytes($this->encoding->target()).$this->paper->sha256);

        return CodeTable::named(
            $this->profiles->tables,
            $name,
            fn (Image $grid): array => array_map(
                self::onScreen(...),
                ThroughProfile::lab($this->printed($grid), $this->profiles->path($this->paper), IccIntent::Absolute),
            ),
        );
    }

    /** @param  Image  $image  in the file's own colour space */
    public function onPaper(Image $image, int $bits = 8): Image
    {
        $profile = $this->profiles->path($this->paper);

        return $this->printed($image)->run(
            'icc_transform',
            [ShippedProfiles::path(Space::Srgb)],
            [
                'input_profile' => $profile,
                'intent' => ThroughProfile::served($profile, IccIntent::Absolute),
                'depth' => $bits,
            ],
        );
    }

    /** As the lab's printer will take it: a file in another space is converted into the paper's, relative with black point compensation. */
    public function printed(Image $image): Image
    {
        return $this->encoding->profile?->sha256 === $this->paper->sha256
            ? $image
            : $image->run(
                'icc_transform',
                [$this->profiles->path($this->paper)],
                [
                    'input_profile' => $this->profiles->path($this->encoding->target()),
                    'intent' => IccIntent::Relative,
                    'black_point_compensation' => true,
                    'depth' => 16,
                ],
            );
    }

    /**
     * sRGB's codes of a colour under D50, beyond 0 and 255 where the screen can't show it (IEC 61966-2-1).
     *
     * @return list<float>
     */
    private static function onScreen(CieLab $lab): array
    {
        $xyz = ThroughProfile::xyz($lab);

        return array_map(function (array $row) use ($xyz): float {
            $linear = $row[0] * $xyz[0] + $row[1] * $xyz[1] + $row[2] * $xyz[2];
            $code = abs($linear) <= 0.0031308 ? 12.92 * abs($linear) : 1.055 * abs($linear) ** (1 / 2.4) - 0.055;

            return max(-128.0, min(384.0, 255 * ($linear < 0 ? -$code : $code)));
        }, self::TO_SRGB);
    }
}
