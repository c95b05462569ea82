<?php

declare(strict_types=1);

namespace Tests\faults;

use Symfony\Component\Process\Process;

/** A machine of its own on a network that the tests made: a network namespace on a bridge. What it runs is reached by its address alone. */
final class Host
{
    public const BRIDGE = 'planisher';

    public const DESK = '10.77.31.1';

    private ?Process $process = null;

    private function __construct(public readonly string $name, public readonly string $address) {}

    /** @return ?string why there can be no network here; null where it is there */
    public static function network(): ?string
    {
        self::run('ip', 'link', 'del', self::BRIDGE);
        $says = self::run('ip', 'link', 'add', self::BRIDGE, 'type', 'bridge') ?? self::run('ip', 'netns', 'add', 'planisher-tried');
        self::run('ip', 'netns', 'del', 'planisher-tried');

        return $says ??
            (self::run('ip', 'addr', 'add', self::DESK.'/24', 'dev', self::BRIDGE) ?? self::run('ip', 'link', 'set', self::BRIDGE, 'up'));
    }

    public static function noNetwork(): void
    {
        self::run('ip', 'link', 'del', self::BRIDGE);
    }

    public static function add(string $name, int $number): self
    {
        $host = new self($name, "10.77.31.{$number}");
        $host->remove();
        $here = "pl-{$name}";
        foreach (
            [
                ['ip', 'netns', 'add', $name],
                ['ip', 'link', 'add', $here, 'type', 'veth', 'peer', 'name', 'eth0', 'netns', $name],
                ['ip', 'link', 'set', $here, 'master', self::BRIDGE, 'up'],
                ['ip', '-n', $name, 'addr', 'add', "{$host->address}/24", 'dev', 'eth0'],
                ['ip', '-n', $name, 'link', 'set', 'eth0', 'up'],
                ['ip', '-n', $name, 'link', 'set', 'lo', 'up'],
            ] as $command
        ) {
            $says = self::run(...$command);
            $says === null || throw new \RuntimeException(implode(' ', $command).": {$says}");
        }

        return $host;
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string|false>  $env
     */
    public function starts(array $command, array $env = []): void
    {
        $this->process = new Process(['ip', 'netns', 'exec', $this->name, ...$command], Running::root(), $env, timeout: null);
        $this->process->start();
    }

    public function said(): string
    {
        return $this->process === null ? '' : $this->process->getOutput().$this->process->getErrorOutput();
    }

    /** Every packet from and to it is dropped, without a word. */
    public function isCutOff(): void
    {
        self::run('ip', 'link', 'set', "pl-{$this->name}", 'nomaster');
    }

    public function isBack(): void
    {
        self::run('ip', 'link', 'set', "pl-{$this->name}", 'master', self::BRIDGE);
    }

    /** All that runs on it is gone at once. */
    public function losePower(): void
    {
        $pids = new Process(['ip', 'netns', 'pids', $this->name]);
        $pids->run();
        Running::kill(...array_map(intval(...), array_filter(explode("\n", $pids->getOutput()))));
    }

    public function remove(): void
    {
        $this->losePower();
        self::run('ip', 'netns', 'del', $this->name);
        self::run('ip', 'link', 'del', "pl-{$this->name}");
    }

    /** @return ?string what went wrong */
    private static function run(string ...$command): ?string
    {
        try {
            $process = new Process($command);

            return $process->run() === 0 ? null : trim($process->getErrorOutput());
        } catch (\Throwable $e) {
            return $e->getMessage();
        }
    }
}
