<?php

declare(strict_types=1);

/**
 * bin/planisher make ORDER.json --pictures DIR --out DIR [--dry-run] [--lines 1,4,5] [--report FILE]
 *
 * Writes the files and report.json into --out; progress goes to stderr. A dry run writes nothing and prints the report. With
 * --lines only these are made, by this process; else several processes share the lines. With --report it is written there.
 * Exits 0 when all lines were made, 1 when a line was stopped, 2 when the order can't be read.
 */

use Planisher\Imaging\Child\Child;
use Planisher\Imaging\OrderMaker;
use Planisher\Imaging\SeveralAtOnce;
use Planisher\Order\OrderSpec;
use Planisher\OrderFile\JsonText;
use Planisher\OrderFile\OrderFileError;
use Planisher\OrderFile\OrderFileErrors;

require __DIR__.'/autoload.php';

const ALL_MADE = 0;
const LINE_STOPPED = 1;
const UNREADABLE = 2;

function refuse(string $why): never
{
    fwrite(STDERR, "planisher make: {$why}\n");
    exit(UNREADABLE);
}

$usage = 'usage: bin/planisher make ORDER.json --pictures DIR --out DIR [--dry-run] [--lines 1,4,5] [--report FILE]';
$given = ['--pictures' => null, '--out' => null, '--lines' => null, '--report' => null];
$dry = false;
$file = null;
for ($words = array_slice($argv, 1); ($word = array_shift($words)) !== null;) {
    if ($word === '--dry-run') {
        $dry = true;
    } elseif (array_key_exists($word, $given)) {
        $given[$word] = array_shift($words) ?? refuse("{$word} needs a word after it. {$usage}");
    } elseif ($file === null && ! str_starts_with($word, '--')) {
        $file = $word;
    } else {
        refuse("“{$word}” is not understood. {$usage}");
    }
}
[$pictures, $out] = [$given['--pictures'], $given['--out']];
if ($file === null || $pictures === null || ($out === null && ! $dry)) {
    refuse($usage);
}
(is_file($file) && is_readable($file)) || refuse("there is no order file “{$file}”.");
is_dir($pictures) || refuse("there is no folder “{$pictures}” to take pictures from.");

$text = (string) file_get_contents($file);
try {
    $order = OrderSpec::read(JsonText::decode($text));
} catch (OrderFileError $e) {
    refuse("“{$file}” is not JSON. ".ucfirst($e->getMessage()));
} catch (OrderFileErrors $e) {
    refuse("“{$file}” can’t be read:\n  ".str_replace("\n", "\n  ", $e->getMessage()));
}

$only = $given['--lines'] === null ? null : array_map(intval(...), explode(',', $given['--lines']));
foreach ($only ?? [] as $number) {
    isset($order->lines[$number]) || refuse("the order has no line {$number}. {$usage}");
}

$terminal = stream_isatty(STDERR);
$tell = function (string $said, ?int $percent) use ($terminal): void {
    if ($percent === null) {
        fwrite(STDERR, ($terminal ? "\r\e[K" : '')."{$said}\n");
    } elseif ($terminal) {
        fwrite(STDERR, "\r\e[K{$said} {$percent} %");
    }
};
$atOnce = $only === null && ! $dry && count($order->lines) > 1 ? (int) trim((string) shell_exec('nproc')) : 1;
$command = fn (array $numbers, string $report): array => [
    ...[PHP_BINARY, '-n'],
    ...array_merge(...array_map(fn (string $name): array => ['-d', "extension={$name}"], Child::extensions())),
    ...['-d', 'ffi.enable=1', '-d', 'memory_limit=512M', __FILE__, $file],
    ...['--pictures', $pictures, '--out', (string) $out, '--lines', implode(',', $numbers), '--report', $report],
];
$lines =
    $atOnce > 1
        ? (new SeveralAtOnce($command, $atOnce))->run($order->lines)
        : (new OrderMaker($pictures, (string) $out, $tell))->run($order, $dry, $only);
$report =
    json_encode(
        ['planisher' => OrderSpec::VERSION, 'order' => $order->head, 'lines' => $lines],
        JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
    )."\n";
if ($dry) {
    fwrite(STDOUT, $report);
    $stopped = array_filter($lines, fn (array $line): bool => $line['files'] === []);
} elseif ($given['--report'] !== null) {
    file_put_contents($given['--report'], $report) === strlen($report) || refuse("“{$given['--report']}” can’t be written.");
    $stopped = array_filter($lines, fn (array $line): bool => ! $line['made']);
} else {
    is_dir($out) || @mkdir($out, 0775, true) || refuse("the folder “{$out}” can’t be made.");
    $path = "{$out}/report.json";
    if (is_file($path) && file_get_contents($path) !== $report) {
        for ($n = 1; is_file("{$out}/report-{$n}.json"); $n++);
        rename($path, "{$out}/report-{$n}.json"); // an earlier run's report is kept
    }
    if (@file_put_contents("{$path}.part", $report) !== strlen($report)) {
        @unlink("{$path}.part");
        fwrite(STDERR, "planisher make: report.json can’t be written into “{$out}”. See that the disk has room.\n");
        exit(LINE_STOPPED);
    }
    rename("{$path}.part", $path);
    $stopped = array_filter($lines, fn (array $line): bool => ! $line['made']);
}
exit($stopped === [] ? ALL_MADE : LINE_STOPPED);
