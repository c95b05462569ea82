<?php

declare(strict_types=1);

namespace App\Models;

use App\Files\Disk;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Planisher\Parcel\ParcelState;

/**
 * Made files of an order as they go to the lab.
 *
 * @property int $id
 * @property int $order_id
 * @property int $lab_id
 * @property string $key
 * @property int $number
 * @property string $contents
 * @property ManifestShape $manifest
 * @property string $folder
 * @property ParcelState $state
 * @property int $bytes
 * @property ?string $held_by
 * @property ?string $trouble
 * @property int $tries
 * @property ?Carbon $next_try_at
 * @property ?Carbon $asked_at
 * @property int $asks
 * @property ?array{number: string, files: int, pieces: int, total: ?float, currency: ?string, at: string} $receipt
 * @property ?string $lab_said
 * @property ?Carbon $handed_over_on
 * @property ?string $receipt_note
 * @property Carbon $created_at
 * @property Order $order
 * @property ?string $job_sheet_sha256  null of one that was packed before sums of it were kept
 * @property Lab $lab
 * @property Collection<int, ParcelFile> $files
 */
class Parcel extends Model
{
    protected $guarded = [];

    protected $attributes = ['state' => 'packed', 'tries' => 0, 'asks' => 0];

    protected function casts(): array
    {
        return [
            'manifest' => 'json:unicode',
            'receipt' => 'json:unicode',
            'state' => ParcelState::class,
            'next_try_at' => 'datetime',
            'asked_at' => 'datetime',
            'handed_over_on' => 'date',
        ];
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }

    /** @return BelongsTo<Lab, $this> */
    public function lab(): BelongsTo
    {
        return $this->belongsTo(Lab::class);
    }

    /** @return HasMany<ParcelFile, $this> */
    public function files(): HasMany
    {
        $relation = $this->hasMany(ParcelFile::class);
        $relation->orderBy('id');

        return $relation;
    }

    /** The folder of all parcels of an order. */
    public static function home(int $orderId): string
    {
        return "parcels/{$orderId}";
    }

    /** What a file of it is kept under. */
    public function key(string $file): string
    {
        return "parcels/{$this->folder}/{$file}";
    }

    /** Where a file of it can be read on this machine. */
    public function path(string $file): string
    {
        return app(Disk::class)->path($this->key($file));
    }
}
