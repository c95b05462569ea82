<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\LineChange;
use Planisher\Phrase\WordRow;
use Planisher\Plan\LineContext;

/** Several prints that one line carries, each judged as if it were a line of its own; what is found names its cell, from 1. */
final readonly class Cells
{
    /** With more cells than this their texts aren't told one by one. */
    private const FEW = 3;

    /**
     * @param  non-empty-array<int, LineContext>  $all  by place, from 0
     * @param  list<Check>  $checks  of each
     * @param  \Closure(int, LineChange): LineChange  $change  what a change of one is of the whole line
     */
    public function __construct(public array $all, private array $checks, private \Closure $change) {}

    /** What a change of one is of the whole line. */
    public function change(int $place, LineChange $change): LineChange
    {
        return ($this->change)($place, $change);
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
                    $found = $this->ofLine($found, $place);
                    $alike[self::key($found)][$place + 1] = $found;
                }
            }
        }

        return array_values(array_map($this->together(...), $alike));
    }

    private function ofLine(Finding $found, int $place): Finding
    {
        $ofLine = fn (Remedy $remedy): Remedy => new Remedy($remedy->label, $this->change($place, $remedy->change));

        return $found->remedy === null ? $found : $found->mendedBy(array_map($ofLine, [$found->remedy, ...$found->others]));
    }

    /** The same for what is told once: what is fine by what it is, all else by its words. */
    private static function key(Finding $found): string
    {
        return $found->level === Severity::Fine ? $found->code : json_encode($found->toArray(), JSON_THROW_ON_ERROR);
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
        $texts = array_unique(array_map(fn (Finding $of): string => $of->text, $found));
        $text = match (true) {
            count($texts) === 1 => $one->text,
            count($texts) <= self::FEW => implode(
                ' ',
                array_map(fn (int $number, string $text): string => "{$number}: {$text}", array_keys($texts), $texts),
            ),
            default => 'Such as cell '.array_key_first($texts).": {$one->text}",
        };

        return $one->of("{$who}: ".lcfirst($one->title), $text);
    }
}
