<?php

declare(strict_types=1);

namespace Planisher\Imaging\Child;

use Planisher\Picture\PictureRefused;

/** A task done in a process of its own: all that decodes or parses a stranger's file, so that it can be ended whole. */
final class Child
{
    /** Only what the task needs of PHP: it starts in a fifth of the time. */
    private const EXTENSIONS = ['ffi', 'mbstring', 'intl', 'dom', 'xmlreader', 'ctype', 'iconv'];

    private const WARNINGS = '/read gave (\d+) warnings/';

    private function __construct(private readonly Program $program, private readonly string $title) {}

    /**
     * @param  array<string, mixed>  $given
     *
     * @throws Stopped
     */
    public static function start(Task $task, array $given, Limits $limits): self
    {
        $php = PHP_SAPI === 'cli' ? PHP_BINARY : PHP_BINDIR.'/php';
        $extensions = array_merge(...array_map(fn (string $one): array => ['-d', "extension={$one}"], self::extensions()));
        $command = [
            $php,
            '-n',
            ...$extensions,
            '-d',
            'ffi.enable=1',
            '-d',
            'memory_limit=400M',
            '-d',
            'display_errors=stderr',
            dirname(__DIR__, 2).'/bin/child.php',
        ];

        return new self(Program::start($command, $limits, serialize([$task, $given]), ['VIPS_CONCURRENCY' => '1']), (string) $task->value);
    }

    /**
     * The extensions that a PHP has to load for this, of those that aren't built in.
     *
     * @return list<string>
     */
    public static function extensions(): array
    {
        return array_values(array_filter(self::EXTENSIONS, extension_loaded(...)));
    }

    /**
     * A task's only answer.
     *
     * @param  array<string, mixed>  $given
     * @return array<string, mixed>
     *
     * @throws PictureRefused|Stopped
     */
    public static function run(Task $task, array $given, Limits $limits): array
    {
        $child = self::start($task, $given, $limits);
        $answer = $child->next();
        $child->end();

        return $answer;
    }

    /**
     * Its next answer, as soon as it is there.
     *
     * @return array<string, mixed>
     *
     * @throws PictureRefused|Stopped
     */
    public function next(): array
    {
        $answer = json_decode((string) $this->program->line(), true);
        if (isset($answer['refused']) && is_string($answer['refused'])) {
            throw PictureRefused::because($answer['refused'], new \RuntimeException((string) ($answer['because'] ?? '')));
        }
        if (! isset($answer['answer']) || ! is_array($answer['answer'])) {
            $this->end();
            throw Stopped::byItself("{$this->title} ended without an answer: ".$this->program->complained());
        }

        return $answer['answer'];
    }

    /**
     * Waits for its end, and tells how many warnings the decoders gave.
     *
     * @throws PictureRefused|Stopped
     */
    public function end(): int
    {
        [$code] = $this->program->end();
        if ($code !== 0) {
            throw Stopped::byItself("{$this->title} ended with {$code}: ".substr($this->program->complained(), 0, 1000));
        }
        preg_match_all(self::WARNINGS, $this->program->complained(), $found);

        return (int) array_sum(array_map(intval(...), $found[1]));
    }
}
