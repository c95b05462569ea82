<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\Crop;
use Planisher\Line\Wanted;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;
use Planisher\Plan\OfFinish;

/**
 * A finish that isn’t simply ordered in a size on paper.
 *
 * @template-contravariant W of Wanted = Wanted
 * @template-contravariant O of OfFinish|null = OfFinish|null
 *
 * @extends Finish<W, O>
 */
interface SizedOtherwise extends Finish
{
    /**
     * @return ?Crop null for what has no size on paper, or not yet
     *
     * @throws OrderFileError
     */
    public function crop(JsonNode $line): ?Crop;

    /** Whether it is ordered in a size on paper. */
    public function needsSize(): bool;
}
