<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Lab\FileFormat;
use Planisher\Measure\Figure;

/** Looks ahead at a file that may be larger than the lab takes. What packing saves is only known once it is made; the read-back judges that. */
final class FileFits implements Check
{
    public function look(Situation $at): ?Finding
    {
        $most = $at->lab->maxBytes;
        $file = $at->plan->files[0] ?? null;
        if ($most === null || $file === null || $file->unpackedBytes() <= $most) {
            return null;
        }
        $jpeg = $file->encoding->format === FileFormat::Jpeg;

        return Finding::look(
            'file-large',
            'The file may be too large',
            Figure::bytes($file->unpackedBytes())." before it is packed; {$at->lab->name} takes ".Figure::bytes($most).'. The made file is measured against that.',
            $jpeg || ! in_array(FileFormat::Jpeg, $at->lab->formats, true) ? null : new Remedy('Save as JPEG', ['output' => ['format' => 'jpeg', 'bits' => null]]),
        );
    }
}
