<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * An order as it is shown to its client, behind a signed link.
 *
 * @property int $id
 * @property int $order_id
 * @property ?string $mark  laid over the pictures, by its name
 * @property bool $reopens  whether a note opens its line again
 * @property Carbon $expires_at
 * @property ?Carbon $revoked_at
 * @property int $seen
 * @property ?Carbon $first_seen_at
 * @property ?Carbon $last_seen_at
 * @property Order $order
 */
class ClientPage extends Model
{
    protected $guarded = [];

    protected $attributes = ['seen' => 0];

    protected function casts(): array
    {
        return [
            'reopens' => 'boolean',
            'expires_at' => 'datetime',
            'revoked_at' => 'datetime',
            'first_seen_at' => 'datetime',
            'last_seen_at' => 'datetime',
        ];
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }

    public function isOpen(): bool
    {
        return $this->revoked_at === null && $this->expires_at->isFuture() && $this->order()->exists(); // a removed order shows nothing
    }
}
