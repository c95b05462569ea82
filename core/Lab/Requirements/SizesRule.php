<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

use Planisher\Lab\Text\SizeList;
use Planisher\Measure\Unit;

/** The sizes a lab prints: a sentence or a line that lists at least two and speaks of no product, limit or price. */
final class SizesRule implements RequirementRule
{
    private const OTHER =
        '\b(?:canvas|metal|acrylic|aluminium|wood|panel|largest|biggest|maximum|up to|no larger|at most|album|'.'frame[sd]?|mount)';

    public function read(Statement $statement, Unit $bare): array
    {
        if ($statement->isAbout(self::OTHER) && ! $statement->says('\b(?:sizes|we print|prints? in|we offer)\b')) {
            return [];
        }
        if (preg_match('/'.self::OTHER.'/iu', $statement->text) === 1 || PricesRule::isPriced($statement->text)) {
            return [];
        }
        $unit = preg_match('/\bin\s+(cm|mm|inches)\b|\((cm|mm|inches)\)/iu', $statement->heading, $m)
            ? Unit::spelled($m[1] ?: $m[2])
            : null;
        $list = SizeList::read($statement->text, $unit ?? $bare);
        $isListed = count($list->sizes) > 1 || ($list->sizes !== [] && $statement->says('\bsizes?\b'));

        return $isListed ? ['sizes' => SizeList::write(...$list->sizes)] : [];
    }
}
