<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Planisher\Colour\PaperProfile;

/**
 * An ICC profile uploaded to a lab card, kept once under its checksum.
 *
 * @property int $id
 * @property int $lab_id
 * @property string $file
 * @property string $sha256
 * @property string $description
 */
class LabProfile extends Model
{
    protected $guarded = [];

    public function profile(): PaperProfile
    {
        return new PaperProfile($this->file, $this->sha256, $this->description);
    }
}
