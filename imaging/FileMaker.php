<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Imaging\ReadBack\ReadBack;
use Planisher\Imaging\ReadBack\Unreadable;
use Planisher\Imaging\Vips\Library;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Measure\Figure;
use Planisher\Plan\PlannedFile;

/**
 * Makes one planned file: written beside its final name, read back, and only then given that name.
 * A crash leaves at most a part file, which the next try removes; nothing is ever overwritten.
 */
final class FileMaker
{
    /**
     * @param  Source|string  $picture  of the file's placement: its path, or what the files of a set share
     * @param  ?int  $maxBytes  the largest file the lab takes
     * @param  ?callable(int): void  $progress  told 0 to 100 while pixels are made
     *
     * @throws CannotWrite
     */
    public static function make(
        PlannedFile $file,
        Source|string $picture,
        string $folder,
        ?int $maxBytes = null,
        ?callable $progress = null,
    ): MadeFile {
        if (! is_dir($folder) && ! @mkdir($folder, 0775, true) && ! is_dir($folder)) {
            throw new CannotWrite(
                'The folder “'.basename($folder).'” can’t be made. See that the disk has room and can be written to.',
            );
        }
        $final = "{$folder}/{$file->name}";
        self::clearParts($folder, $file->name);
        $part = "{$folder}/.{$file->name}.".getmypid().'.part';
        $source = is_string($picture) ? Source::forFiles($picture, [$file]) : $picture;
        try {
            Library::warnings(); // those of something else
            $image = Renderer::compose($file, $source);
            if ($progress !== null) {
                $image->onProgress($progress);
            }
            Encoder::write($image, $file, $source->credits($file->placements[0]->picture), $part);
            unset($image);
            $source->count(Library::warnings());
            PictureData::take($source->path, $part, $file->encoding->keep);
            $readBack = ReadBack::of($part, $file, $maxBytes);
            if (! $readBack->agrees()) {
                $wrong = $readBack->disagreements()[0];
                throw new CannotWrite(
                    "Read back, its {$wrong->what} came out as {$wrong->found}, planned was {$wrong->planned}. It was not kept.",
                );
            }
            self::publish($part, $final, $readBack->sha256);

            return new MadeFile($file->name, $final, $readBack);
        } catch (VipsError|Unreadable $e) {
            throw new CannotWrite(self::inPlainWords($e, $folder, $file), 0, $e);
        } finally {
            self::clearParts($folder, $file->name);
        }
    }

    /** Gives the part its final name; the same bytes made before are left as they are. */
    private static function publish(string $part, string $final, string $sha256): void
    {
        if (@link($part, $final)) {
            return;
        }
        if (is_file($final) && Checksum::of($final) === $sha256) {
            return;
        }
        throw new CannotWrite(
            is_file($final)
                ? 'Another file of the name “'.
                    basename($final).
                    '” lies there already. Nothing is overwritten: move it away, or make into another folder.'
                : 'The file could not be given its name “'.basename($final).'”. See that the folder can be written to.',
        );
    }

    private static function clearParts(string $folder, string $name): void
    {
        foreach (scandir($folder) ?: [] as $entry) {
            if (
                str_starts_with($entry, ".{$name}.") &&
                preg_match('/\.(\d+)\.part(\.bare)?$/', $entry, $m) &&
                ((int) $m[1] === getmypid() || ! is_dir("/proc/{$m[1]}"))
            ) {
                @unlink("{$folder}/{$entry}");
            }
        }
    }

    private static function inPlainWords(\Throwable $e, string $folder, PlannedFile $file): string
    {
        $said = $e->getMessage();
        $free = @disk_free_space($folder);
        if (str_contains($said, 'No space left') || ($free !== false && $free < 65_536)) {
            return 'The disk is full: “'.
                basename($folder).
                '” has '.
                Figure::bytes((int) $free).
                ' left, and the file takes up to '.
                Figure::bytes($file->unpackedBytes()).
                '. Make room and make it again.';
        }
        if (preg_match('/premature end|out of order|read error|not enough|truncated|corrupt/i', $said)) {
            return 'The picture is cut off part-way. Export it again from the original and add it anew.';
        }

        return 'It could not be made: the picture can’t be unpacked as its header says. Export it again from the original and add it anew.';
    }
}
