<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\Lab;
use Planisher\Lab\LabCard;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/** Keeps lab cards, each under a name of its own. */
final class CardStore
{
    /**
     * A further lab; where there is one of its name, a number is put behind it.
     *
     * @param  LabCardForm  $card  as core writes it
     */
    public static function add(array $card): Lab
    {
        $name = self::free($card['name']);

        return Lab::query()->create(['name' => $name, 'card' => ['name' => $name] + $card]);
    }

    /** A name that no lab has yet. */
    public static function free(string $name): string
    {
        $apart = $name;
        for ($n = 2; Lab::query()->where('name', $apart)->exists(); $n++) {
            $apart = "{$name} ({$n})";
        }

        return $apart;
    }

    /**
     * As core writes it, so that only what core understands is kept.
     *
     * @param  LabCardForm  $card
     * @return LabCardForm
     *
     * @throws OrderFileError
     */
    public static function typed(array $card): array
    {
        return LabCard::fromNode(JsonNode::root($card))->toArray();
    }
}
