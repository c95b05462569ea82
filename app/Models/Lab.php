<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Planisher\Lab\LabCard;
use Planisher\OrderFile\Node;

/**
 * @property int $id
 * @property string $name
 * @property array<string, mixed> $card
 */
class Lab extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['card' => 'json:unicode'];
    }

    public function labCard(): LabCard
    {
        return LabCard::fromNode(Node::root($this->card));
    }
}
