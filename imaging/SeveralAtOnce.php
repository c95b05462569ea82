<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Line\LineSpec;

/**
 * Makes an order's lines by several processes at once, one a core and each of one thread: measured in docs/imaging.md. Each makes
 * lines of one picture, which it decodes once; when it ends, the next begins.
 */
final class SeveralAtOnce
{
    private const POLL_MICROSECONDS = 5000;

    /** @var array<int, array{process: resource, numbers: list<int>, report: string}> those at work */
    private array $working = [];

    /** @var array<int, array<string, mixed>> reports of lines, by number */
    private array $made = [];

    /**
     * @param  \Closure(list<int>, string): list<string>  $command  that makes the lines of these numbers and writes its report there
     * @param  int  $atOnce  how many
     */
    public function __construct(private readonly \Closure $command, private readonly int $atOnce) {}

    /**
     * @param  array<int, LineSpec>  $lines  by number
     * @return list<array<string, mixed>> per line what OrderMaker says of it
     */
    public function run(array $lines): array
    {
        $waiting = $this->shares($lines);
        while ($waiting !== [] || $this->working !== []) {
            while ($waiting !== [] && count($this->working) < $this->atOnce) {
                $this->begin(array_shift($waiting));
            }
            usleep(self::POLL_MICROSECONDS);
            foreach ($this->working as $at => $one) {
                if (! proc_get_status($one['process'])['running']) {
                    unset($this->working[$at]);
                    $this->end($one);
                }
            }
        }
        ksort($this->made);

        return array_values($this->made);
    }

    /**
     * Lines of one picture together, but no share so large that others would have to wait for it.
     *
     * @param  array<int, LineSpec>  $lines
     * @return list<list<int>> numbers of lines
     */
    private function shares(array $lines): array
    {
        $together = [];
        foreach ($lines as $number => $line) {
            $together[$line->pictures()[0] ?? ''][] = $number;
        }
        $most = max(1, intdiv(count($lines), 2 * $this->atOnce));

        return array_merge(...array_map(fn (array $numbers): array => array_chunk($numbers, $most), array_values($together)));
    }

    /** @param  list<int>  $numbers */
    private function begin(array $numbers): void
    {
        $report = (string) tempnam(sys_get_temp_dir(), 'planisher-report-');
        $pipes = [];
        $process = proc_open(
            ($this->command)($numbers, $report),
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], STDERR],
            $pipes,
            null,
            ['VIPS_CONCURRENCY' => '1'] + getenv(),
        );
        if ($process === false) {
            unlink($report);
            throw new \RuntimeException('No process can be started. See how many this user may have.');
        }
        $this->working[] = ['process' => $process, 'numbers' => $numbers, 'report' => $report];
    }

    /** @param  array{process: resource, numbers: list<int>, report: string}  $one */
    private function end(array $one): void
    {
        proc_close($one['process']);
        $report = json_decode((string) file_get_contents($one['report']), true);
        unlink($one['report']);
        $lines = array_column(is_array($report) ? $report['lines'] : [], null, 'number');
        foreach ($one['numbers'] as $number) {
            $this->made[$number] = $lines[$number] ?? [
                'number' => $number,
                'made' => false,
                'findings' => [],
                'files' => [],
                'error' => 'The process that made it ended before it was done. Make it again; what was made before stays.',
            ];
        }
    }
}
