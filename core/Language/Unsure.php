<?php

declare(strict_types=1);

namespace Planisher\Language;

/** A change that words seem to mean, and why one can't be sure. */
final readonly class Unsure
{
    /**
     * @param  array<string, mixed>  $change  the guess; may be empty
     * @param  string  $why  in words, for people
     * @param  list<Offer>  $offers  other words for it, that would be sure
     */
    public function __construct(public array $change, public string $why, public array $offers = []) {}
}
