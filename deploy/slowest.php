<?php

declare(strict_types=1);

// The ten tests that took longest, of the reports that are named.
$cases = [];
foreach (array_slice($argv, 1) as $report) {
    $xml = is_file($report) ? @simplexml_load_file($report) : false;
    foreach ($xml === false ? [] : ($xml->xpath('//testcase') ?: []) as $case) {
        $cases[] = [(float) $case['time'], basename($report, '.xml'), "{$case['classname']}: {$case['name']}"];
    }
}
usort($cases, fn (array $a, array $b): int => $b[0] <=> $a[0]);
foreach (array_slice($cases, 0, 10) as [$seconds, $part, $name]) {
    printf("  %6.1f s  %-8s %s\n", $seconds, $part, mb_strimwidth((string) preg_replace('~\s+~', ' ', $name), 0, 120, '…'));
}
