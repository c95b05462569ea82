<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Planisher\Language\OwnWords;

/**
 * What a word of the studio's clients means here, as it was taught.
 *
 * @property int $id
 * @property string $words
 * @property string $means  in words that are understood; empty where it is never minded
 * @property int $version  counts its changes
 */
class OwnWord extends Model
{
    protected $guarded = [];

    protected $attributes = ['version' => 1];

    public static function known(): OwnWords
    {
        return new OwnWords(self::query()->pluck('means', 'words')->all());
    }
}
