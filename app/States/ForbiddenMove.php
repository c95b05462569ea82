<?php

declare(strict_types=1);

namespace App\States;

use Planisher\State\State;

/** A fault of the program: something was to go where it may not go from where it is. */
final class ForbiddenMove extends \LogicException
{
    public static function between(State $from, State $to): self
    {
        return new self($from::class." can’t go from {$from->value} to {$to->value}: docs/states.md has its moves.");
    }
}
