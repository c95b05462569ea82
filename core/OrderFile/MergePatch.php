<?php

declare(strict_types=1);

namespace Planisher\OrderFile;

/** JSON Merge Patch (RFC 7386): null removes, an object merges, all else replaces. */
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
            } elseif (is_array($value) && ! array_is_list($value)) {
                $under = $target[$key] ?? [];
                $target[$key] = self::apply(is_array($under) && ! array_is_list($under) ? $under : [], $value);
            } else {
                $target[$key] = $value;
            }
        }

        return $target;
    }
}
