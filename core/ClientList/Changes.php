<?php

declare(strict_types=1);

namespace Planisher\ClientList;

use Planisher\Finish\Finishes;
use Planisher\Lab\LabCard;

/** What several wishes change of one line, put together; where two of them say different things, the later one is a question. */
final class Changes
{
    /**
     * @param  list<Token>  $wishes
     * @return array<string, mixed> a merge patch of the line
     */
    public static function of(array $wishes, LabCard $lab): array
    {
        $all = [];
        $said = [];
        foreach ($wishes as $wish) {
            $change = self::printedOn($all, $wish->change, $lab);
            if (isset($all['options'], $change['options'])) {
                // Of what a lab does besides, the later comes on top.
                $change['options'] = array_values(array_unique([...$all['options'], ...$change['options']]));
                unset($said['options']);
            }
            foreach (self::flat($change) as $path => $value) {
                foreach ($said as $other => $of) {
                    $isSame = (string) $path === (string) $other;
                    $isPart = str_starts_with("{$path}.", "{$other}.") || str_starts_with("{$other}.", "{$path}.");
                    if (
                        ($isSame && $of !== $value && ! self::isFiner($of, $value)) ||
                        ($isPart && ! $isSame && (! is_array($of) || ! is_array($value)))
                    ) {
                        $wish->doubt('This says something else than what stands before it; the later one was taken.');
                    }
                }
                $said[$path] = $value;
            }
            $all = self::merged($all, $change);
        }

        return $all;
    }

    /** “A triptych, with a wide middle”: the later says more of the same. */
    private static function isFiner(mixed $one, mixed $other): bool
    {
        return is_array($one) && is_array($other) && count($one) === count($other) && count(array_unique($one)) === 1;
    }

    /**
     * “Three panels on canvas”: made into the one, printed on the other.
     *
     * @param  array<string, mixed>  $all
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    private static function printedOn(array &$all, array $change, LabCard $lab): array
    {
        [$one, $other] = [$all['make'] ?? null, $change['make'] ?? null];
        if ($one === null || $other === null || $one === $other) {
            return $change;
        }
        if ($lab->product($other) !== null && array_diff_key($change, ['make' => true]) === []) {
            return ['product' => $other];
        }
        if ($lab->product($one) !== null && array_intersect_key($all, array_flip(Finishes::named($one)?->keys() ?? [])) === []) {
            unset($all['make']);
            $all['product'] = $one;
        }

        return $change;
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<string, mixed> by path; an empty object is itself
     */
    private static function flat(array $change, string $under = ''): array
    {
        $flat = [];
        foreach ($change as $key => $value) {
            $flat +=
                is_array($value) && $value !== [] && ! array_is_list($value)
                    ? self::flat($value, "{$under}{$key}.")
                    : ["{$under}{$key}" => $value];
        }

        return $flat;
    }

    /**
     * @param  array<string, mixed>  $one
     * @param  array<string, mixed>  $other
     * @return array<string, mixed>
     */
    public static function merged(array $one, array $other): array
    {
        foreach ($other as $key => $value) {
            $both =
                is_array($value) &&
                is_array($one[$key] ?? null) &&
                ! array_is_list($value) &&
                ! (array_is_list($one[$key]) && $one[$key] !== []);
            $one[$key] = $both ? self::merged($one[$key], $value) : ($value === [] && is_array($one[$key] ?? null) ? $one[$key] : $value);
        }

        return $one;
    }
}
