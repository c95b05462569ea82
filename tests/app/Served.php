<?php

declare(strict_types=1);

namespace Tests\app;

use Symfony\Component\Process\Process;

/** A program that answers on a port of its own. It can lose power, with all that it has started, and is started again. */
final class Served
{
    private ?Process $process = null;

    /**
     * @param  callable(int): list<string>  $command  for a port
     * @param  array<string, string>  $env
     */
    public function __construct(public readonly int $port, private $command, private readonly array $env = []) {}

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('No port is free.');
        $port = (int) substr(strrchr((string) stream_socket_get_name($socket, false), ':') ?: '', 1);
        fclose($socket);

        return $port;
    }

    /** @param  array<string, string>  $env  besides */
    public function start(array $env = []): void
    {
        // Its own session: power is lost by all of it and by nothing else.
        $this->process = new Process(['setsid', ...($this->command)($this->port)], env: $env + $this->env, timeout: null);
        $this->process->start();
        for ($n = 0; $n < 400 && ! $this->isUp(); $n++) {
            usleep(25_000);
        }
    }

    public function isUp(): bool
    {
        return @fsockopen('127.0.0.1', $this->port) !== false;
    }

    /** Sends all of it a signal: SIGSTOP freezes it, SIGCONT has it go on. */
    public function signal(int $signal): void
    {
        posix_kill(-(int) $this->process?->getPid(), $signal);
    }

    public function losePower(): void
    {
        if ($this->process?->isRunning() === true) {
            posix_kill(-(int) $this->process->getPid(), SIGKILL);
            $this->process->stop(0);
        }
    }
}
