<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\LineKeys;
use Planisher\Line\LineSpec;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/** Reads a line of an order file: what is common to all, and what its finish wants. */
final class LineReader
{
    /** @throws OrderFileError */
    public static function read(JsonNode $node): LineSpec
    {
        [$finishes, $known] = [Finishes::all(), Finishes::keys()->names()];
        $node->object($known);
        $named = $node->maybe('make');
        $name = $named?->oneOf(Finishes::names()) ?? Finishes::USUAL;
        $foreign = array_diff($known, LineKeys::common()->names(), $finishes[$name]->keys()->names());
        $ignored = array_values(array_filter($foreign, fn (string $key): bool => $node->maybe($key) !== null));

        $wanted = $finishes[$name]->wanted($node);
        if (! $wanted->isPrinted() && $node->maybe('screenCopy') !== null) {
            $ignored[] = 'screenCopy'; // it is one itself
        }

        return LineSpec::read($node, $name, $wanted, $finishes[$name]->crop($node), $ignored);
    }
}
