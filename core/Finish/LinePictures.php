<?php

declare(strict_types=1);

namespace Planisher\Finish;

/** The names of a line's pictures, put into its order-file form and taken out of it. */
final class LinePictures
{
    /**
     * @param  array<string, mixed>  $wanted
     * @param  array<int, string>  $names  by place, from 0
     * @return array<mixed>
     */
    public static function put(array $wanted, array $names): array
    {
        foreach (self::places($wanted, null) as $place => $keys) {
            $wanted = self::with($wanted, $keys, $names[$place] ?? null);
        }

        return $wanted;
    }

    /**
     * The same form without them, and the names that stood there.
     *
     * @param  array<string, mixed>  $wanted  a line, or a change of one
     * @param  ?string  $make  what the line is made into, where this doesn't say
     * @return array{array<string, mixed>, array<int, mixed>} names by place, null where none is chosen; only of places that are there
     */
    public static function take(array $wanted, ?string $make = null): array
    {
        $names = [];
        foreach (self::places($wanted, $make) as $place => $keys) {
            $at = &$wanted;
            $last = array_pop($keys);
            foreach ($keys as $key) {
                $at = &$at[$key];
            }
            if (is_array($at) && array_key_exists($last, $at)) {
                $names[$place] = $at[$last];
                unset($at[$last]);
            }
            unset($at);
        }

        return [$wanted, $names];
    }

    /**
     * The same form without its pictures and all that was chosen for them alone.
     *
     * @param  array<string, mixed>  $wanted
     * @return array<string, mixed>
     */
    public static function withoutThem(array $wanted): array
    {
        foreach (self::places($wanted, null) as $keys) {
            $at = &$wanted;
            foreach (array_slice($keys, 0, -1) as $key) {
                $at = &$at[$key];
            }
            unset($at[end($keys)], $at['subject'], $at['window']);
            unset($at);
        }

        return $wanted;
    }

    /**
     * @param  array<mixed>  $form
     * @param  non-empty-list<string|int>  $keys  the way to the place
     * @return array<mixed> the form with a name at this place
     */
    private static function with(array $form, array $keys, ?string $name): array
    {
        $key = array_shift($keys);
        $form[$key] = $keys === [] ? $name : self::with(is_array($form[$key] ?? null) ? $form[$key] : [], $keys, $name);

        return $form;
    }

    /**
     * @param  array<string, mixed>  $wanted
     * @return list<non-empty-list<string|int>>
     */
    private static function places(array $wanted, ?string $make): array
    {
        $named = $wanted['make'] ?? $make;
        $finish = is_string($named) ? Finishes::named($named) : null;

        return $finish instanceof HasMorePictures ? $finish->places($wanted) : [['picture']];
    }
}
