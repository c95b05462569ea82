<?php

declare(strict_types=1);

namespace Planisher\OrderFile;

/** All that can't be read in one order file. */
final class OrderFileErrors extends \InvalidArgumentException
{
    /** @param  list<OrderFileError>  $errors */
    public function __construct(public readonly array $errors)
    {
        parent::__construct(implode("\n", array_map(fn (OrderFileError $e): string => $e->getMessage(), $errors)));
    }
}
