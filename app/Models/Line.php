<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Planisher\Line\Line as WantedLine;
use Planisher\OrderFile\Node;

/**
 * @property int $id
 * @property int $order_id
 * @property int $number
 * @property ?int $order_picture_id
 * @property array<string, mixed> $wanted
 * @property string $state
 * @property ?list<array<string, mixed>> $passed_with
 * @property int $version
 * @property ?\Illuminate\Support\Carbon $deleted_at
 * @property Order $order
 * @property ?OrderPicture $orderPicture
 */
class Line extends Model
{
    use SoftDeletes;

    public const OPEN = 'open';

    public const PASSED = 'passed';

    public const MADE = 'made';

    protected $guarded = [];

    protected $attributes = ['state' => self::OPEN, 'version' => 1];

    protected function casts(): array
    {
        return ['wanted' => 'json:unicode', 'passed_with' => 'json:unicode'];
    }

    /** The line as core knows it, its picture under its name in the order. */
    public function line(): WantedLine
    {
        return WantedLine::fromNode(Node::root([...$this->wanted, 'picture' => $this->orderPicture?->name]));
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }

    /** @return BelongsTo<OrderPicture, $this> */
    public function orderPicture(): BelongsTo
    {
        return $this->belongsTo(OrderPicture::class);
    }
}
