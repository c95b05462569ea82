<?php

declare(strict_types=1);

namespace App\Labs;

use App\Files\Disk;
use App\Files\KeptOnce;
use App\Models\Lab;
use App\Models\LabProfile;
use Planisher\Imaging\IntakeReader;
use Planisher\Picture\PictureRefused;

/** Profiles of labs' papers, kept once each under their own checksum and never written again. */
final class ProfileStore
{
    public function __construct(private readonly Disk $disk) {}

    /** @throws PictureRefused with the reason */
    public function take(Lab $lab, string $upload, string $file): LabProfile
    {
        $profile = IntakeReader::profile($upload, $file);
        KeptOnce::keep($this->disk, $upload, self::key($profile->sha256));

        return LabProfile::query()->updateOrCreate(
            ['lab_id' => $lab->id, 'file' => $file],
            ['sha256' => $profile->sha256, 'description' => $profile->description],
        );
    }

    public function path(string $sha256): string
    {
        return $this->disk->path(self::key($sha256));
    }

    private static function key(string $sha256): string
    {
        return "profiles/{$sha256}.icc";
    }
}
