<?php

declare(strict_types=1);

namespace Planisher\Imaging\Colour;

use Planisher\Colour\Channels;
use Planisher\Colour\PaperProfile;
use Planisher\Colour\ProfileHeader;
use Planisher\Picture\PictureRefused;
use Planisher\Picture\UnfitFile;

/** Reads the ICC profile of a lab's paper, and refuses what can't be printed through: the reason is in plain words. */
final class ProfileReader
{
    /** @throws PictureRefused */
    public static function read(string $path, string $file): PaperProfile
    {
        $bytes = is_file($path) ? (int) filesize($path) : 0;
        if ($bytes > PaperProfile::MOST_BYTES) {
            throw UnfitFile::profileTooLarge($bytes, PaperProfile::MOST_BYTES);
        }
        $icc = (string) file_get_contents($path);
        $header = ProfileHeader::read($icc, Channels::Rgb);
        $class = substr($icc, 12, 4);
        $refuse =
            match (true) {
                $header->flaw !== null && substr($icc, 16, 4) === 'CMYK' => 'it is for CMYK, and the lab takes RGB '.
                    'files. Ask the lab for its RGB profile.',
                $header->flaw !== null => $header->flaw,
                $class === 'mntr' => 'it describes a screen, and a paper’s profile is wanted. Ask the lab for the '.
                    'profile of its printer and paper.',
                $class === 'scnr' => 'it describes a scanner or a camera, and a paper’s profile is wanted.',
                $class !== 'prtr' => 'it describes no printer.',
                ! in_array(ord($icc[8]), [2, 4], true) => 'it is of ICC version '.ord($icc[8]).'; versions 2 and 4 are read.',
                default => null,
            } ?? ProfileTrial::flawOfPapers($path);
        if ($refuse !== null) {
            throw UnfitFile::profileUnfit($refuse);
        }

        return new PaperProfile($file, hash('sha256', $icc), $header->description ?? pathinfo($file, PATHINFO_FILENAME));
    }
}
