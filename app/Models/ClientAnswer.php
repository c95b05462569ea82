<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A client's yes or note to a line as it was shown. All are kept; the newest of a line counts.
 *
 * @property int $id
 * @property int $client_page_id
 * @property int $line_id
 * @property string $plan_hash  of what was seen
 * @property bool $is_yes
 * @property ?string $note
 * @property Carbon $created_at
 */
class ClientAnswer extends Model
{
    public const LONGEST = 2000;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['is_yes' => 'boolean'];
    }
}
