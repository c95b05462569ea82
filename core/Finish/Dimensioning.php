<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Drawing\Dimension;
use Planisher\Line\LineSpec;
use Planisher\Line\Wanted;
use Planisher\Measure\Box;
use Planisher\Measure\MeasureError;
use Planisher\Plan\Layout;
use Planisher\Plan\LineContext;
use Planisher\Plan\OfFinish;

/**
 * What is drawn of a finish, and what typing into its drawing changes.
 *
 * @template-contravariant W of Wanted = Wanted  what is wanted of it
 * @template-contravariant O of OfFinish|null = OfFinish|null  what of its layout only it knows
 */
interface Dimensioning
{
    /**
     * The outermost first.
     *
     * @param  Layout<O>  $layout
     * @return list<Dimension>
     */
    public function dimensions(Layout $layout): array;

    /**
     * What a figure typed into the drawing changes.
     *
     * @param  LineSpec<W>  $line
     * @param  Layout<O>  $layout
     * @param  string  $name  of the dimension, or of a joint
     * @return array<string, mixed> a merge patch (RFC 7386) of the line's order-file form
     *
     * @throws MeasureError when it is no length that can be, or there is no such figure
     */
    public function typed(LineSpec $line, Layout $layout, string $name, string $typed): array;

    /**
     * What the lab says where the line doesn't.
     *
     * @param  ?LineContext<W, O>  $at  null of a line that is made into something else
     * @return array<string, mixed>
     */
    public function uses(?LineContext $at): array;

    /**
     * What is drawn beside paper and image.
     *
     * @param  ?LineContext<W, O>  $at  as in uses()
     * @return array<string, mixed> lengths in mm
     */
    public function parts(?LineContext $at): array;

    /**
     * What there will be to see: of each piece where it is, and which part of the drawing it shows.
     *
     * @param  Layout<O>  $layout
     * @return array{Box, non-empty-list<array{Box, Box}>}
     */
    public function hung(Layout $layout): array;
}
