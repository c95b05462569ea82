<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Lab\LabCard;

/** For every sheet size that the lab lists and that holds all cells: how they lie, and what that costs. */
final class SheetOffers
{
    /** @return list<SheetOffer> the cheapest first; by paper where the lab card has no prices */
    public static function all(SheetWanted $wanted, LabCard $lab): array
    {
        $offers = [];
        foreach ($lab->sizes as $size) {
            $arrangement = $wanted->on($size);
            if ($arrangement !== null) {
                $offers[] = new SheetOffer($size, $arrangement, $lab->priceOf($size)?->times($arrangement->sheets()));
            }
        }
        usort($offers, fn (SheetOffer $a, SheetOffer $b): int => $a->cost() <=> $b->cost());

        return $offers;
    }

    public static function cheapest(SheetWanted $wanted, LabCard $lab): ?SheetOffer
    {
        return self::all($wanted, $lab)[0] ?? null;
    }
}
