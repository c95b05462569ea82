<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Planisher\Picture\PictureFacts;

/**
 * @property int $id
 * @property string $sha256
 * @property array<string, mixed> $facts
 * @property int $modified_at
 */
class Picture extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['facts' => 'json:unicode', 'modified_at' => 'integer'];
    }

    public function pictureFacts(string $name): PictureFacts
    {
        return PictureFacts::fromArray($this->facts)->named($name);
    }
}
