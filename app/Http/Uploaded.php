<?php

declare(strict_types=1);

namespace App\Http;

use App\Errors\NotPossible;
use App\Files\CannotKeep;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/** A file that comes with a request, whole. */
final class Uploaded
{
    /**
     * @throws CannotKeep where the disk is full
     * @throws NotPossible where it broke off
     */
    public static function file(Request $request, string $field): UploadedFile
    {
        $file = $request->file($field);
        $isFull = $file instanceof UploadedFile && in_array($file->getError(), [UPLOAD_ERR_CANT_WRITE, UPLOAD_ERR_NO_TMP_DIR], true);
        if ($isFull) {
            throw CannotKeep::nowherePutDown();
        }

        return $file instanceof UploadedFile && $file->isValid()
            ? $file
            : throw new NotPossible('The upload broke off. Nothing was kept; try it again.');
    }
}
