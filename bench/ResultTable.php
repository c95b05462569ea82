<?php

declare(strict_types=1);

namespace Bench;

/** What was measured, a row each, and whether every limit was kept. */
final class ResultTable
{
    private const WIDTHS = [42, 12, 30, 8, 17, 8];

    private bool $kept = true;

    public function begin(): void
    {
        $this->row('', 'ours', 'against', 'ratio', 'limit', '');
    }

    public function allKept(): bool
    {
        return $this->kept;
    }

    /**
     * How many times as long ours took.
     *
     * @param  non-empty-list<MeasuredRun>  $ours
     * @param  non-empty-list<MeasuredRun>  $theirs
     */
    public function ratio(string $what, array $ours, string $against, array $theirs, float $atMost): void
    {
        $ratio = MeasuredRun::ratio($ours, $theirs);
        $this->compared($what, $ours, $against, $theirs, $ratio, "at most {$atMost}", $ratio <= $atMost);
    }

    /**
     * How many times as long theirs took.
     *
     * @param  non-empty-list<MeasuredRun>  $ours
     * @param  non-empty-list<MeasuredRun>  $theirs
     */
    public function atLeast(string $what, array $ours, string $against, array $theirs, float $atLeast): void
    {
        $ratio = MeasuredRun::ratio($theirs, $ours);
        $this->compared($what, $ours, $against, $theirs, $ratio, "at least {$atLeast}", $ratio >= $atLeast);
    }

    public function limit(string $what, float $ours, float $limit, string $unit): void
    {
        $this->row(
            $what,
            sprintf('%.1f %s', $ours, $unit),
            '',
            sprintf('%.2f', $ours / $limit),
            "at most {$limit} {$unit}",
            $this->says($ours <= $limit),
        );
    }

    /** How many times as many milliseconds ours took. */
    public function times(string $what, float $ours, string $against, float $theirs, float $atMost): void
    {
        $this->row(
            $what,
            sprintf('%.0f ms', $ours),
            sprintf('%s %.0f ms', $against, $theirs),
            sprintf('%.2f', $ours / $theirs),
            "at most {$atMost}",
            $this->says($ours / $theirs <= $atMost),
        );
    }

    /** Milliseconds, beside those of something else in the same run, and held against a limit of their own. */
    public function against(string $what, float $ours, string $against, float $theirs, float $limit): void
    {
        $this->row(
            $what,
            sprintf('%.0f ms', $ours),
            sprintf('%s %.0f ms', $against, $theirs),
            sprintf('%.2f', $ours / $theirs),
            "at most {$limit} ms",
            $this->says($ours <= $limit),
        );
    }

    /**
     * @param  non-empty-list<MeasuredRun>  $ours
     * @param  non-empty-list<MeasuredRun>  $theirs
     */
    private function compared(string $what, array $ours, string $against, array $theirs, float $ratio, string $limit, bool $keeps): void
    {
        $this->row(
            $what,
            sprintf('%.2f s', MeasuredRun::medianSeconds($ours)),
            sprintf('%s %.2f s', $against, MeasuredRun::medianSeconds($theirs)),
            sprintf('%.2f', $ratio),
            $limit,
            $this->says($keeps),
        );
    }

    private function says(bool $keeps): string
    {
        $this->kept = $this->kept && $keeps;

        return $keeps ? 'kept' : 'MISSED';
    }

    private function row(string ...$cells): void
    {
        $padded = fn (string $cell, int $width): string => $cell.str_repeat(' ', max(1, $width - mb_strlen($cell)));
        echo rtrim(implode('', array_map($padded, $cells, self::WIDTHS))), "\n";
    }
}
