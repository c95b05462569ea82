<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One file of a parcel, and how far it has got.
 *
 * @property int $id
 * @property int $parcel_id
 * @property int $made_file_id
 * @property int $line_id
 * @property string $name
 * @property string $sha256
 * @property int $bytes
 * @property ?string $upload  where the lab takes its bytes
 * @property int $sent  bytes
 * @property ?list<string> $reasons  why the lab doesn't print it
 * @property ?string $difference
 * @property Parcel $parcel
 * @property MadeFile $madeFile
 */
class ParcelFile extends Model
{
    protected $guarded = [];

    protected $attributes = ['sent' => 0];

    protected function casts(): array
    {
        return ['reasons' => 'json:unicode'];
    }

    /** @return BelongsTo<Parcel, $this> */
    public function parcel(): BelongsTo
    {
        return $this->belongsTo(Parcel::class);
    }

    /** @return BelongsTo<MadeFile, $this> */
    public function madeFile(): BelongsTo
    {
        return $this->belongsTo(MadeFile::class);
    }

    public function key(): string
    {
        return $this->parcel->key($this->name);
    }

    /** Where it can be read on this machine. */
    public function path(): string
    {
        return $this->parcel->path($this->name);
    }
}
