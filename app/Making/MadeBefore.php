<?php

declare(strict_types=1);

namespace App\Making;

use App\Models\MadeFile;
use Planisher\Imaging\Checksum;
use Planisher\Imaging\Write\CannotWrite;

/** A file that was made before from the very same ticket isn't made again: it is taken over, whole, once its checksum agrees. */
final class MadeBefore
{
    /** @param  array<string, mixed>  $ticket */
    public static function hash(array $ticket, string $name): string
    {
        return hash('sha256', $name."\n".json_encode($ticket, JSON_THROW_ON_ERROR));
    }

    /**
     * Puts the same file into its set's folder, where it was made before and is still there unharmed.
     *
     * @return ?MadeFile the earlier one
     *
     * @throws CannotWrite
     */
    public static function take(MadeFile $file): ?MadeFile
    {
        // A reprint is the same to the last byte, whatever it is called.
        $same = $file->sha256 === null ? ['ticket_hash' => $file->ticket_hash] : ['sha256' => $file->sha256];
        $earlier = MadeFile::query()
            ->with('make')
            ->where([...$same, 'is_for_screen' => $file->is_for_screen, 'state' => MadeFile::MADE])
            ->whereKeyNot($file->id)
            ->get()
            ->sortByDesc('id');
        foreach ($file->ticket_hash === null ? [] : $earlier as $one) {
            if (is_file($one->path()) && Checksum::of($one->path()) === $one->sha256) {
                self::copy($one->path(), $file->path(), (string) $one->sha256);

                return $one;
            }
        }

        return null;
    }

    private static function copy(string $from, string $to, string $sha256): void
    {
        if (is_file($to) && Checksum::of($to) === $sha256) {
            return;
        }
        $copied = ! is_file($to) && WholeCopy::put($from, $to, $sha256);
        $copied || throw new CannotWrite('It was made before, and couldn’t be copied. Make room on the disk, then make it again.');
    }
}
