<?php

declare(strict_types=1);

namespace App\Backup;

use App\Files\Disk;
use App\Files\WholeCopy;
use App\Housekeeping\Keeping;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Planisher\Imaging\Files\Checksum;
use Symfony\Component\Process\Process;

/**
 * Copies an instance while it is used. The database first, as it is in one moment; then the files: what the database names is there by
 * then, since a file is kept before it is told of. Only files that no earlier copy has are written, and each is read back.
 */
final class Backup
{
    public function __construct(private readonly Disk $disk) {}

    /**
     * @return array{name: string, files: int, bytes: int, written: int} written: files that no earlier copy had
     *
     * @throws CopyRefused
     */
    public function to(string $home): array
    {
        $lock = is_dir($home) ? @fopen("{$home}/.lock", 'c') : false;
        if ($lock === false) {
            throw CopyRefused::notWritable($home);
        }
        if (! flock($lock, LOCK_EX | LOCK_NB)) {
            throw CopyRefused::alreadyBeingMade($home);
        }
        CopyFolder::sweep($home);
        $before = CopyFolder::last($home);
        $copy = CopyFolder::next($home);
        @mkdir($copy->path(), 0700, true) || throw CopyRefused::full($home);
        try {
            $database = self::database($copy);
            $done = $this->files($copy, $before);
            $about = [
                'madeAt' => gmdate(DATE_ATOM),
                'migration' => (string) DB::table('migrations')->orderByDesc('id')->value('migration'),
                'sha256' => $database,
                'files' => $done['files'],
                'bytes' => $done['bytes'],
                'list' => Checksum::of($copy->path(CopyFolder::FILES)),
            ];
            self::write($copy->path(CopyFolder::SETTINGS), 'APP_KEY='.config('app.key')."\n"); // what is locked by it opens with no other
            self::write($copy->path(CopyFolder::ABOUT), json_encode($about, JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR));
        } catch (\Throwable $e) {
            (new Filesystem())->deleteDirectory($copy->path()); // files under their sums stay: the next copy has need of them
            throw $e;
        }
        @file_put_contents(self::told(), json_encode(['to' => $home, 'name' => $copy->name, 'at' => $about['madeAt']]));

        return ['name' => $copy->name] + $done;
    }

    /** @return ?array{to: string, name: string, at: string} the last copy that was made from this machine */
    public static function last(): ?array
    {
        $last = json_decode((string) @file_get_contents(self::told()), true);

        return is_array($last) && isset($last['to'], $last['name'], $last['at']) ? $last : null;
    }

    private static function told(): string
    {
        return storage_path('app/last-backup.json');
    }

    /** @return string the sum of what was written */
    private static function database(CopyFolder $copy): string
    {
        $path = $copy->path(CopyFolder::DATABASE);
        $dump = ['mariadb-dump', '--no-defaults', '--single-transaction', '--quick', '--hex-blob', '--skip-comments'];
        $process = DatabaseProgram::run('"$@" | gzip >"$file"', $path, $dump);
        if (! $process->isSuccessful() || (new Process(['gzip', '-t', $path]))->run() !== 0) {
            $said = trim(strtok($process->getErrorOutput(), "\n") ?: '');
            throw CopyRefused::databaseNotCopied($said);
        }

        return Checksum::of($path);
    }

    /** @return array{files: int, bytes: int, written: int} */
    private function files(CopyFolder $copy, ?CopyFolder $before): array
    {
        $known = $before === null ? [] : iterator_to_array($before->files());
        $done = ['files' => 0, 'bytes' => 0, 'written' => 0];
        $list = fopen($copy->path(CopyFolder::FILES), 'w') ?: throw CopyRefused::listNotWritten();
        foreach (Keeping::kept() as $folder) {
            foreach ($this->disk->all($folder) as $key => $stamp) {
                if (str_ends_with($key, '.part')) {
                    continue; // being made at this moment
                }
                $was = $known[$key] ?? null;
                $isSame = $was !== null && $was['bytes'] === $stamp->bytes && $was['changedAt'] === $stamp->changedAt;
                $sha256 = $isSame ? $was['sha256'] : $this->sum($key);
                if ($sha256 === null) {
                    continue; // it was removed meanwhile
                }
                $to = $copy->sum($sha256);
                if (! is_file($to)) {
                    is_dir(dirname($to)) || @mkdir(dirname($to), 0700, true);
                    if (! $this->disk->hand($key, $to, $sha256)) {
                        $this->disk->has($key) && throw CopyRefused::fileNotCopied($key);

                        continue; // it was removed meanwhile
                    }
                    chmod($to, 0400);
                    $done['written']++;
                }
                $done['files']++;
                $done['bytes'] += $stamp->bytes;
                fwrite($list, "{$key}\t{$sha256}\t{$stamp->bytes}\t{$stamp->changedAt}\n") !== false || throw CopyRefused::listNotWritten();
            }
        }
        fclose($list) || throw CopyRefused::listNotWritten();

        return $done;
    }

    /** What a store says of a file without reading it, or what reading it tells; null where it isn't kept any more. */
    private function sum(string $key): ?string
    {
        $known = $this->disk->stamp($key)?->sha256;
        $path = $known === null ? $this->disk->path($key) : '';

        return $known ?? (is_file($path) ? Checksum::of($path) : null);
    }

    private static function write(string $path, string $content): void
    {
        WholeCopy::text($content, $path) || throw CopyRefused::notFinished();
    }
}
