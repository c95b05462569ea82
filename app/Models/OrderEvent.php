<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something somebody did to an order.
 *
 * @property int $id
 * @property int $order_id
 * @property ?int $line_number
 * @property string $who
 * @property string $what
 * @property Carbon $updated_at
 */
class OrderEvent extends Model
{
    protected $guarded = [];
}
