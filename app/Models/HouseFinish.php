<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Planisher\House\HouseFinishSpec as Finish;

/**
 * @property int $id
 * @property string $name
 * @property array{choices: list<string>, wanted: LineForm} $finish
 * @property int $version  counts its changes
 */
class HouseFinish extends Model
{
    protected $guarded = [];

    protected $attributes = ['version' => 1];

    protected function casts(): array
    {
        return ['finish' => 'json:unicode'];
    }

    public function houseFinish(): Finish
    {
        return Finish::fromArray($this->finish);
    }
}
