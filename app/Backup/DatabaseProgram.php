<?php

declare(strict_types=1);

namespace App\Backup;

use Symfony\Component\Process\Process;

/** A program of MariaDB's on the instance's own database, piped to or from a packed file. Its password is in no list of processes. */
final class DatabaseProgram
{
    /**
     * @param  string  $pipe  for bash, in which "$@" is the program and $file the file
     * @param  list<string>  $program  with its own arguments
     */
    public static function run(string $pipe, string $file, array $program): Process
    {
        $of = (array) config('database.connections.'.config('database.default'));
        $to = ['--host', $of['host'], '--port', (string) $of['port'], '--user', $of['username'], $of['database']];
        $process = new Process(
            ['bash', '-c', "set -o pipefail; file=\$1; shift; {$pipe}", '_', $file, ...$program, ...$to],
            env: ['MYSQL_PWD' => (string) $of['password']],
            timeout: null,
        );
        $process->run();

        return $process;
    }
}
