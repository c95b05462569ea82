<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Planisher\House\HouseFinish as Finish;

/**
 * @property int $id
 * @property string $name
 * @property array{choices: list<string>, wanted: array<string, mixed>} $finish
 */
class HouseFinish extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['finish' => 'json:unicode'];
    }

    public function houseFinish(): Finish
    {
        return Finish::fromArray($this->finish);
    }
}
