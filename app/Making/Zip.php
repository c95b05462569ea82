<?php

declare(strict_types=1);

namespace App\Making;

use App\Models\MadeFile;
use App\Models\Make;

/** All made files of a set in one ZIP, stored and not packed again: JPEG and TIFF are packed already. */
final class Zip
{
    /** Writes the ZIP, or finds it written, and gives its path. */
    public static function of(Make $make): string
    {
        $files = $make->files()->where('state', MadeFile::MADE)->get();
        $folder = storage_path('app/zips');
        is_dir($folder) || mkdir($folder, 0775, true);
        $path = "{$folder}/{$make->id}-".substr(hash('sha256', $files->pluck('sha256')->implode(',')), 0, 16).'.zip';
        if (is_file($path)) {
            return $path;
        }
        $part = $path.'.'.getmypid().'.part';
        $zip = new \ZipArchive;
        $zip->open($part, \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
        foreach ($files as $file) {
            $zip->addFile($file->setRelation('make', $make)->path(), $file->name);
            $zip->setCompressionName($file->name, \ZipArchive::CM_STORE);
        }
        if (! @$zip->close()) {
            @unlink($part);
            abort(507, 'The ZIP can’t be written: the disk is full, or a made file was moved away.');
        }
        rename($part, $path);

        return $path;
    }
}
