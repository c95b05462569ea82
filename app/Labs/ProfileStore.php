<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\Lab;
use App\Models\LabProfile;
use App\Pictures\KeptOnce;
use Planisher\Imaging\Handed;
use Planisher\Imaging\PictureRefused;

/** Profiles of labs' papers, kept once each under their own checksum and never written again. */
final class ProfileStore
{
    /** @throws PictureRefused with the reason */
    public static function take(Lab $lab, string $upload, string $file): LabProfile
    {
        $profile = Handed::profile($upload, $file);
        $folder = storage_path('app/profiles');
        is_dir($folder) || mkdir($folder, 0770, true);
        $path = "{$folder}/{$profile->sha256}.icc";
        if (! is_file($path)) {
            KeptOnce::copy($upload, $path);
        }

        return LabProfile::query()->updateOrCreate(
            ['lab_id' => $lab->id, 'file' => $file],
            ['sha256' => $profile->sha256, 'description' => $profile->description],
        );
    }
}
