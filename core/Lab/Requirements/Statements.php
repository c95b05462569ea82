<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

use Planisher\Lab\Text\Edges;

/** A text taken apart into statements, each with its heading. */
final class Statements
{
    private const HEADING = 48;

    /** @return list<Statement> */
    public static function in(string $text): array
    {
        $text = (string) preg_replace('/[\x{00A0}\x{2009}\x{202F}\t ]+/u', ' ', mb_scrub($text));
        $statements = [];
        $heading = '';
        foreach (preg_split('/\R/u', $text) ?: [] as $line) {
            $line = (string) preg_replace('/^\s*(?:[-–—*•·▪>#]+|\d{1,2}[.)])\s+/u', '', $line);
            $line = Edges::off($line, '•=_*#');
            if ($line === '') {
                continue;
            }
            if (self::isHeading($line) && $statements !== []) {
                $heading = rtrim($line, ':');
            }
            foreach (self::sentences($line) as $sentence) {
                $statements[] = new Statement($sentence, $sentence === $line ? $heading : "{$heading} {$line}", $statements === []);
            }
        }

        return $statements;
    }

    /** A short line without figures that ends in no stop, or one that ends in a colon. */
    private static function isHeading(string $line): bool
    {
        return mb_strlen($line) <= self::HEADING &&
            preg_match('/[.!?;,]$/u', $line) !== 1 &&
            (str_ends_with($line, ':') || (preg_match('/\d/', $line) !== 1 && ! str_contains($line, ':')));
    }

    /** @return list<string> */
    private static function sentences(string $line): array
    {
        // A stop behind a figure or a short form (“max.”, “e.g.”) ends no sentence unless a capital follows.
        $parts = preg_split(
            '/(?<=[.!?])(?<!e\.g\.|i\.e\.)(?<!max\.|min\.)(?<!approx\.)(?<!\.\.)\s+(?=[\p{Lu}“"\d])|\s*;\s+(?=\p{Ll}{2})/u',
            $line,
        ) ?: [$line];

        return array_values(array_filter(array_map(trim(...), $parts), fn (string $part): bool => $part !== ''));
    }
}
