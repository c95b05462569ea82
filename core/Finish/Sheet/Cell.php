<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finish\LineReader;
use Planisher\Line\Additions;
use Planisher\Line\Line;
use Planisher\Measure\Size;
use Planisher\OrderFile\Node;
use Planisher\OrderFile\OrderFileError;

/** One print of a shared sheet: wanted like any print, but for what the whole sheet has, and where it was put by hand. */
final readonly class Cell
{
    public const KEYS = [
        'picture',
        'subject',
        'size',
        'copies',
        'turn',
        'window',
        'fit',
        'border',
        'image',
        'raise',
        'paperColour',
        'keyline',
        'frameCover',
        'viewedFrom',
        'forPaper',
        'at',
        ...Additions::KEYS,
    ];

    /**
     * @param  Line  $print  the cell by itself
     * @param  ?CellPlace  $at  null while it is arranged
     */
    private function __construct(public Line $print, public ?CellPlace $at) {}

    /** @throws OrderFileError */
    public static function fromNode(Node $node): self
    {
        $node->object(self::KEYS);
        $at = CellPlace::fromNode($node->maybe('at'));
        $print = LineReader::read($node->without('at'));
        if ($at !== null && $print->copies !== 1) {
            throw $node->need('copies')->unexpected('1, since it has a place; give every copy a cell of its own');
        }

        return new self($print, $at);
    }

    public function size(): Size
    {
        return $this->print->crop->size ?? throw new \LogicException('A cell is a print, which has a size.');
    }

    /** @return array<string, mixed> as in the order file, only what differs from the defaults */
    public function toArray(): array
    {
        $print = array_diff_key($this->print->toArray(), ['make' => true]);

        return $print + ($this->at === null ? [] : ['at' => $this->at->toArray()]);
    }
}
