<?php

declare(strict_types=1);

namespace Planisher\Reading\Message;

/** One line of a message: what it is before any of its words is read. */
final class Block
{
    /**
     * @param  int  $number  of the line, from 1
     * @param  string  $text  as it was written
     * @param  int  $start  where its words begin, behind quotation marks, bullets and greetings; in bytes
     * @param  int  $depth  how often it was quoted
     * @param  ?int  $item  its number in a numbered list
     * @param  bool  $isStruck  it is marked as not wanted: “✘”
     */
    public function __construct(
        public readonly int $number,
        public readonly string $text,
        public BlockKind $kind,
        public int $start = 0,
        public readonly int $depth = 0,
        public readonly ?int $item = null,
        public readonly bool $isStruck = false,
        public readonly int $indent = 0,
    ) {}

    public function words(): string
    {
        return substr($this->text, $this->start);
    }

    public function isColon(): bool
    {
        return preg_match('/:\s*$/', $this->text) === 1;
    }
}
