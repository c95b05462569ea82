<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A picture at one of a line's places, from 0: a print has one, a shared sheet one a cell.
 *
 * @property int $id
 * @property int $line_id
 * @property int $place
 * @property int $order_picture_id
 * @property OrderPicture $orderPicture
 */
class LinePicture extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['place' => 'integer'];
    }

    /** @return BelongsTo<OrderPicture, $this> */
    public function orderPicture(): BelongsTo
    {
        return $this->belongsTo(OrderPicture::class);
    }
}
