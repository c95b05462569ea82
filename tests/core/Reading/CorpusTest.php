<?php

declare(strict_types=1);

namespace Tests\core\Reading;

use PHPUnit\Framework\TestCase;
use Planisher\Finish\LineReader;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\MergePatch;
use Planisher\Reading\ReadList;
use Planisher\Reading\ReadPrint;
use Planisher\Reading\SaidWish;

/**
 * Made-up lists and wishes with what each means (common practice of how people write, no source). Nine of ten have to be read wholly
 * right; what is read otherwise has to be marked as unsure: a wrong reading that looks sure fails by itself.
 */
final class CorpusTest extends TestCase
{
    private const RIGHT = 0.9;

    private const LISTS = 80;

    private const WISHES = 120;

    public function test_lists(): void
    {
        $cases = preg_split('/^== /m', (string) file_get_contents(__DIR__.'/lists.txt'), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        self::assertGreaterThanOrEqual(self::LISTS, count($cases));
        $right = 0;
        $otherwise = [];
        foreach ($cases as $case) {
            [$name, $rest] = explode("\n", $case, 2);
            [$text, $means] = explode("\n--\n", $rest, 2);
            $expected = array_filter(explode("\n", trim($means)), fn (string $line): bool => ! str_starts_with($line, '!'));
            $read = ReadList::read($text, Given::known(), Given::PICTURES);
            $said = array_map(self::said(...), $read->prints());
            $meant = array_map(self::meant(...), array_values($expected));
            $isSame = $said === $meant && self::leaves($read, $means);
            $right += $isSame ? 1 : 0;
            if (! $isSame) {
                $otherwise[] = $name;
                self::assertTrue(
                    self::isMarked($read, $said, $meant),
                    "{$name} is read wrongly, and looks sure:\n".implode("\n", $said)."\nmeant:\n".implode("\n", $meant),
                );
            }
        }
        self::assertGreaterThanOrEqual(self::RIGHT, $right / count($cases), 'Read otherwise: '.implode(', ', $otherwise));
    }

    public function test_single_wishes(): void
    {
        $cases = array_values(array_filter(explode("\n", (string) file_get_contents(__DIR__.'/wishes.txt'))));
        self::assertGreaterThanOrEqual(self::WISHES, count($cases));
        $right = 0;
        $otherwise = [];
        foreach ($cases as $case) {
            [$text, $means] = explode(' => ', $case, 2);
            $isUnsure = str_starts_with($means, '? ');
            $meant = (array) json_decode($isUnsure ? substr($means, 2) : $means, true, flags: JSON_THROW_ON_ERROR);
            $read = SaidWish::read($text, Given::known(), Given::PICTURES);
            $isSame = self::same($read->change, $meant) && $read->line->isSure() !== $isUnsure;
            $right += $isSame ? 1 : 0;
            if (! $isSame) {
                $otherwise[] = $text;
                self::assertFalse(
                    $read->line->isSure(),
                    "“{$text}” is read wrongly, and looks sure: ".json_encode($read->change, JSON_UNESCAPED_SLASHES),
                );
            }
        }
        self::assertGreaterThanOrEqual(self::RIGHT, $right / count($cases), 'Read otherwise: '.implode(', ', $otherwise));
    }

    /** “? 2 slipway.jpg | 8 x 10 in | {…}” as a print says itself. */
    private static function meant(string $line): string
    {
        $isUnsure = str_starts_with($line, '? ');
        [$head, $size, $wanted] = explode(' | ', $isUnsure ? substr($line, 2) : $line) + ['', '-', '{}'];
        [$copies, $picture] = explode(' ', $head, 2);

        return self::put(
            [
                'copies' => (int) $copies,
                ...$picture === '-' || $picture === '*' ? [] : ['picture' => $picture],
                ...$size === '-' ? [] : ['size' => $size],
                ...(array) json_decode($wanted, true, flags: JSON_THROW_ON_ERROR),
            ],
            ! $isUnsure,
        );
    }

    private static function said(ReadPrint $print): string
    {
        return self::put($print->wanted, $print->isSure);
    }

    /** @param  array<string, mixed>  $wanted */
    private static function put(array $wanted, bool $isSure): string
    {
        $isWhole = isset($wanted['size']) || ($wanted['make'] ?? '') === 'screen-copy';
        $line = LineReader::read(
            JsonNode::root(array_filter($wanted, fn (mixed $v): bool => $v !== null) + ($isWhole ? [] : ['size' => '1 x 1 in'])),
        )->toArray();

        return ($isSure ? '' : '? ').
            json_encode(['make' => $line['make'] ?? 'print'] + $line, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** Whether what is left is what the case says is left, and nothing more where all is sure. */
    private static function leaves(ReadList $read, string $means): bool
    {
        preg_match_all('/^! (.+)$/m', $means, $m);
        $left = [];
        foreach ($read->lines as $line) {
            if ($line->prints === []) {
                array_push($left, ...array_column(array_filter($line->parts(), fn (array $part): bool => $part['is'] === 'left'), 'words'));
            }
        }

        return ($m[1] === []) === ($left === []);
    }

    /**
     * Whether every print that is not as it was meant, or is missing, stands in doubt.
     *
     * @param  list<string>  $said
     * @param  list<string>  $meant
     */
    private static function isMarked(ReadList $read, array $said, array $meant): bool
    {
        $sure = array_filter($said, fn (string $print): bool => ! str_starts_with($print, '? '));
        $isDoubted = array_filter($read->lines, fn ($line): bool => ! $line->isSure()) !== [];

        return $isDoubted && array_diff($sure, array_map(fn (string $print): string => ltrim($print, '? '), $meant)) === [];
    }

    /**
     * @param  array<string, mixed>  $one
     * @param  array<string, mixed>  $other
     */
    private static function same(array $one, array $other): bool
    {
        $sorted = function (array $of) use (&$sorted): array {
            array_is_list($of) || ksort($of);

            return array_map(fn (mixed $value): mixed => is_array($value) ? $sorted($value) : $value, $of);
        };

        return $sorted($one) == $sorted($other) && MergePatch::apply([], $one) == MergePatch::apply([], $other);
    }
}
