<?php

declare(strict_types=1);

namespace App\Making;

use App\Files\CannotKeep;
use App\Files\Disk;
use App\Models\MadeFile;
use Planisher\Imaging\Files\CannotWrite;
use Planisher\Imaging\Files\NoRoom;
use Planisher\State\FileState;

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
    public static function take(MadeFile $file, Disk $disk): ?MadeFile
    {
        // A reprint is the same to the last byte, whatever it is called.
        $same = $file->sha256 === null ? ['ticket_hash' => $file->ticket_hash] : ['sha256' => $file->sha256];
        $earlier = MadeFile::query()
            ->with('make')
            ->where([...$same, 'is_for_screen' => $file->is_for_screen, 'state' => FileState::Made])
            ->whereKeyNot($file->id)
            ->get()
            ->sortByDesc('id');
        foreach ($file->ticket_hash === null ? [] : $earlier as $one) {
            if ($disk->isWhole($one->key(), (string) $one->sha256)) {
                self::repeat($disk, $one, $file->key());

                return $one;
            }
        }

        return null;
    }

    private static function repeat(Disk $disk, MadeFile $earlier, string $key): void
    {
        try {
            $disk->repeat($earlier->key(), $key, (string) $earlier->sha256);
        } catch (CannotKeep $e) {
            $why = "It was made before, and couldn’t be copied: {$e->getMessage()}";
            // Where nothing is in the way, there is no room: that is waited for.
            throw $disk->has($key) ? CannotMake::notKept($why, $e) : new NoRoom($why, 0, $e);
        }
    }
}
