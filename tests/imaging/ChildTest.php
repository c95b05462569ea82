<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Imaging\Child\Child;
use Planisher\Imaging\Child\Limits;
use Planisher\Imaging\Child\Program;
use Planisher\Imaging\Child\Stopped;
use Planisher\Imaging\ReadingTask;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Imaging\Vips\Subsampling;
use Planisher\Picture\PictureRefused;

/** What runs apart is ended at its limits, whole, and says in words which it was. */
final class ChildTest extends TestCase
{
    use Pictures;

    private const SMALL = [1, 3, 200_000_000, 1_000_000];

    /** On a busy machine a second of processor time can take many of the clock. */
    private const PATIENT = [1, 90, 200_000_000, 1_000_000];

    /**
     * @param  non-empty-list<string>  $command
     * @param  array{int, int, int, int}  $limits
     */
    #[DataProvider('spenders')]
    public function test_is_stopped_at_its_limits(array $command, string $says, array $limits = self::PATIENT): void
    {
        $this->expectException(Stopped::class);
        $this->expectExceptionMessageMatches("/{$says}/u");
        Program::start($command, new Limits(...$limits))->end();
    }

    /** @return iterable<string, array{0: non-empty-list<string>, 1: string, 2?: array{int, int, int, int}}> */
    public static function spenders(): iterable
    {
        yield 'processor time' => [['php', '-n', '-r', 'while (true) {}'], 'longer than 1.s to read'];
        yield 'the clock' => [['sleep', '60'], 'the machine had too much else to do: it wasn’t read within 3.s', self::SMALL];
        yield 'memory' => [
            ['php', '-n', '-d', 'memory_limit=-1', '-r', '$x = str_repeat("x", 300000000); echo strlen($x);'],
            'more than 200.MB of memory',
        ];
        yield 'what it writes' => [['sh', '-c', 'exec dd if=/dev/zero of=$(mktemp) bs=1M count=5'], 'larger than 1.MB'];
        yield 'what isn’t there' => [['no-such-program'], 'no-such-program isn’t installed'];
    }

    public function test_all_that_it_has_started_ends_with_it(): void
    {
        try {
            Program::start(['sh', '-c', 'sleep 61 & sleep 62; true'], new Limits(1, 1, 200_000_000, 1_000_000))->end();
            self::fail('it was not stopped');
        } catch (Stopped) {
            $left = fn (): string => trim((string) shell_exec('pgrep -f "^sleep 6[12]$"'));
            for ($until = microtime(true) + 10; $left() !== '' && microtime(true) < $until; usleep(20_000));
            self::assertSame('', $left(), 'neither of them is left');
        }
    }

    /** More complaints than a pipe holds, before a word is said. */
    public function test_complaints_don_t_hold_it_up(): void
    {
        $program = Program::start(['sh', '-c', 'for i in $(seq 20000); do echo "something is odd" >&2; done; echo done'], Limits::asked());
        self::assertSame("done\n", $program->line());
        self::assertSame(0, $program->end()[0]);
        self::assertSame(20_000, substr_count($program->complained(), 'odd'));
    }

    public function test_its_environment_is_a_list(): void
    {
        putenv('PLANISHER_CANARY=sings');
        $said = Program::start(['env'], Limits::asked(), environment: ['A' => 'b'])->end()[1];
        self::assertStringContainsString("A=b\n", $said);
        self::assertStringNotContainsString('CANARY', $said);
    }

    public function test_a_task_answers_refuses_or_says_that_it_came_down(): void
    {
        $path = $this->picture('a.jpg', 60, 40);
        self::assertSame(
            60,
            Child::run(ReadingTask::Facts, ['path' => $path, 'name' => 'a.jpg', 'whole' => false], Limits::asked())['width'],
        );
        file_put_contents($none = "{$this->folder}/none.jpg", 'text');
        try {
            Child::run(ReadingTask::Facts, ['path' => $none, 'name' => 'none.jpg', 'whole' => false], Limits::asked());
            self::fail('it was taken');
        } catch (PictureRefused $e) {
            self::assertStringContainsString('not a picture', $e->getMessage());
        }
        $this->expectException(Stopped::class);
        Child::run(ReadingTask::Facts, ['path' => $path], Limits::asked()); // it lacks what it needs
    }

    /** A sound picture that takes longer than is allowed here, and one that takes more memory. */
    public function test_a_picture_that_costs_too_much_is_stopped(): void
    {
        // Far beyond a second's work, on a fast machine, too: 72 megapixels of coarse noise in several passes.
        $path = "{$this->folder}/a.jpg";
        Image::fromPixels(random_bytes(300 * 300 * 3), 300, 300, 3)
            ->as(Interpretation::Srgb)
            ->run('resize', [8500 / 300])
            ->save('jpegsave', $path, ['Q' => 85, 'interlace' => true, 'subsample_mode' => Subsampling::Always]);
        $given = [
            'path' => $path,
            'name' => 'a.jpg',
            'sha256' => str_repeat('0', 64),
            'proxies' => ['screen' => ['side' => 2048, 'path' => "{$this->folder}/p.jpg"]],
        ];
        foreach (
            [
                'longer than 1' => new Limits(1, 90, 800_000_000, 1_000_000_000),
                'memory to read' => new Limits(10, 20, 140_000_000, 1_000_000_000),
            ] as $says => $limits
        ) {
            try {
                Child::run(ReadingTask::Take, $given, $limits);
                self::fail("it was taken: {$says}");
            } catch (Stopped|PictureRefused $e) {
                self::assertStringContainsString($says, $e->getMessage());
            }
        }
        self::assertGreaterThan(0, Child::run(ReadingTask::Take, $given, Limits::asked())['width'], 'within its own limits it is taken');
    }
}
