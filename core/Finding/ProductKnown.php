<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Lab\Product;
use Planisher\Line\LineChange;
use Planisher\Plan\LineContext;

/** Asks for a look when a line is to be printed on something the lab's card doesn't have. */
final class ProductKnown implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $wanted = $at->line->product;
        if ($wanted === null || $at->lab->product($wanted) !== null) {
            return null;
        }
        $has = implode(', ', array_map(fn (Product $product): string => $product->name, $at->lab->products));

        return Finding::look(
            'product-unknown',
            "{$at->lab->name} has no “{$wanted}”",
            $has === '' ? 'Its card names nothing it prints on.' : "Its card has {$has}.",
            new Remedy('Leave it to the lab', LineChange::without('product')),
        );
    }
}
