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
 * @property string $stands_at  what it is sorted by among the order's pictures
 * @property Picture $picture
 */
class OrderPicture extends Model
{
    public const LONGEST_PLACE = 250;

    private const DIGITS = 12;

    protected $guarded = [];

    protected static function booted(): void
    {
        self::saving(function (self $picture): void {
            $picture->stands_at = self::standsAt($picture->name);
        });
    }

    /** A name as it sorts: numbers by what they are, large letters as small ones. Pictures come at once, and any of them first. */
    public static function standsAt(string $name): string
    {
        $counted = preg_replace_callback('/\d+/', fn (array $n): string => str_pad($n[0], self::DIGITS, '0', STR_PAD_LEFT), $name);

        return mb_strcut(mb_strtolower((string) $counted), 0, self::LONGEST_PLACE);
    }

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
