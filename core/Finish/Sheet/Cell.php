<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finish\LineReader;
use Planisher\Finish\Print\PrintWanted;
use Planisher\Line\LineKeys;
use Planisher\Line\LineSpec;
use Planisher\Measure\Size;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/** One print of a shared sheet: wanted like any print, but for what the whole sheet has, and where it was put by hand. */
final readonly class Cell
{
    /** Where it was put by hand: a key that no line has. */
    private const PLACE = 'at';

    /**
     * @param  LineSpec<PrintWanted>  $print  the cell by itself
     * @param  ?CellPlace  $at  null while it is arranged
     */
    private function __construct(public LineSpec $print, public ?CellPlace $at) {}

    /** What it has in common with a line that is a print. */
    public static function keys(): LineKeys
    {
        /** @var ?LineKeys $keys */
        static $keys = null;

        return $keys ??= LineKeys::common()->and(PrintWanted::keys())->ofCells();
    }

    /**
     * What of a line, or of a change of one, can be said of a cell.
     *
     * @param  array<string, mixed>  $line
     * @return array<string, mixed>
     */
    public static function in(array $line): array
    {
        return self::keys()->in($line) + array_intersect_key($line, [self::PLACE => true]);
    }

    /** @throws OrderFileError */
    public static function fromNode(JsonNode $node): self
    {
        $node->object([...self::keys()->names(), self::PLACE]);
        $at = CellPlace::fromNode($node->maybe(self::PLACE));
        $print = LineReader::read($node->without(self::PLACE));
        if ($print->oneSide !== null) {
            throw $node->need('size')->unexpected('both sides: a print on a shared sheet has a place whatever its picture is');
        }
        if ($at !== null && $print->copies !== 1) {
            throw $node->need('copies')->unexpected('1, since it has a place; give every copy a cell of its own');
        }

        return new self($print, $at);
    }

    public function size(): Size
    {
        return $this->print->sized()->size;
    }

    /** @return array<string, mixed> as in the order file, only what differs from the defaults */
    public function toArray(): array
    {
        $print = array_diff_key($this->print->toArray(), ['make' => true]);

        return $print + ($this->at === null ? [] : [self::PLACE => $this->at->toArray()]);
    }
}
