<?php

declare(strict_types=1);

namespace Planisher\Language;

/** A word of the studio's own: what it stands for, or that it says nothing. */
final readonly class OwnWord
{
    /** @param  string  $means  other words for it; '' where it is passed over */
    public function __construct(public string $words, public string $means) {}
}
