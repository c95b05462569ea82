<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\LineChange;
use Planisher\Phrase\WordRow;
use Planisher\Plan\LineContext;

/** Several prints that one line carries, each judged as if it were a line of its own; what is found names its cell, from 1. */
final readonly class Cells
{
    /** With more cells than this their texts and remedies aren't told one by one. */
    private const FEW = 3;

    private const FIGURE = '/\d+(?:\.\d+)?/';

    /**
     * @param  non-empty-array<int, LineContext>  $all  by place, from 0
     * @param  list<Check>  $checks  of each
     * @param  \Closure(array<int, LineChange>): LineChange  $change  what changes of some, by place, are of the whole line
     */
    public function __construct(public array $all, private array $checks, private \Closure $change) {}

    /** What a change of one is of the whole line. */
    public function change(int $place, LineChange $change): LineChange
    {
        return $this->changeEach([$place => $change]);
    }

    /**
     * The same of several.
     *
     * @param  array<int, LineChange>  $changes  by place
     */
    public function changeEach(array $changes): LineChange
    {
        return ($this->change)($changes);
    }

    /**
     * @param  list<Check>  $ofPictures  what is judged of every picture
     * @return list<Finding> what is the same of several cells is told once
     */
    public function judged(array $ofPictures): array
    {
        $alike = [];
        foreach ($this->all as $place => $at) {
            foreach ([...$ofPictures, ...$this->checks] as $check) {
                $found = $check->judge($at);
                if ($found !== null) {
                    $alike[self::key($found)][$place + 1] = $found;
                }
            }
        }

        return array_values(array_map($this->together(...), $alike));
    }

    /** The same for what is told once: what is fine by what it is, all else by its title, but for a figure that is its only one. */
    private static function key(Finding $found): string
    {
        $hasOne = preg_match_all(self::FIGURE, $found->title) === 1;
        $title = $hasOne ? preg_replace(self::FIGURE, '#', $found->title) : $found->title;

        return $found->level === Severity::Fine ? $found->code : "{$found->code} {$found->level->value} {$title}";
    }

    /** @param  non-empty-array<int, Finding>  $found  by number of the cell */
    private function together(array $found): Finding
    {
        $one = reset($found);
        if (count($found) === count($this->all) && count($found) > 1) {
            $who = 'Every cell';
        } else {
            $who = (count($found) === 1 ? 'Cell ' : 'Cells ').WordRow::list(array_map(strval(...), array_keys($found)));
        }

        return $one->of("{$who}: ".lcfirst(self::title($found)), self::text($found))->mendedBy($this->remedies($found));
    }

    /**
     * Titles that differ by their figure tell from which to which it goes.
     *
     * @param  non-empty-array<int, Finding>  $found
     */
    private static function title(array $found): string
    {
        $title = reset($found)->title;
        $figures = array_map(fn (Finding $of): string => preg_match(self::FIGURE, $of->title, $m) === 1 ? $m[0] : '', $found);
        usort($figures, fn (string $one, string $other): int => (float) $one <=> (float) $other);
        [$least, $most] = [reset($figures), end($figures)];

        return $least === $most ? $title : (string) preg_replace(self::FIGURE, "{$least} to {$most}", $title, 1);
    }

    /**
     * What mends them all is one press; where it is something else for each, it names its cell.
     *
     * @param  non-empty-array<int, Finding>  $found
     * @return list<Remedy>
     */
    private function remedies(array $found): array
    {
        $ways = array_map(fn (Finding $of): array => $of->remedy === null ? [] : [$of->remedy, ...$of->others], $found);
        $labels = array_map(fn (array $of): array => array_map(fn (Remedy $one): string => $one->label, $of), $ways);
        $remedies = [];
        if (count(array_unique($labels, SORT_REGULAR)) === 1) {
            foreach (reset($ways) as $nth => $way) {
                $changes = [];
                foreach ($ways as $number => $of) {
                    $changes[$number - 1] = $of[$nth]->change;
                }
                $remedies[] = new Remedy($way->label, $this->changeEach($changes));
            }

            return $remedies;
        }
        foreach (count($ways) > self::FEW ? [] : $ways as $number => $of) {
            foreach ($of as $way) {
                $remedies[] = new Remedy("Cell {$number}: ".lcfirst($way->label), $this->change($number - 1, $way->change));
            }
        }

        return $remedies;
    }

    /** @param  non-empty-array<int, Finding>  $found */
    private static function text(array $found): string
    {
        $one = reset($found);
        $texts = array_unique(array_map(fn (Finding $of): string => $of->text, $found));

        return match (true) {
            count($texts) === 1 => $one->text,
            count($texts) <= self::FEW => implode(
                ' ',
                array_map(fn (int $number, string $text): string => "{$number}: {$text}", array_keys($texts), $texts),
            ),
            default => 'Such as cell '.array_key_first($texts).": {$one->text}",
        };
    }
}
