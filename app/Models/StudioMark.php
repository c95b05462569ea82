<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Planisher\Picture\PictureFacts;

/**
 * A mark of the studio, an ornament or a frame, kept once under its checksum.
 *
 * @property int $id
 * @property string $name
 * @property string $sha256
 * @property array<string, mixed> $facts
 */
class StudioMark extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['facts' => 'json:unicode'];
    }

    public function pictureFacts(): PictureFacts
    {
        return PictureFacts::fromArray($this->facts)->with(name: $this->name);
    }
}
