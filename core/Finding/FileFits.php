<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Lab\FileFormat;
use Planisher\Line\LineChange;
use Planisher\Measure\Figure;
use Planisher\Plan\LineContext;

/**
 * Looks ahead at a file that may be larger than the lab takes. What packing saves is only known once it is made; the read-
 * back judges that.
 */
final class FileFits implements Check
{
    /** A photograph's JPEG seldom takes more of its unpacked bytes, even at quality 100 (common practice, no source). */
    private const JPEG_SHARE = 0.5;

    public function judge(LineContext $at): ?Finding
    {
        $most = $at->lab->maxBytes;
        $file = $at->plan->files[0] ?? null;
        $jpeg = $file?->encoding->format === FileFormat::Jpeg;
        if ($most === null || $file === null || $file->unpackedBytes() * ($jpeg ? self::JPEG_SHARE : 1) <= $most) {
            return null;
        }

        return Finding::look(
            'file-large',
            'The file may be too large',
            Figure::bytes($file->unpackedBytes()).
                " before it is packed; {$at->lab->name} takes ".
                Figure::bytes($most).
                '. The made file is measured against that.',
            $jpeg || ! in_array(FileFormat::Jpeg, $at->lab->formats, true)
                ? null
                : new Remedy('Save as JPEG', LineChange::of(['output' => ['format' => 'jpeg', 'bits' => null]])),
        );
    }
}
