<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Language\Rule\ReadingRule;

/** How people say what is wanted of a print. */
final class PrintRules
{
    /** @return list<ReadingRule> */
    public static function all(): array
    {
        return [...BorderRules::all(), ...PlaceRules::all(), ...LineRules::all(), ...PaperRules::all(), ...OpeningRules::all()];
    }
}
