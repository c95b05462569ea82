<?php

declare(strict_types=1);

namespace App\Lists;

use Planisher\Imaging\Child\Limits;
use Planisher\Imaging\Child\Program;
use Planisher\Imaging\Child\Stopped;

/** A stranger's file, read by a program of ours in a process of its own, within limits. It answers with JSON: what it says, or why not. */
final class ReadApart
{
    /**
     * @param  string  $program  in bin/
     * @param  non-empty-list<string>  $words  that it is started with, the file's path first
     * @param  string  $name  of the file
     * @param  int  $megabytes  of memory
     * @param  string  $damaged  what to do instead where it is damaged
     * @param  string  $slow  … where it takes too much
     * @return array<string, mixed>
     *
     * @throws ListRefused
     */
    public static function by(string $program, array $words, string $name, int $megabytes, string $damaged, string $slow): array
    {
        $php = PHP_SAPI === 'cli' ? PHP_BINARY : PHP_BINDIR.'/php';
        $command = [$php, '-d', "memory_limit={$megabytes}M", '-d', 'display_errors=stderr', base_path("bin/{$program}"), ...$words];
        try {
            [, $said] = Program::start($command, Limits::asked())->end();
        } catch (Stopped $e) {
            throw ListRefused::notRead($name, $e, $slow);
        }
        $answer = json_decode($said, true);
        if (! is_array($answer)) {
            throw ListRefused::damaged($name, $damaged);
        }

        return isset($answer['refused']) ? throw ListRefused::because($name, $answer['refused']) : $answer;
    }
}
