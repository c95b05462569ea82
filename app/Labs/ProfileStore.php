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
    public function __construct(private readonly string $folder) {}

    /** @throws PictureRefused with the reason */
    public function take(Lab $lab, string $upload, string $file): LabProfile
    {
        $profile = Handed::profile($upload, $file);
        is_dir($this->folder) || mkdir($this->folder, 0770, true);
        $path = "{$this->folder}/{$profile->sha256}.icc";
        if (! is_file($path)) {
            KeptOnce::copy($upload, $path);
        }

        return LabProfile::query()->updateOrCreate(
            ['lab_id' => $lab->id, 'file' => $file],
            ['sha256' => $profile->sha256, 'description' => $profile->description],
        );
    }
}
