<?php

declare(strict_types=1);

namespace Planisher\Imaging\Child;

/**
 * A program run beside this one within limits, and ended with all that it has started when it passes one of them. The
 * limits are the kernel's own (prlimit, setrlimit(2)); the clock is kept by coreutils' timeout, which ends the whole group.
 */
final class Program
{
    private const MOST_SAID = 4_000_000;

    private const NOT_FOUND = 127;

    /** setrlimit(2), signal(7) */
    private const SIGABRT = 6;

    private const SIGKILL = 9;

    private const SIGXCPU = 24;

    private const SIGXFSZ = 25;

    private string $complained = '';

    private bool $isClosed = false;

    /**
     * @param  resource  $process
     * @param  array<int, resource>  $pipes
     */
    private function __construct(
        private $process,
        private readonly array $pipes,
        private readonly Limits $limits,
        private readonly string $name,
    ) {}

    /**
     * @param  non-empty-list<string>  $command
     * @param  array<string, string>  $environment  all that it is told
     *
     * @throws Stopped when it can't be started
     */
    public static function start(array $command, Limits $limits, string $input = '', array $environment = []): self
    {
        $limited = [
            'prlimit',
            "--data={$limits->bytes}",
            // At the second figure it would be killed, as it is by the clock.
            "--cpu={$limits->processorSeconds}:".$limits->processorSeconds + 1,
            "--fsize={$limits->fileBytes}",
            '--core=0',
            '--nofile=256',
            '--',
            'timeout',
            '--signal=KILL',
            (string) $limits->seconds,
            ...$command,
        ];
        $held = ['PATH' => '/usr/local/bin:/usr/bin:/bin', 'LANG' => 'C.UTF-8', 'TMPDIR' => sys_get_temp_dir(), 'MALLOC_ARENA_MAX' => '2'];
        // What it complains of goes into a file: a pipe that nobody reads meanwhile would hold it up.
        $pipes = [];
        $complaints = tmpfile();
        $process =
            $complaints === false
                ? false
                : @proc_open($limited, [['pipe', 'r'], ['pipe', 'w'], $complaints], $pipes, null, $environment + $held);
        if ($process === false) {
            throw Stopped::missing('prlimit');
        }
        @fwrite($pipes[0], $input);
        fclose($pipes[0]);

        return new self($process, [1 => $pipes[1], 2 => $complaints], $limits, $command[0]);
    }

    /** The next line it says, or all that is left of what it says when it ends; null at its end. */
    public function line(): ?string
    {
        $line = fgets($this->pipes[1], self::MOST_SAID);

        return $line === false ? null : $line;
    }

    /**
     * Waits for its end.
     *
     * @return array{int, string} its exit code, and what it still had to say
     *
     * @throws Stopped
     */
    public function end(): array
    {
        $said = (string) stream_get_contents($this->pipes[1], self::MOST_SAID);
        for ($status = proc_get_status($this->process); $status['running']; $status = proc_get_status($this->process)) {
            usleep(500);
        }
        rewind($this->pipes[2]);
        $this->complained = (string) stream_get_contents($this->pipes[2], self::MOST_SAID);
        $this->close();
        $signal = $status['signaled'] ? $status['termsig'] : max(0, $status['exitcode'] - 128);

        return match (true) {
            $status['exitcode'] === self::NOT_FOUND => throw Stopped::missing($this->name),
            $signal === self::SIGXCPU => throw Stopped::byTime($this->limits),
            $signal === self::SIGKILL => throw Stopped::byClock($this->limits),
            $signal === self::SIGXFSZ => throw Stopped::bySize($this->limits),
            $this->lacksMemory($signal) => throw Stopped::byMemory($this->limits),
            $signal > 0 => throw Stopped::byItself("{$this->name} ended by signal {$signal}: ".substr($this->complained, 0, 1000)),
            default => [$status['exitcode'], $said],
        };
    }

    /** What it has written to its error output, known at its end. */
    public function complained(): string
    {
        return $this->complained;
    }

    private function lacksMemory(int $signal): bool
    {
        return preg_match(
            '/out of memory|failed to allocate|cannot allocate|allowed memory size|std::bad_alloc|memory exhausted/i',
            $this->complained,
        ) === 1 ||
            ($signal === self::SIGABRT && str_contains($this->complained, 'alloc'));
    }

    private function close(): void
    {
        array_map(fn (mixed $pipe): bool => is_resource($pipe) && fclose($pipe), $this->pipes);
        proc_close($this->process);
        $this->isClosed = true;
    }

    public function __destruct()
    {
        if (! $this->isClosed) {
            proc_terminate($this->process, self::SIGKILL);
            $this->close();
        }
    }
}
