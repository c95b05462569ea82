<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Colour\Strength;
use Planisher\Colour\Surface;
use Planisher\Line\LineChange;
use Planisher\Plan\LineContext;

/** Asks for a look when a file is sharpened for another surface than its paper has. */
final class SharpenedForPaper implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $sharpen = $at->line->output->sharpen;
        $paper = $at->lab->paper($at->line->paper);
        if ($sharpen === null || $sharpen->strength === Strength::None) {
            return null;
        }
        $as = $sharpen->strength === Strength::Gentle ? 'gently' : 'normally';
        $surface = $sharpen->surface ?? ($paper->surface ?? Surface::Lustre);
        if ($paper !== null && $sharpen->surface !== null && $sharpen->surface !== $paper->surface) {
            return Finding::look(
                'sharpening-unlike-paper',
                "Sharpened for {$sharpen->surface->value}",
                "“{$paper->name}” is {$paper->surface->value}.",
                new Remedy("Sharpen it for {$paper->surface->value}", LineChange::of(['output' => ['sharpen' => ['surface' => null]]])),
            );
        }

        return Finding::fine(
            'sharpened',
            "Sharpened {$as} for {$surface->value}",
            'The last step, in pixels of the file. Look at it at one to one.',
        );
    }
}
