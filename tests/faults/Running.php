<?php

declare(strict_types=1);

namespace Tests\faults;

use PHPUnit\Framework\Assert;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Symfony\Component\Process\Process;
use Tests\Answer;
use Tests\Person;

/**
 * A studio of the tests' own, started by `bin/planisher start --own` as anybody would start it, with an order of sixty passed lines; and
 * what a machine can do to it.
 */
final class Running
{
    public const LINES = 60;

    private const PASSWORD = 'sixty lines and a fault';

    private const PATIENCE = 20;

    private ?Process $start = null;

    private Person $person;

    public int $order = 0;

    /**
     * @param  array<string, string>  $env  of the command, besides
     * @param  ?string  $settings  a file of them, for a studio on several machines
     */
    public function __construct(
        public readonly string $name,
        private readonly int $port,
        private readonly array $env = [],
        private readonly ?string $settings = null,
    ) {}

    public static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    /** @return array<string, false> what the tests set for themselves, which no instance is to have */
    public static function clean(): array
    {
        return array_fill_keys(['APP_ENV', 'SESSION_DRIVER', 'CACHE_STORE', 'QUEUE_CONNECTION', 'MAIL_MAILER', 'BCRYPT_ROUNDS'], false);
    }

    public function home(string $below = ''): string
    {
        return self::root()."/var/{$this->name}".($below === '' ? '' : "/{$below}");
    }

    /** Begins to start it. */
    public function begun(): Process
    {
        $start = $this->start = $this->process('setsid', self::root().'/bin/planisher', 'start', ...$this->which());
        $start->start();
        register_shutdown_function(fn () => $start->isRunning() && $this->interrupt()); // however the tests end

        return $start;
    }

    public function start(): void
    {
        $start = $this->begun();
        for ($until = microtime(true) + 120; ! str_contains($this->said(), 'is ready'); usleep(100_000)) {
            if (! $start->isRunning() || microtime(true) > $until) {
                throw new \RuntimeException("It didn’t start: {$this->said()}{$start->getErrorOutput()}");
            }
        }
    }

    /** A command of bin/planisher, not yet begun. */
    public function beginning(string $command, string ...$given): Process
    {
        return $this->process(self::root().'/bin/planisher', $command, ...$this->which(), ...$given);
    }

    private function process(string ...$command): Process
    {
        $env = [
            'PLANISHER_OWN' => $this->name,
            'PLANISHER_PORT' => (string) $this->port,
            'PLANISHER_DB_PORT' => (string) ($this->port + 1),
            ...self::clean(),
            ...$this->env,
        ];

        return new Process(array_values($command), env: $env, timeout: null);
    }

    /** @return list<string> */
    private function which(): array
    {
        return $this->settings === null ? ['--own'] : ['--on', $this->settings];
    }

    /**
     * Another command of bin/planisher.
     *
     * @return array{int, string} how it ended, and what it said
     */
    public function run(string $command, string ...$given): array
    {
        $process = $this->beginning($command, ...$given);
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput().$process->getErrorOutput()];
    }

    /**
     * @param  callable(): bool  $is
     * @param  callable(): mixed  $tell  what there is to say of it where it doesn't come to that
     */
    public static function until(callable $is, float $seconds, callable $tell): void
    {
        for ($end = microtime(true) + $seconds; ! $is(); usleep(50_000)) {
            if (microtime(true) > $end) {
                Assert::fail(
                    "It didn’t come to that in {$seconds} s.\n".json_encode($tell(), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE),
                );
            }
        }
    }

    /** What `bin/planisher start` has said. */
    public function said(): string
    {
        return (string) $this->start?->getOutput();
    }

    /** Ctrl-C. */
    public function interrupt(): void
    {
        $this->start?->isRunning() === true && $this->start->signal(SIGINT);
        $this->isGone();
    }

    /** Power is lost: all of it is gone at once. */
    public function losePower(): void
    {
        self::kill(...$this->all());
        self::killAll($this); // and what they had just begun
        $this->isGone();
    }

    private function isGone(): void
    {
        while ($this->start?->isRunning() === true) {
            usleep(20_000);
        }
    }

    public function remove(): void
    {
        $this->interrupt();
        (new Process(['rm', '-rf', $this->home()]))->mustRun();
        @unlink($this->home().'.lock');
        @unlink($this->home().'.restoring');
    }

    /** @return list<int> every process of it */
    public function all(): array
    {
        return [
            (int) $this->start?->getPid(),
            ...$this->workers(),
            ...self::group($this->pid('run/nginx.pid')),
            ...self::group($this->pid('run/php-fpm.pid')),
            $this->pid('db/db.pid'),
            ...array_merge(
                ...array_map(fn (string $of): array => self::group((int) file_get_contents($of)), $this->found('run/worker-*.pid')),
            ),
        ];
    }

    /** @return list<int> the processes that make files, without the loops that start them */
    public function workers(): array
    {
        return array_map(fn (string $of): int => (int) file_get_contents($of), $this->found('run/worker-[0-9]*.pid.child'));
    }

    public function pid(string $file): int
    {
        return (int) @file_get_contents($this->home($file));
    }

    /** @return list<int> of a session, its leader first */
    public static function group(int $leader): array
    {
        if ($leader < 2) {
            return []; // nobody's, and 0 would be our own
        }
        $listing = new Process(['pgrep', '-g', (string) $leader]);
        $listing->run();

        return array_map(intval(...), array_values(array_filter(explode("\n", $listing->getOutput()))));
    }

    /** Ends all of it at once, as a loss of power would, and is back when none of it is left: also what was just being started. */
    public static function killAll(self $studio): void
    {
        for ($until = microtime(true) + 20; ($left = self::everyProcess($studio)) !== []; usleep(2_000)) {
            microtime(true) < $until || throw new \RuntimeException('These are not ended by SIGKILL: '.implode(', ', $left));
            self::kill(...$left);
        }
    }

    /** @return list<int> by what they are started with: not by files that tell their numbers */
    private static function everyProcess(self $studio): array
    {
        $pids = [];
        foreach (glob('/proc/[0-9]*') ?: [] as $proc) {
            $environment = (string) @file_get_contents("{$proc}/environ");
            $command = (string) @file_get_contents("{$proc}/cmdline");
            if (
                str_contains($environment, "PLANISHER_OWN={$studio->name}\0") ||
                str_contains($environment, "PLANISHER_INSTANCE={$studio->name}\0") ||
                str_contains($command, $studio->home())
            ) {
                (int) basename($proc) === getmypid() || ($pids[] = (int) basename($proc));
            }
        }

        return $pids;
    }

    public static function kill(int ...$pids): void
    {
        foreach ($pids as $pid) {
            $pid > 1 && posix_kill($pid, SIGKILL);
        }
    }

    public function ask(string $method, string $path, mixed $body = null): Answer
    {
        return $this->person->ask($method, $path, $body);
    }

    /** The same until it is answered: what a page does by itself. */
    public function surely(string $method, string $path, mixed $body = null): Answer
    {
        for ($until = microtime(true) + 60; ; usleep(200_000)) {
            $answer = $this->ask($method, $path, $body);
            if (($answer->status > 0 && $answer->status < 500) || microtime(true) > $until) {
                return $answer;
            }
        }
    }

    /**
     * A studio, a lab, an order of sixty passed lines of three pictures.
     *
     * @param  array<string, mixed>  $lab  of its card
     */
    public function open(array $lab = [], int $lines = self::LINES): void
    {
        $this->person = new Person("http://127.0.0.1:{$this->port}", self::PATIENCE);
        $this->need(
            $this->ask('POST', '/api/first', [
                'studio' => 'Halloway',
                'name' => 'Wren Halloway',
                'email' => 'wren@halloway.example',
                'password' => self::PASSWORD,
                'unit' => 'in',
            ]),
        );
        $card = [
            'name' => 'Larkmoor',
            'sizes' => ['4 x 6 in'],
            'ppi' => 110,
            'minimumPpi' => 30,
            'formats' => ['jpeg'],
            'nameLength' => 80,
        ];
        $card = $lab + $card;
        file_put_contents($this->home('run/card.json'), (string) json_encode(['planisher' => 1, 'lab' => $card]));
        $this->need($this->ask('POST', '/api/labs/import', ['file' => $this->home('run/card.json'), 'field' => 'card']));
        $this->order = (int) $this->need($this->ask('POST', '/api/orders', ['client' => 'Isholm Rowing Club', 'lab' => 'Larkmoor']))->json(
            'id',
        );
        foreach (['dawn', 'noon', 'dusk'] as $n => $name) {
            $this->need($this->upload(self::picture($this->home("run/{$name}.jpg"), $n)));
        }
        for ($n = 0; $n < $lines; $n++) {
            $this->need(
                $this->ask('POST', "/api/orders/{$this->order}/lines", [
                    'size' => '4 x 6 in',
                    'copies' => 1,
                    'picture' => ['dawn', 'noon', 'dusk'][$n % 3].'.jpg',
                ]),
            );
        }
        $lines === 0 || $this->need($this->ask('POST', "/api/orders/{$this->order}/pass", ['lines' => $this->lines('id', 'version')]));
    }

    public function upload(string $path): Answer
    {
        return $this->ask('POST', "/api/orders/{$this->order}/pictures", ['file' => $path, 'name' => basename($path)]);
    }

    /** @return list<array<string, mixed>> of the order's lines, what is named */
    public function lines(string ...$names): array
    {
        $lines = (array) $this->surely('GET', "/api/orders/{$this->order}")->json('lines');

        return array_values(array_map(fn (array $line): array => array_intersect_key($line, array_flip($names)), $lines));
    }

    /** Has all sixty made anew: what was made before is gone from the disk. */
    public function make(): int
    {
        (new Process(['sh', '-c', 'rm -rf "$1"/*', '_', $this->home('storage/app/orders')]))->mustRun();
        $ids = array_column($this->lines('id'), 'id');

        return (int) $this->need($this->surely('POST', "/api/orders/{$this->order}/make", ['lines' => $ids]))->json('id');
    }

    /** @return array<string, int> how many files of a set are in each state, by the database */
    public function states(int $make): array
    {
        $states = [];
        foreach ($this->asked("select state, count(*) from made_files where make_id = {$make} group by state") as [$state, $count]) {
            $states[(string) $state] = (int) $count;
        }

        return $states;
    }

    public function made(int $make): int
    {
        return $this->states($make)['made'] ?? 0;
    }

    /** @return array<string, string> the sum of each file of a set by its name, as the database has them */
    public function sums(int $make): array
    {
        return array_column($this->asked("select name, sha256 from made_files where make_id = {$make} order by binary name"), 1, 0);
    }

    /**
     * All of a set is made, and nothing of it is held or queued any more.
     *
     * @param  float  $seconds  how long that may take
     */
    public function assertAllIsMade(int $make, float $seconds = 180.0): void
    {
        $left = "select name, state, held_by, error from made_files where make_id = {$make} and state <> 'made'";
        self::until(fn (): bool => array_keys($this->states($make)) === ['made'], $seconds, fn (): array => $this->asked($left));
        Assert::assertSame(['made' => self::LINES], $this->states($make));
        Assert::assertSame([[self::LINES]], $this->asked("select count(*) from `lines` where state = 'made'"));
        Assert::assertSame([[0]], $this->asked('select count(*) from made_files where held_by is not null'));
        $queued = "select count(*) from jobs where queue = 'default'";
        self::until(fn (): bool => $this->asked($queued) === [[0]], $seconds, fn (): string => 'jobs are left');
    }

    /**
     * What a query finds; waits while the database is away.
     *
     * @return list<list<mixed>>
     */
    public function asked(string $query): array
    {
        for ($until = microtime(true) + 60; ; usleep(100_000)) {
            try {
                $found = $this->database()->query($query);

                return $found === false ? [] : array_values($found->fetchAll(\PDO::FETCH_NUM));
            } catch (\PDOException $e) {
                microtime(true) < $until || throw $e;
            }
        }
    }

    /** Has a stored database in place of its own. */
    public function load(string $dump): void
    {
        $database = $this->database();
        $tables = array_column($this->asked('show tables'), 0);
        $database->exec(
            'set foreign_key_checks = 0; '.implode('', array_map(fn (string $table): string => "drop table `{$table}`;", $tables)),
        );
        $database = $this->database();
        $all = $database->query((string) gzdecode((string) file_get_contents($dump)));
        while ($all !== false && $all->nextRowset()); // each statement says how it went
    }

    private function database(): \PDO
    {
        $read = fn (?string $file): array => $file === null ? [] : (parse_ini_file($file, false, INI_SCANNER_RAW) ?: []);
        $env = $read($this->settings) + $read($this->home('env'));
        $to = 'mysql:host=127.0.0.1;port='.($this->port + 1).";dbname={$env['DB_DATABASE']}";

        return new \PDO($to, $env['DB_USERNAME'], $env['DB_PASSWORD']);
    }

    /** A picture of 800 × 550 pixels in which no two places are alike. */
    public static function picture(string $path, int $n): string
    {
        $noise = Image::fromPixels(random_bytes(400 * 275 * 3), 400, 275, 3)->as(Interpretation::Srgb);
        $noise->run('resize', [2.0])->save('jpegsave', $path, ['Q' => 80 + $n]);

        return $path;
    }

    private function need(Answer $answer): Answer
    {
        ($answer->status >= 200 && $answer->status < 300) || throw new \RuntimeException("{$answer->status}: {$answer->body}");

        return $answer;
    }

    /** @return list<string> */
    private function found(string $pattern): array
    {
        return glob($this->home($pattern)) ?: [];
    }
}
