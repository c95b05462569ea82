<?php

declare(strict_types=1);

namespace App\Making;

use App\Files\ServerFolder;
use App\Files\WholeCopy;
use App\Models\MadeFile;
use Planisher\Imaging\Files\CannotWrite;
use Planisher\Imaging\Files\Checksum;
use Planisher\Imaging\Files\NoRoom;

/** A folder on the server that made files are put into besides, each whole and under its final name only. */
final class ExportFolder
{
    /**
     * Puts a made file there, where its set wants it.
     *
     * @throws CannotWrite with what to do; NoRoom where that is all there is to do
     */
    public static function put(MadeFile $file, string $sha256): void
    {
        $folder = $file->make->export_folder;
        if ($folder === null) {
            return;
        }
        $trouble = self::trouble($folder);
        if ($trouble !== null) {
            throw CannotMake::notExported($trouble);
        }
        $to = $folder.substr($file->key(), strlen('orders'));
        if (is_file($to)) {
            if (Checksum::of($to) === $sha256) {
                return;
            }
            throw CannotMake::exportNameTaken($to);
        }
        $from = $file->path();
        if (! WholeCopy::put($from, $to, $sha256)) {
            throw (int) @disk_free_space($folder) < (int) @filesize($from)
                ? new NoRoom("It is made, and the disk of the export folder “{$folder}” is full. Make room there.")
                : CannotMake::exportNotWritable($folder);
        }
    }

    /** Why a folder can't be one, in words; null where it can. */
    public static function trouble(string $folder): ?string
    {
        return ServerFolder::trouble($folder, '/srv/prints') ??
            (is_writable($folder) ? null : "“{$folder}” can’t be written to. Let the user that Planisher runs as write there.");
    }
}
