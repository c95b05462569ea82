<?php

declare(strict_types=1);

/**
 * bin/planisher make ORDER.json --pictures DIR --out DIR [--dry-run]
 *
 * Writes the files and report.json into --out; progress goes to stderr. A dry run writes nothing and prints the report.
 * Exits 0 when all lines were made, 1 when a line was stopped, 2 when the order can't be read.
 */

use Planisher\Imaging\OrderMaker;
use Planisher\OrderFile\JsonText;
use Planisher\OrderFile\Order;
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

$usage = 'usage: bin/planisher make ORDER.json --pictures DIR --out DIR [--dry-run]';
$given = ['--pictures' => null, '--out' => null];
$dry = false;
$file = null;
for ($words = array_slice($argv, 1); ($word = array_shift($words)) !== null;) {
    if ($word === '--dry-run') {
        $dry = true;
    } elseif (array_key_exists($word, $given)) {
        $given[$word] = array_shift($words) ?? refuse("{$word} needs a folder. {$usage}");
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
    $order = Order::read(JsonText::decode($text));
} catch (OrderFileError $e) {
    refuse("“{$file}” is not JSON. ".ucfirst($e->getMessage()));
} catch (OrderFileErrors $e) {
    refuse("“{$file}” can’t be read:\n  ".str_replace("\n", "\n  ", $e->getMessage()));
}

$terminal = stream_isatty(STDERR);
$tell = function (string $said, ?int $percent) use ($terminal): void {
    if ($percent === null) {
        fwrite(STDERR, ($terminal ? "\r\e[K" : '')."{$said}\n");
    } elseif ($terminal) {
        fwrite(STDERR, "\r\e[K{$said} {$percent} %");
    }
};
$lines = (new OrderMaker($pictures, (string) $out, $tell))->run($order, $dry);
$report =
    json_encode(
        ['planisher' => Order::VERSION, 'order' => $order->head, 'lines' => $lines],
        JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
    )."\n";
if ($dry) {
    fwrite(STDOUT, $report);
    $stopped = array_filter($lines, fn (array $line): bool => $line['files'] === []);
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
