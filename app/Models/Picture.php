<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Planisher\OrderFile\Node;
use Planisher\Picture\MustStayIn;
use Planisher\Picture\PictureFacts;

/**
 * @property int $id
 * @property string $sha256
 * @property array<string, mixed> $facts
 * @property int $modified_at
 * @property ?string $taken  when, by the camera's clock: YYYY-MM-DDTHH:MM:SS
 * @property ?list<array<string, mixed>> $must_stay_in
 */
class Picture extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['facts' => 'json:unicode', 'must_stay_in' => 'json:unicode', 'modified_at' => 'integer'];
    }

    public function pictureFacts(string $name): PictureFacts
    {
        return PictureFacts::fromArray($this->facts)->with(name: $name, mustStayIn: $this->areas());
    }

    /** @return list<MustStayIn> */
    public function areas(): array
    {
        return MustStayIn::listFromNode(Node::root($this->must_stay_in ?? []));
    }
}
