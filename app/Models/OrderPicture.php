<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Planisher\Picture\PictureFacts;

/**
 * A picture as it stands in one order, under the name it came with.
 *
 * @property int $id
 * @property int $order_id
 * @property int $picture_id
 * @property string $name
 * @property Picture $picture
 */
class OrderPicture extends Model
{
    protected $guarded = [];

    /** @return BelongsTo<Picture, $this> */
    public function picture(): BelongsTo
    {
        return $this->belongsTo(Picture::class);
    }

    /** How many lines use it. */
    public function uses(): int
    {
        $places = LinePicture::query()->where('order_picture_id', $this->id)->select('line_id');

        return Line::query()->whereIn('id', $places)->count();
    }

    public function facts(): PictureFacts
    {
        return $this->picture->pictureFacts($this->name);
    }
}
