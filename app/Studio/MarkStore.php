<?php

declare(strict_types=1);

namespace App\Studio;

use App\Errors\NotPossible;
use App\Files\Disk;
use App\Files\KeptOnce;
use App\Models\StudioMark;
use Planisher\Imaging\Files\Checksum;
use Planisher\Imaging\IntakeReader;
use Planisher\Imaging\Sources\Sources;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureRefused;
use Planisher\Plan\PlannedFile;

/** The studio's marks, kept once each under their own checksum and never written again. */
final class MarkStore
{
    public function __construct(private readonly Disk $disk) {}

    /**
     * Takes a mark; one of the same name is replaced, and stays what it was where files were made with it.
     *
     * @throws PictureRefused with the reason
     */
    public function take(string $upload, string $name): StudioMark
    {
        $facts = IntakeReader::mark($upload, $name);
        KeptOnce::keep($this->disk, $upload, self::key($facts->sha256));

        return StudioMark::query()->updateOrCreate(['name' => $name], ['sha256' => $facts->sha256, 'facts' => $facts->toArray()]);
    }

    /**
     * What is known of marks.
     *
     * @param  list<string>  $names
     * @return array<string, PictureFacts|string> by name, those that there are; a text says why one can't be used
     */
    public function known(array $names): array
    {
        if ($names === []) {
            return [];
        }
        $known = [];
        /** @var \Illuminate\Database\Eloquent\Collection<int, StudioMark> $marks */
        $marks = StudioMark::query()->whereIn('name', $names)->get();
        foreach ($marks as $mark) {
            $known[$mark->name] = $this->disk->has(self::key($mark->sha256))
                ? $mark->pictureFacts()
                : 'it isn’t where it was kept. Add it to the studio’s marks again.';
        }

        return $known;
    }

    /**
     * Ends the request where one isn't kept any more.
     *
     * @param  list<string>  $names
     */
    public static function need(array $names): void
    {
        $gone = array_values(array_diff($names, StudioMark::query()->whereIn('name', $names)->pluck('name')->all()))[0] ?? null;
        $gone === null || throw new NotPossible("The studio keeps no mark “{$gone}” any more. Choose another.");
    }

    public function path(string $sha256): string
    {
        return $this->disk->path(self::key($sha256));
    }

    /** @return array<string, string> where a file's marks lie, by checksum */
    public function pathsOf(PlannedFile $file): array
    {
        $paths = [];
        foreach (Sources::marksIn($file) as $mark) {
            $paths[$mark->sha256] = $this->path($mark->sha256);
        }

        return $paths;
    }

    /** Whether a mark is still what it was when it was taken; for making, where nothing may be assumed. */
    public function isSound(PictureFacts $mark): bool
    {
        $path = $this->path($mark->sha256);
        clearstatcache(true, $path);

        return is_file($path) && Checksum::of($path) === $mark->sha256;
    }

    public static function key(string $sha256): string
    {
        return "marks/{$sha256}.png";
    }
}
