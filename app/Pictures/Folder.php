<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Files\RegularFile;
use App\Files\ServerFolder;
use App\Files\WholeCopy;
use App\Models\Studio;
use Planisher\Imaging\IntakeReader;
use Planisher\Imaging\PictureReader;
use Planisher\Picture\PictureRefused;
use Planisher\Picture\UnfitFile;

/** The studio's pictures folder on the server, as it is: looked at and copied from, never written to. */
final class Folder
{
    public const A_PAGE = 120;

    private const ENDINGS = ['jpg', 'jpeg', 'tif', 'tiff', 'png', 'webp', 'heic', 'heif'];

    /** A file that changed within so long may still be being written. */
    private const SETTLES_SECONDS = 2;

    private const THUMB_SIDE = 256;

    private function __construct(private readonly string $root) {}

    /** @throws FolderAway in words */
    public static function ofTheStudio(): self
    {
        $folder = Studio::current()->pictures_folder ?? throw FolderAway::notChosen();
        $trouble = self::trouble($folder);

        return $trouble === null ? new self((string) realpath($folder)) : throw FolderAway::because($trouble);
    }

    /** Why a folder can't be it, in words; null where it can. */
    public static function trouble(string $folder): ?string
    {
        return ServerFolder::trouble($folder, '/srv/pictures') ??
            (is_readable($folder) ? null : "“{$folder}” can’t be read. Let the user that Planisher runs as read it.");
    }

    /**
     * A page of a folder below it, folders first.
     *
     * @param  string  $below  empty for the folder itself
     * @param  string  $sort  name, or newest
     * @return FolderPageShape
     */
    public function page(string $below, string $sort, int $page): array
    {
        $at = $this->path($below);
        [$folders, $files, $others] = [[], [], 0];
        foreach (scandir($at) ?: throw FolderAway::unreadable($below) as $name) {
            if ($name[0] === '.') {
                continue;
            }
            if (! mb_check_encoding($name, 'UTF-8')) {
                $others++; // it can't be named on a page
            } elseif (! self::isPicture($name)) {
                is_dir("{$at}/{$name}") && $this->has("{$at}/{$name}") ? ($folders[] = $name) : ($others += self::isBeside($name) ? 0 : 1);
            } else {
                $files[$name] = $sort === 'newest' ? (int) @filemtime("{$at}/{$name}") : 0;
            }
        }
        $sort === 'newest' ? arsort($files) : uksort($files, strnatcasecmp(...));
        $names = array_map(strval(...), array_keys($files));
        $pages = max(1, (int) ceil(count($names) / self::A_PAGE));
        $page = max(1, min($page, $pages));

        return [
            'below' => $below,
            'folders' => $folders,
            'files' => array_values(
                array_filter(
                    array_map(
                        fn (string $name): ?array => $this->file($below, $name),
                        array_slice($names, ($page - 1) * self::A_PAGE, self::A_PAGE),
                    ),
                ),
            ),
            'pictures' => count($names),
            'others' => $others,
            'page' => $page,
            'pages' => $pages,
        ];
    }

    /** A small picture of one, made when it is first asked for. */
    public function thumb(string $file): string
    {
        $path = $this->path($file);
        RegularFile::open($path) ?? throw CannotTake::noPlainFile();
        $kept = storage_path('app/previews/folder/'.hash('sha256', self::stamp($path)).'.jpg');
        if (! is_file($kept)) {
            is_dir(dirname($kept)) || @mkdir(dirname($kept), 0770, true);
            $part = $kept.'.'.getmypid().'.jpg';
            IntakeReader::take($path, basename($path), str_repeat('0', 64), ['thumb' => ['side' => self::THUMB_SIDE, 'path' => $part]]);
            rename($part, $kept);
        }

        return $kept;
    }

    /**
     * A copy of one to take in, which nobody writes to any more.
     *
     * @throws PictureRefused while it is still being written
     */
    public function copy(string $file): string
    {
        $path = $this->path($file);
        $before = self::stamp($path);
        $from = RegularFile::open($path) ?? throw CannotTake::unreadable();
        if ((int) filesize($path) > PictureReader::MOST_BYTES) {
            throw UnfitFile::tooLarge((int) filesize($path), PictureReader::MOST_BYTES);
        }
        if (self::isSettling($path)) {
            throw CannotTake::beingWritten();
        }
        $copy = storage_path('app/incoming/'.bin2hex(random_bytes(16)));
        is_dir(dirname($copy)) || @mkdir(dirname($copy), 0770, true);
        if (! WholeCopy::stream($from, $copy, PictureReader::MOST_BYTES)) {
            throw CannotTake::diskFull();
        }
        if (self::stamp($path) !== $before) {
            @unlink($copy);
            throw CannotTake::changedMeanwhile();
        }

        return $copy;
    }

    /** @return ?FolderFileShape null where it went meanwhile */
    private function file(string $below, string $name): ?array
    {
        $path = $this->root.($below === '' ? '' : "/{$below}")."/{$name}";
        $stat = $this->has($path) ? @stat($path) : false;
        if ($stat === false || ! is_file($path)) {
            return null;
        }
        $head = FileHead::of($path);

        return [
            'name' => $name,
            'path' => ($below === '' ? '' : "{$below}/").$name,
            'bytes' => $stat['size'],
            'changedAt' => date(DATE_ATOM, $stat['mtime']),
            'takenAt' => $head->taken(),
            'rating' => $head->rating(),
            'isBeingWritten' => $stat['mtime'] > time() - self::SETTLES_SECONDS,
            'version' => substr(hash('sha256', self::stamp($path)), 0, 12),
        ];
    }

    /** Whether something is below it in truth: links that lead out of it aren't followed. */
    private function has(string $path): bool
    {
        return str_starts_with(realpath($path).'/', "{$this->root}/");
    }

    /** @throws FolderAway for what isn't below it */
    private function path(string $below): string
    {
        $real = str_contains($below, "\0") ? false : realpath($this->root.($below === '' ? '' : "/{$below}"));
        if ($real === false || ! str_starts_with("{$real}/", "{$this->root}/")) {
            throw FolderAway::gone($below);
        }

        return $real;
    }

    private static function isPicture(string $name): bool
    {
        return in_array(strtolower(pathinfo($name, PATHINFO_EXTENSION)), self::ENDINGS, true);
    }

    /** What is said of a picture in a file beside it. */
    private static function isBeside(string $name): bool
    {
        return strtolower(pathinfo($name, PATHINFO_EXTENSION)) === 'xmp';
    }

    private static function isSettling(string $path): bool
    {
        clearstatcache(true, $path);

        return (int) filemtime($path) > time() - self::SETTLES_SECONDS;
    }

    /** What changes when a file does. */
    private static function stamp(string $path): string
    {
        clearstatcache(true, $path);

        return "{$path} ".@filesize($path).' '.@filemtime($path);
    }
}
