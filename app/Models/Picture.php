<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Planisher\OrderFile\JsonNode;
use Planisher\Picture\MustStayIn;
use Planisher\Picture\PictureFacts;

/**
 * @property int $id
 * @property string $sha256
 * @property array<string, mixed> $facts
 * @property int $modified_at
 * @property ?string $taken  when, by the camera's clock: YYYY-MM-DDTHH:MM:SS
 * @property ?list<MarkedAreaShape> $must_stay_in
 */
class Picture extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['facts' => 'json:unicode', 'must_stay_in' => 'json:unicode', 'modified_at' => 'integer'];
    }

    /** @var ?array{mixed, mixed, PictureFacts} what they were read of, and the facts: pictures of a sheet are asked for again and again */
    private ?array $read = null;

    public function pictureFacts(string $name): PictureFacts
    {
        [$facts, $areas] = [$this->attributes['facts'] ?? null, $this->attributes['must_stay_in'] ?? null];
        if ($this->read === null || $this->read[0] !== $facts || $this->read[1] !== $areas) {
            $this->read = [$facts, $areas, PictureFacts::fromArray($this->facts)->with(mustStayIn: $this->areas())];
        }

        return $this->read[2]->with(name: $name);
    }

    /** @return list<MustStayIn> */
    public function areas(): array
    {
        return MustStayIn::listFromNode(JsonNode::root($this->must_stay_in ?? []));
    }
}
