<?php

declare(strict_types=1);

namespace Planisher\Finish\Canvas;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Lab\EdgeDelivery;
use Planisher\Lab\FileFormat;
use Planisher\Line\LineChange;
use Planisher\Plan\LineContext;

/**
 * Stops two pages in a kind of file that has one, and says how face and edges come apart.
 *
 * @implements Check<CanvasWanted, Wrap>
 */
final class ApartTaken implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $apart = $at->line->wanted->apartFor($at->lab->canvas);
        if ($apart === null) {
            return null;
        }
        if ($apart === EdgeDelivery::Pages && $at->line->output->formatFor($at->lab) !== FileFormat::Tiff) {
            return Finding::stops(
                'pages-need-tiff',
                'A JPEG has no second page',
                "{$at->lab->name} wants face and edges as two pages of one TIFF.",
                in_array(FileFormat::Tiff, $at->lab->formats, true)
                    ? new Remedy('Save as TIFF', LineChange::of(['output' => ['format' => 'tiff']]))
                    : new Remedy('Keep them together', LineChange::of(['canvas' => ['edgesApart' => false]])),
            );
        }

        return Finding::fine(
            'edges-apart',
            'Face and edges come apart',
            $apart === EdgeDelivery::Pages
                ? 'One TIFF of two pages: first the face, then the edges round an empty one.'
                : 'Two files: the face alone, and the edges round an empty one.',
        );
    }
}
