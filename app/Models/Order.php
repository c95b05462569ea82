<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Planisher\OrderFile\OrderHead;
use Planisher\OrderFile\Remark;

/**
 * @property int $id
 * @property string $number
 * @property ?string $title
 * @property int $client_id
 * @property int $lab_id
 * @property Carbon $ordered_on
 * @property ?Carbon $due_on
 * @property ?string $remark
 * @property ?string $remark_for_lab
 * @property ?NameForm $names  what its new lines' files are named after
 * @property ?Carbon $put_away_at
 * @property ?Carbon $deleted_at
 * @property Carbon $updated_at
 * @property Client $client
 * @property Lab $lab
 * @property Collection<int, Line> $lines
 * @property Collection<int, OrderPicture> $pictures
 * @property Collection<int, Make> $makes
 * @property int $version  counts its changes
 */
class Order extends Model
{
    use SoftDeletes;

    private const LOCK_SECONDS = 10;

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    protected function casts(): array
    {
        return ['ordered_on' => 'date', 'due_on' => 'date', 'put_away_at' => 'datetime', 'names' => 'json:unicode'];
    }

    /** The next free number of a month: 2611-04. */
    public static function nextNumber(Carbon $day): string
    {
        $month = $day->format('ym');
        $last =
            self::withTrashed()
                ->where('number', 'like', "{$month}-%")
                ->pluck('number')
                ->map(fn (string $number): int => (int) substr($number, strlen($month) + 1))
                ->max() ?? 0;

        return sprintf('%s-%02d', $month, $last + 1);
    }

    /**
     * A further order under the next number of a day's month: two that are opened at once get two.
     *
     * @param  array<string, mixed>  $attributes
     */
    public static function opened(Carbon $day, array $attributes): self
    {
        return Cache::lock('order-number', self::LOCK_SECONDS)->block(
            self::LOCK_SECONDS,
            fn (): self => self::query()->create(['number' => self::nextNumber($day), 'ordered_on' => $day] + $attributes),
        );
    }

    public function head(): OrderHead
    {
        return new OrderHead(
            $this->number,
            $this->client->name,
            $this->ordered_on->format('Y-m-d'),
            $this->title,
            $this->due_on?->format('Y-m-d'),
            new Remark($this->remark, $this->remark_for_lab),
        );
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return BelongsTo<Lab, $this> */
    public function lab(): BelongsTo
    {
        return $this->belongsTo(Lab::class);
    }

    /** @return HasMany<Line, $this> */
    public function lines(): HasMany
    {
        $relation = $this->hasMany(Line::class);
        $relation->orderBy('number');

        return $relation;
    }

    /** @return HasMany<OrderPicture, $this> by their names, as a folder shows them */
    public function pictures(): HasMany
    {
        $relation = $this->hasMany(OrderPicture::class);
        $relation->orderBy('stands_at')->orderBy('id');

        return $relation;
    }

    /** @return HasMany<Parcel, $this> the newest first */
    public function parcels(): HasMany
    {
        $relation = $this->hasMany(Parcel::class);
        $relation->orderByDesc('id');

        return $relation;
    }

    /** @return HasMany<OrderEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(OrderEvent::class);
    }

    /** @return HasMany<ClientPage, $this> */
    public function clientPages(): HasMany
    {
        return $this->hasMany(ClientPage::class);
    }

    /** @return HasMany<Make, $this> */
    public function makes(): HasMany
    {
        $relation = $this->hasMany(Make::class);
        $relation->orderByDesc('id');

        return $relation;
    }
}
