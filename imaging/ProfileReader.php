<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\Channels;
use Planisher\Colour\PaperProfile;
use Planisher\Colour\ProfileHeader;
use Planisher\Colour\Space;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Measure\Figure;

/** Reads the ICC profile of a lab's paper, and refuses what can't be printed through: the reason is in plain words. */
final class ProfileReader
{
    /** @throws PictureRefused */
    public static function read(string $path, string $file): PaperProfile
    {
        $bytes = is_file($path) ? (int) filesize($path) : 0;
        if ($bytes > PaperProfile::MOST_BYTES) {
            throw new PictureRefused('it is '.Figure::bytes($bytes).'; the largest profile taken is '.Figure::bytes(PaperProfile::MOST_BYTES).'.');
        }
        $icc = (string) file_get_contents($path);
        $header = ProfileHeader::read($icc, Channels::Rgb);
        $class = substr($icc, 12, 4);
        $refuse = match (true) {
            $header->flaw !== null && substr($icc, 16, 4) === 'CMYK' => 'it is for CMYK, and the lab takes RGB files. Ask the lab for its RGB profile.',
            $header->flaw !== null => "{$header->flaw}.",
            $class === 'mntr' => 'it describes a screen, and a paper’s profile is wanted. Ask the lab for the profile of its printer and paper.',
            $class === 'scnr' => 'it describes a scanner or a camera, and a paper’s profile is wanted.',
            $class !== 'prtr' => 'it describes no printer.',
            ! in_array(ord($icc[8]), [2, 4], true) => 'it is of ICC version '.ord($icc[8]).'; versions 2 and 4 are read.',
            default => null,
        };
        if ($refuse !== null) {
            throw new PictureRefused($refuse);
        }
        self::tried($path);

        return new PaperProfile($file, hash('sha256', $icc), $header->description ?? pathinfo($file, PATHINFO_FILENAME));
    }

    /** White and a middle grey are sent through it and back: a profile that is broken inside turns them black, or coloured. */
    private static function tried(string $path): void
    {
        try {
            $patches = Image::fromPixels("\xFF\xFF\xFF\x80\x80\x80", 2, 1, 3)->run('copy', options: ['interpretation' => Image::SPACE_SRGB]);
            $back = $patches
                ->run('icc_transform', [$path], ['input_profile' => Profiles::path(Space::Srgb), 'intent' => 1, 'black_point_compensation' => true])
                ->run('icc_transform', [Profiles::path(Space::Srgb)], ['input_profile' => $path, 'intent' => 1, 'black_point_compensation' => true])
                ->pixels();
        } catch (VipsError) {
            throw new PictureRefused('colours can’t be sent through it; it is damaged, or lacks a direction.');
        }
        $codes = array_values((array) unpack('C*', $back));
        $isGrey = fn (array $of, int $code): bool => max(array_map(fn (int $c): int => abs($c - $code), $of)) < 30;
        if (! $isGrey(array_slice($codes, 0, 3), 255) || ! $isGrey(array_slice($codes, 3, 3), 128)) {
            throw new PictureRefused('white and grey come out of it as other colours; it is damaged.');
        }
    }
}
