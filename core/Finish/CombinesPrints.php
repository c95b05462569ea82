<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Colour\ToneCurve;
use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec;
use Planisher\Line\Wanted;
use Planisher\Measure\Size;
use Planisher\OrderFile\OrderFileError;
use Planisher\Plan\LineContext;
use Planisher\Plan\OfFinish;

/**
 * A finish that can put the prints of several lines together on one piece of paper, and take them apart again.
 *
 * @template-contravariant W of Wanted = Wanted
 * @template-contravariant O of OfFinish|null = OfFinish|null
 *
 * @extends Finish<W, O>
 */
interface CombinesPrints extends Finish
{
    /** Instead of a sheet's size: the lab's sheet that all prints cost least on. */
    public const CHEAPEST = 'cheapest';

    /** Instead of a size, while it is said: the cheapest sheet that holds all of them at once. */
    public const ONE = 'one';

    /** What the lines and files of a test strip are told apart by. */
    public const TEST = 'test';

    /** Whether a line's prints can be put on a sheet with others. */
    public function takes(LineSpec $line): bool;

    /**
     * One line that has the prints of all these.
     *
     * @param  non-empty-list<LineSpec>  $lines  that it takes
     * @param  string  $size  of the sheet, or what stands for the cheapest
     * @return array<string, mixed> in its order-file form
     */
    public function gathered(array $lines, string $size): array;

    /**
     * The prints of a line, each a line of its own.
     *
     * @return list<array<string, mixed>> in their order-file form
     */
    public function apart(LineSpec $line): array;

    /**
     * What the prints would take of every sheet that the lab lists and that holds them, the cheapest first.
     *
     * @param  non-empty-list<LineSpec>  $lines  that it takes
     * @return list<array<string, mixed>> lengths in mm
     *
     * @throws OrderFileError
     */
    public function tried(array $lines, LabCard $lab): array;

    /**
     * The ways to share a sheet out that arithmetic gives.
     *
     * @return list<array<string, mixed>> lengths in mm
     */
    public function ready(Size $sheet): array;

    /**
     * A print at several *for paper* settings on one sheet, to choose by eye.
     *
     * @param  list<ToneCurve>  $settings  three to five that differ
     * @return array<string, mixed> a line in its order-file form
     *
     * @throws OrderFileError where that can't be
     */
    public function testStrip(LineContext $at, array $settings): array;
}
