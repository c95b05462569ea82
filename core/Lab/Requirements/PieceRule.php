<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

use Planisher\Lab\Text\SizeList;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Unit;

/** The largest piece of all, or of one product. */
final class PieceRule implements RequirementRule
{
    private const LIMIT = '\b(?:up to|largest|biggest|maximum|max\b\.?|no larger than|not larger than|at most|not exceed\w*|as large as)';

    private const PRODUCTS = 'canvas|metal|acrylic|aluminium|wood|dibond|cotton|glass|poster';

    public function read(Statement $statement, Unit $bare): array
    {
        $sizes = SizeList::found($statement->text);
        if ($sizes === [] || ! $statement->isAbout(self::LIMIT) || PricesRule::isPriced($statement->text)) {
            return [];
        }
        $products = [];
        foreach ($sizes as $words) {
            try {
                $size = SizeList::write(SizeList::size($words, $bare));
            } catch (MeasureError) {
                continue;
            }
            $product = self::product($statement, $words, count($sizes) > 1);
            if ($product === null) {
                $said['largestPiece'] ??= $size;
            } else {
                $products[] = "{$product}: {$size}";
            }
        }

        return ($said ?? []) + ($products === [] ? [] : ['products' => $products]);
    }

    /** The product that is named last before a size, or by the heading. */
    private static function product(Statement $statement, string $words, bool $isOneOfMany): ?string
    {
        $before = substr($statement->text, 0, (int) strpos($statement->text, $words));
        $behind = substr($statement->text, strlen($before) + strlen($words));
        $named = '/\b('.self::PRODUCTS.')/iu';
        if (preg_match_all($named, $before, $m) > 0) {
            return mb_strtolower((string) end($m[1]));
        }
        if (preg_match('/^[^,;]{0,24}?\b('.self::PRODUCTS.')/iu', $behind, $m) === 1) {
            return mb_strtolower($m[1]);
        }

        return ! $isOneOfMany && preg_match($named, $statement->heading, $m) === 1 ? mb_strtolower($m[1]) : null;
    }
}
