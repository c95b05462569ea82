<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

/** Something of a lab card that was read from a lab's words. */
final readonly class Understood
{
    /**
     * @param  string  $field  a CardField's value, `papers`, or `products`
     * @param  string  $text  as it would be typed there; a paper as `name: surface`, a product as `name: largest piece`
     * @param  string  $words  that it was read from
     */
    public function __construct(public string $field, public string $text, public string $words) {}
}
