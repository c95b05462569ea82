<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\Crop;
use Planisher\Line\ForScreens;
use Planisher\Line\LineChange;
use Planisher\Line\LineKeys;
use Planisher\Line\LineSpec;
use Planisher\Line\OneSide;
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

        $finish = $finishes[$name];
        $wanted = $finish->wanted($node);
        if ($wanted instanceof ForScreens && $node->maybe('screenCopy') !== null) {
            $ignored[] = 'screenCopy'; // it is one itself
        }

        $otherwise = $finish instanceof SizedOtherwise ? $finish : null;
        $oneSide = $otherwise?->needsSize() === false ? null : OneSide::fromNode($node);
        $crop = $oneSide !== null ? null : ($otherwise === null ? Crop::fromNode($node) : $otherwise->crop($node));

        return LineSpec::read($node, $name, $wanted, $crop, $oneSide, $ignored);
    }

    /**
     * A line as it is once it is changed.
     *
     * @throws OrderFileError
     */
    public static function changed(LineSpec $line, LineChange $change): LineSpec
    {
        return self::read(JsonNode::root($change->onto($line->toArray())));
    }
}
