<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Measure\Figure;
use Planisher\Measure\Length;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/** How one direction of a piece is shared out between its panels: proportions, or lengths that must add up. */
final readonly class PanelShares
{
    public const MOST = 12;

    private const SMALLEST = 0.01;

    private const LARGEST = 10_000;

    /**
     * @param  non-empty-list<float>  $proportions
     * @param  ?non-empty-list<Length>  $lengths  as typed; null for proportions
     */
    private function __construct(public array $proportions, public ?array $lengths) {}

    /** @throws OrderFileError */
    public static function fromNode(?JsonNode $node, string $panels): self
    {
        if ($node === null) {
            return new self([1.0], null);
        }
        if (is_int($node->raw())) {
            return new self([1.0, ...array_fill(0, $node->int(1, self::MOST) - 1, 1.0)], null);
        }
        if (is_array($node->raw()) && count($node->raw()) > self::MOST) {
            $count = count($node->raw());
            throw new OrderFileError(
                $node->path(),
                "{$count} {$panels}",
                'at most '.self::MOST,
                "{$count} {$panels} are more than anybody hangs; at most ".self::MOST.' can be made.',
            );
        }
        $items = $node->items(1, self::MOST);
        if (is_string($items[0]->raw())) {
            $lengths = array_map(fn (JsonNode $item): Length => $item->length(), $items);
            foreach ($lengths as $i => $length) {
                if ($length->nanometres === 0) {
                    throw $items[$i]->unexpected('a length above 0');
                }
            }

            return new self(array_map(fn (Length $length): float => (float) $length->nanometres, $lengths), $lengths);
        }

        return new self(array_map(fn (JsonNode $item): float => $item->number(self::SMALLEST, self::LARGEST), $items), null);
    }

    public function count(): int
    {
        return count($this->proportions);
    }

    public function areEqual(): bool
    {
        return count(array_unique($this->proportions)) === 1;
    }

    /** “1 : 2 : 1”, “25, 40 and 25 in” */
    public function label(): string
    {
        if ($this->lengths === null) {
            return implode(' : ', array_map(fn (float $share): string => Figure::decimal($share, 2), $this->proportions));
        }
        $units = array_unique(array_map(fn (Length $length): string => $length->unit->value, $this->lengths));
        $said = array_map(fn (Length $length): string => count($units) === 1 ? $length->number : $length->label(), $this->lengths);
        $last = array_pop($said);

        return ($said === [] ? '' : implode(', ', $said).' and ').$last.(count($units) === 1 ? Figure::THIN_SPACE.$units[0] : '');
    }

    /** @return list<int|float|string> as in the order file */
    public function toArray(): array
    {
        return $this->lengths !== null
            ? array_map(strval(...), $this->lengths)
            : array_map(fn (float $share): int|float => $share === floor($share) ? (int) $share : $share, $this->proportions);
    }
}
