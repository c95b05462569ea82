<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Planisher\Colour\ProfileShelf;
use Planisher\Lab\LabCard;
use Planisher\OrderFile\JsonNode;

/**
 * @property int $id
 * @property string $name
 * @property LabCardForm $card
 * @property int $version
 * @property ?string $service_url  where parcels are sent to
 * @property ?string $service_key
 * @property Collection<int, Order> $orders
 * @property Collection<int, LabProfile> $profiles
 */
class Lab extends Model
{
    protected $guarded = [];

    protected $attributes = ['version' => 1];

    protected function casts(): array
    {
        return ['card' => 'json:unicode', 'service_key' => 'encrypted'];
    }

    /** @return HasMany<LabProfile, $this> */
    public function profiles(): HasMany
    {
        return $this->hasMany(LabProfile::class);
    }

    /** @return HasMany<Order, $this> */
    public function orders(): HasMany
    {
        return $this->hasMany(Order::class);
    }

    /** @var ?array{mixed, Collection<int, LabProfile>, LabCard} what it was read of, and the card: reading it takes milliseconds */
    private ?array $read = null;

    public function labCard(): LabCard
    {
        [$card, $profiles] = [$this->attributes['card'] ?? null, $this->profiles];
        if ($this->read === null || $this->read[0] !== $card || $this->read[1] !== $profiles) {
            $this->read = [$card, $profiles, $this->readCard()];
        }

        return $this->read[2];
    }

    private function readCard(): LabCard
    {
        $profiles = $this->profiles->mapWithKeys(fn (LabProfile $held): array => [$held->file => $held->profile()])->all();

        return LabCard::fromNode(JsonNode::root($this->card))->knowing(new ProfileShelf($profiles));
    }
}
