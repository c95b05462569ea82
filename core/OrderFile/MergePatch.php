<?php

declare(strict_types=1);

namespace Planisher\OrderFile;

/**
 * JSON Merge Patch (RFC 7386): null removes, an object merges, all else replaces. Decoded, an empty object and an empty list are alike:
 * where an object stands it is an empty object, which changes nothing.
 */
final class MergePatch
{
    /**
     * @param  array<string, mixed>  $target
     * @param  array<string, mixed>  $patch
     * @return array<string, mixed>
     */
    public static function apply(array $target, array $patch): array
    {
        foreach ($patch as $key => $value) {
            if ($value === null) {
                unset($target[$key]);
            } elseif (is_array($value) && self::isObject($value === [] ? $target[$key] ?? null : $value)) {
                $under = $target[$key] ?? null;
                $target[$key] = self::apply(self::isObject($under) ? $under : [], $value);
            } else {
                $target[$key] = $value;
            }
        }

        return $target;
    }

    /** @phpstan-assert-if-true array<string, mixed> $value */
    private static function isObject(mixed $value): bool
    {
        return is_array($value) && ! array_is_list($value);
    }
}
