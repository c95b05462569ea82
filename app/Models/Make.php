<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Planisher\State\SetState;

/**
 * One press of “Make files”: a folder and its files.
 *
 * @property int $id
 * @property int $order_id
 * @property string $folder
 * @property ?string $export_folder  that its files are put into besides, each when it is made and read back
 * @property bool $is_for_screens  copies alone, nothing for the lab
 * @property ?string $apart  reprint-1, test: what its files are kept apart by
 * @property SetState $state
 * @property Carbon $created_at
 * @property Order $order
 * @property Collection<int, MadeFile> $files
 */
class Make extends Model
{
    protected $guarded = [];

    protected $attributes = ['is_for_screens' => false, 'state' => 'running'];

    protected function casts(): array
    {
        return ['is_for_screens' => 'boolean', 'state' => SetState::class];
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }

    /** @return HasMany<MadeFile, $this> */
    public function files(): HasMany
    {
        $relation = $this->hasMany(MadeFile::class);
        $relation->orderBy('id');

        return $relation;
    }

    /** The folder that its files are kept in. */
    public function home(): string
    {
        return "orders/{$this->folder}";
    }
}
