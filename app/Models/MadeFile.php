<?php

declare(strict_types=1);

namespace App\Models;

use App\Files\Disk;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Planisher\Imaging\OrderMaker;
use Planisher\State\FileState;

/**
 * @property int $id
 * @property int $make_id
 * @property int $line_id
 * @property int $line_version
 * @property string $name
 * @property bool $is_for_screen  it lies in a folder of its own, and never goes to the lab
 * @property array<string, mixed> $ticket
 * @property FileState $state
 * @property int $percent
 * @property ?string $held_by
 * @property ?string $error
 * @property ?int $bytes
 * @property ?string $sha256
 * @property ?list<MeasuredShape> $read_back
 * @property int $pixels
 * @property ?float $seconds  that a worker took to make it
 * @property ?string $ticket_hash
 * @property ?string $made_before  the folder of the set that the same file was made in
 * @property Make $make
 * @property Line $line
 */
class MadeFile extends Model
{
    protected $guarded = [];

    protected $attributes = ['state' => 'waiting', 'percent' => 0, 'is_for_screen' => false];

    protected function casts(): array
    {
        return [
            'ticket' => 'json:unicode',
            'read_back' => 'json:unicode',
            'is_for_screen' => 'boolean',
            'seconds' => 'float',
            'state' => FileState::class,
        ];
    }

    /** @return BelongsTo<Make, $this> */
    public function make(): BelongsTo
    {
        return $this->belongsTo(Make::class);
    }

    /** @return BelongsTo<Line, $this> */
    public function line(): BelongsTo
    {
        $relation = $this->belongsTo(Line::class);
        $relation->withoutGlobalScope(SoftDeletingScope::class);

        return $relation;
    }

    /** What it is kept under. */
    public function key(): string
    {
        return $this->make->home().($this->is_for_screen ? '/'.OrderMaker::FOR_SCREENS : '')."/{$this->name}";
    }

    /** Where it can be read on this machine. */
    public function path(): string
    {
        return app(Disk::class)->path($this->key());
    }
}
