<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Planisher\Finish\LinePictures;
use Planisher\Finish\LineReader;
use Planisher\Line\LineSpec as WantedLine;
use Planisher\OrderFile\JsonNode;
use Planisher\State\LineState;

/**
 * @property int $id
 * @property int $order_id
 * @property int $number
 * @property LineForm $wanted
 * @property ?list<int> $gathered_from  ids of the removed lines whose prints it carries
 * @property LineState $state
 * @property ?list<FindingShape> $passed_with
 * @property ?list<string> $settled  keys of findings that were said yes to, each for many lines at once
 * @property int $version
 * @property ?string $remark
 * @property ?string $remark_for_lab
 * @property ?string $size_key
 * @property ?string $apart  reprint-1, test: what its files are kept apart by
 * @property ?int $test_of  the line that it is a test strip for
 * @property ?string $lab_said  why the lab sent it back, until it is passed anew
 * @property ?\Illuminate\Support\Carbon $deleted_at
 * @property Order $order
 * @property Collection<int, LinePicture> $pictures
 */
class Line extends Model
{
    use SoftDeletes;

    protected $guarded = [];

    protected $attributes = ['state' => 'open', 'version' => 1];

    protected function casts(): array
    {
        return [
            'gathered_from' => 'json:unicode',
            'wanted' => 'json:unicode',
            'passed_with' => 'json:unicode',
            'settled' => 'json:unicode',
            'state' => LineState::class,
        ];
    }

    /** The line as core knows it, its pictures under their names in the order. */
    public function line(): WantedLine
    {
        return LineReader::read(JsonNode::root(LinePictures::put($this->wanted, $this->names())));
    }

    /** The picture at one of its places. */
    public function pictureAt(int $place): ?OrderPicture
    {
        return $this->pictures->firstWhere('place', $place)?->orderPicture;
    }

    /** @return array<int, string> the names of its pictures, by place */
    public function names(): array
    {
        return $this->pictures->mapWithKeys(fn (LinePicture $at): array => [$at->place => $at->orderPicture->name])->all();
    }

    /** @return HasMany<LinePicture, $this> in their places, each with the picture it is, which is always asked for */
    public function pictures(): HasMany
    {
        $relation = $this->hasMany(LinePicture::class);
        $relation->with('orderPicture.picture')->orderBy('place');

        return $relation;
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }
}
