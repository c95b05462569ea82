<?php

declare(strict_types=1);

namespace App\States;

use Illuminate\Contracts\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Planisher\State\State;

/** The one place in which lines, files, sets and parcels move from one state to another, and only where they may. */
final class Moves
{
    /**
     * Moves rows in one statement, which the database carries out under locks of its own: who comes second finds them moved.
     *
     * @param  Builder  $rows  of one table that has a state
     * @param  non-empty-list<State>  $from  rows in other states stay as they are
     * @param  array<string, mixed>  $with  what is written besides
     * @return int how many were moved
     *
     * @throws ForbiddenMove
     */
    public static function all(Builder $rows, array $from, State $to, array $with = []): int
    {
        foreach ($from as $state) {
            self::check($state, $to);
        }

        return $rows->whereIn('state', array_column($from, 'value'))->update(['state' => $to] + $with);
    }

    /**
     * Moves one that is held under a lock, without saving it. Where it is there already it stays.
     *
     * @throws ForbiddenMove
     */
    public static function one(Model $held, State $to): void
    {
        $now = $held->getAttribute('state');
        if ($now instanceof State && $now !== $to) {
            self::check($now, $to);
            $held->setAttribute('state', $to);
        }
    }

    /** @throws ForbiddenMove */
    private static function check(State $from, State $to): void
    {
        in_array($to, $from->moves(), true) || throw ForbiddenMove::between($from, $to);
    }
}
