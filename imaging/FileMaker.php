<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Imaging\Files\CannotWrite;
use Planisher\Imaging\Files\Checksum;
use Planisher\Imaging\Files\NoRoom;
use Planisher\Imaging\Files\OurFault;
use Planisher\Imaging\Paint\Renderer;
use Planisher\Imaging\ReadBack\ReadBack;
use Planisher\Imaging\ReadBack\Unreadable;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\Library;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Imaging\Write\Encoder;
use Planisher\Imaging\Write\PictureData;
use Planisher\Measure\Figure;
use Planisher\Plan\PlannedFile;

/**
 * Makes one planned file: written beside its final name, read back, and only then given that name.
 * A crash leaves at most a part file, which the next try removes; nothing is ever overwritten.
 */
final class FileMaker
{
    /**
     * @param  Sources  $originals  of its pictures, and of all files of a set
     * @param  ?int  $maxBytes  the largest file the lab takes
     * @param  ?callable(int): void  $progress  told 0 to 100 while pixels are made
     *
     * @throws CannotWrite
     */
    public static function make(
        PlannedFile $file,
        Sources $originals,
        string $folder,
        ?int $maxBytes = null,
        ?callable $progress = null,
    ): FinishedFile {
        return self::begin($file, $originals, $folder, $maxBytes, $progress)->end();
    }

    /**
     * Writes it beside its final name, and begins to read it back.
     *
     * @param  Sources  $originals  of its pictures, and of all files of a set
     * @param  ?int  $maxBytes  the largest file the lab takes
     * @param  ?callable(int): void  $progress  told 0 to 100 while pixels are made
     *
     * @throws CannotWrite
     */
    public static function begin(
        PlannedFile $file,
        Sources $originals,
        string $folder,
        ?int $maxBytes = null,
        ?callable $progress = null,
    ): WrittenFile {
        if (! is_dir($folder) && ! @mkdir($folder, 0775, true) && ! is_dir($folder)) {
            throw CannotWrite::folderNotMade($folder);
        }
        self::clearParts($folder, $file->name);
        $part = "{$folder}/.{$file->name}.".getmypid().'.part';
        try {
            Library::warnings(); // those of something else
            $image = Renderer::compose($file, $originals);
            if ($progress !== null) {
                $image->onProgress($progress);
            }
            Encoder::write($image, $file, $originals->credits($file), $part);
            unset($image);
            $originals->count($file, Library::warnings());
            self::takeData($file, $originals, $part);
            $reading = ReadBack::begin($part, $file, $maxBytes, $originals->profiles);
        } catch (VipsError|Unreadable $e) {
            self::clearParts($folder, $file->name);
            throw self::inPlainWords($e, $folder, $file);
        } catch (CannotWrite $e) {
            self::clearParts($folder, $file->name);
            throw $e;
        }

        return new WrittenFile(
            $file,
            fn (): FinishedFile => self::end($file, $reading, $folder, $part),
            fn () => self::clearParts($folder, $file->name),
        );
    }

    /** @param  \Closure(): ReadBack  $reading */
    private static function end(PlannedFile $file, \Closure $reading, string $folder, string $part): FinishedFile
    {
        $final = "{$folder}/{$file->name}";
        try {
            $readBack = $reading();
            if (! $readBack->agrees()) {
                $wrong = $readBack->disagreements()[0];
                throw CannotWrite::readBackOtherwise($wrong->what, $wrong->found, $wrong->planned);
            }
            self::publish($part, $final, $readBack->sha256);

            return new FinishedFile($file->name, $final, $readBack);
        } catch (VipsError|Unreadable $e) {
            throw self::inPlainWords($e, $folder, $file);
        } finally {
            self::clearParts($folder, $file->name);
        }
    }

    /** A picture's own data goes along where there is one picture; several would contradict each other. */
    private static function takeData(PlannedFile $file, Sources $originals, string $part): void
    {
        $pictures = Sources::in($file);
        if (count($pictures) === 1) {
            PictureData::take($originals->path($pictures[0]), $part, $file->encoding->keep);
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
        throw is_file($final) ? CannotWrite::nameTaken($final) : CannotWrite::notNamed($final);
    }

    private static function clearParts(string $folder, string $name): void
    {
        foreach (scandir($folder) ?: [] as $entry) {
            if (
                str_starts_with($entry, ".{$name}.") &&
                preg_match('/\.(\d+)\.part$/', $entry, $m) &&
                ((int) $m[1] === getmypid() || ! is_dir("/proc/{$m[1]}"))
            ) {
                @unlink("{$folder}/{$entry}");
            }
        }
    }

    private static function inPlainWords(\Throwable $e, string $folder, PlannedFile $file): CannotWrite
    {
        $said = $e->getMessage();
        $free = @disk_free_space($folder);
        if (str_contains($said, 'No space left') || ($free !== false && $free < 65_536)) {
            $words =
                'The disk is full: “'.
                basename($folder).
                '” has '.
                Figure::bytes((int) $free).
                ' left, and the file takes up to '.
                Figure::bytes($file->unpackedBytes()).
                '. Make room.';

            return new NoRoom($words, 0, $e);
        }
        if ($e instanceof VipsError && ! $e->isOfAPicture()) {
            return new OurFault("It could not be made, and that is Planisher’s fault, not the picture’s. Report it with “{$said}”.", 0, $e);
        }
        $words =
            $e instanceof VipsError && $e->isCutOff()
                ? 'The picture is cut off part-way. Export it again from the original and add it anew.'
                : 'It could not be made: the picture can’t be unpacked as its header says. '.
                    'Export it again from the original and add it anew.';

        return CannotWrite::trouble($words, $e);
    }
}
