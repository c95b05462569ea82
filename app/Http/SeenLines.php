<?php

declare(strict_types=1);

namespace App\Http;

/** Lines that a page asks something of, each in the version that is seen there. */
final class SeenLines
{
    public const MOST = 500;

    /** What is asked of each, for a request's rules. */
    public const EACH = ['lines.*.id' => ['required', 'integer'], 'lines.*.version' => ['required', 'integer']];

    /**
     * @param  array{lines?: list<array{id: int, version: int|string}>}  $given  as rules have let it through
     * @return array<int, int> the versions seen, by the line's id
     */
    public static function in(array $given): array
    {
        return array_map(intval(...), array_column($given['lines'] ?? [], 'version', 'id'));
    }
}
