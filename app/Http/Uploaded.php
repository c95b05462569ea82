<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/** A file that comes with a request, whole. */
final class Uploaded
{
    /** Ends the request with the reason where it isn't here. */
    public static function file(Request $request, string $field): UploadedFile
    {
        $file = $request->file($field);
        $isFull = $file instanceof UploadedFile && in_array($file->getError(), [UPLOAD_ERR_CANT_WRITE, UPLOAD_ERR_NO_TMP_DIR], true);
        abort_if($isFull, 507, 'The machine’s disk is full: what was sent couldn’t be put down. Make room, then try it again.');

        return $file instanceof UploadedFile && $file->isValid()
            ? $file
            : abort(422, 'The upload broke off. Nothing was kept; try it again.');
    }
}
