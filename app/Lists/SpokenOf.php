<?php

declare(strict_types=1);

namespace App\Lists;

use App\Models\HouseFinish;
use App\Models\Order;
use App\Models\OwnWord;
use App\Models\Studio;
use App\Models\StudioMark;
use Planisher\Finish\Finishes;
use Planisher\Lab\LabCard;
use Planisher\Language\Known;
use Planisher\Language\Says;
use Planisher\Language\Unsure;

/** What words about an order can be about: its lab, its pictures, the studio's marks and unit. */
final readonly class SpokenOf
{
    /** @param  list<string>  $pictures  by name, in the order's order */
    private function __construct(public Known $known, public array $pictures) {}

    /** @return array<string, \Closure(?string): (ChangeForm|Unsure)> what house finishes settle, by name */
    private static function finishes(LabCard $lab): array
    {
        $settles = fn (HouseFinish $house): \Closure => function (?string $make) use ($house, $lab): array|Unsure {
            $finish = $house->houseFinish();
            [$change, $lacking] = $finish->give($lab, $make ?? Finishes::USUAL);
            $change = $change->toArray() + ($finish->hasPlaces() ? [Says::PLACES => $finish->pictures()] : []);

            return $lacking === [] ? $change : new Unsure($change, 'Left out of it: '.implode(', ', $lacking).'.');
        };

        return HouseFinish::query()->get()->sortBy('id')->keyBy('name')->map($settles)->all();
    }

    public static function in(Order $order): self
    {
        $lab = $order->lab->labCard();

        return new self(
            new Known(
                $lab,
                array_values(StudioMark::query()->orderBy('id')->pluck('name')->all()),
                Studio::current()->unit,
                finishes: self::finishes($lab),
                own: OwnWord::known(),
            ),
            array_values(($order->relationLoaded('pictures') ? $order->pictures : $order->pictures())->pluck('name')->all()),
        );
    }
}
