<?php

declare(strict_types=1);

namespace App\Lines;

/**
 * An order's lines as the screens get them.
 *
 * @phpstan-type Told array{short: string, goes: ?GoesShape, canPass: bool}
 */
final readonly class LineViews
{
    /**
     * @param  list<string>  $json  a line each
     * @param  array<int, Told>  $told  what other pages tell of each, too, by the line's id
     * @param  bool  $isAllMeasured  whether what becomes of every line's colours is known
     */
    public function __construct(public array $json, public array $told, public bool $isAllMeasured) {}
}
