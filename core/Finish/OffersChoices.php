<?php

declare(strict_types=1);

namespace Planisher\Finish;

/** A finish of which house finishes can settle something by itself; any other goes as a whole. */
interface OffersChoices extends Finish
{
    /** @return list<Choice> */
    public function choices(): array;
}
