<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\Line;
use Planisher\OrderFile\Node;
use Planisher\OrderFile\OrderFileError;

/** Reads a line of an order file: what is common to all, and what its finish wants. */
final class LineReader
{
    /** @throws OrderFileError */
    public static function read(Node $node): Line
    {
        [$finishes, $keys] = [Finishes::all(), Finishes::keys()];
        $node->object([...Line::KEYS, ...array_merge(...array_values($keys))]);
        $named = $node->maybe('make');
        $name = $named?->oneOf(Finishes::names()) ?? Finishes::USUAL;
        $foreign = array_diff(array_merge(...array_values(array_diff_key($keys, [$name => true]))), $keys[$name]);
        $ignored = array_values(array_filter($foreign, fn (string $key): bool => $node->maybe($key) !== null));

        $wanted = $finishes[$name]->wanted($node);
        if (! $wanted->isPrinted() && $node->maybe('screenCopy') !== null) {
            $ignored[] = 'screenCopy'; // it is one itself
        }

        return Line::read($node, $name, $wanted, $finishes[$name]->crop($node), $ignored);
    }
}
