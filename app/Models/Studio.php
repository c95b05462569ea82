<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Planisher\Measure\Unit;

/**
 * The one studio of an instance, as it has settled things for itself.
 *
 * @property int $id
 * @property string $name
 * @property Unit $unit
 * @property ?array{name?: NameForm, output?: OutputForm} $usual  what new lines begin with
 * @property ?string $export_folder
 * @property ?string $pictures_folder
 * @property int $version  counts its changes
 */
class Studio extends Model
{
    protected $table = 'studio';

    protected $guarded = [];

    protected $attributes = [
        'version' => 1,
        'name' => 'The studio',
        'unit' => 'in',
        'usual' => null,
        'export_folder' => null,
        'pictures_folder' => null,
    ];

    protected function casts(): array
    {
        return ['unit' => Unit::class, 'usual' => 'json:unicode'];
    }

    /** @return 'in'|'cm' nobody measures all of their paper in millimetres */
    public function unitSaid(): string
    {
        return $this->unit === Unit::Inch ? 'in' : 'cm';
    }

    /** As it is now: read once a request. */
    public static function current(): self
    {
        return app(self::class);
    }
}
