<?php

declare(strict_types=1);

namespace Planisher\Language;

/** A text in which some words stand for others; its places are known in what was written. All places are in bytes. */
final class MeantText
{
    public string $text;

    /** @var list<array{int, int, int, int}> where a meaning stands here and how long it is, and the words there in the same way */
    private array $replaced = [];

    public function __construct(private readonly string $written)
    {
        $this->text = $written;
    }

    /** Words of what was written, behind those that were replaced before. */
    public function replace(int $at, int $length, string $by): void
    {
        $here = $at + strlen($this->text) - strlen($this->written);
        $this->text = substr_replace($this->text, $by, $here, $length);
        $this->replaced[] = [$here, strlen($by), $at, $length];
    }

    public function isAsWritten(): bool
    {
        return $this->replaced === [];
    }

    /**
     * Where in what was written a stretch of this text stands: all of the words that it stands for, or that any of it does.
     *
     * @return array{int, int} place and length
     */
    public function written(int $at, int $length): array
    {
        $start = $this->place($at, false);
        $end = $this->place($at + $length, true);

        return [$start, max(0, $end - $start)];
    }

    private function place(int $here, bool $isEnd): int
    {
        $by = 0;
        foreach ($this->replaced as [$at, $length, $was, $wasLength]) {
            if ($here < $at || ($isEnd && $here === $at)) {
                break;
            }
            if ($here < $at + $length || ($isEnd && $here === $at + $length)) {
                return $isEnd ? $was + $wasLength : $was;
            }
            $by = $was + $wasLength - $at - $length;
        }

        return $here + $by;
    }
}
