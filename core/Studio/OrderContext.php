<?php

declare(strict_types=1);

namespace Planisher\Studio;

use Planisher\Measure\Unit;
use Planisher\OrderFile\OrderHead;
use Planisher\Picture\PictureFacts;
use Planisher\Words\Composition;
use Planisher\Words\Typesetter;

/** What lies ready for an order beside its lab and its pictures: how it is headed, the studio's marks, the faces. */
final readonly class OrderContext
{
    /**
     * @param  ?OrderHead  $head  null where only one line is looked at
     * @param  array<string, PictureFacts|string>  $marks  by their files' names; a text says why one can't be used
     * @param  Unit  $unit  the studio's, for what has none of its own
     */
    public function __construct(
        public ?OrderHead $head = null,
        private array $marks = [],
        private ?Typesetter $type = null,
        public Unit $unit = Unit::Inch,
    ) {}

    /** @return PictureFacts|string|null a text says why it can't be used; null where there is none of this name */
    public function mark(string $name): PictureFacts|string|null
    {
        return $this->marks[$name] ?? null;
    }

    /** @return array<string, mixed> all but the faces, as fromArray() reads it */
    public function toArray(): array
    {
        return [
            'head' => $this->head === null ? null : array_diff_key($this->head->toArray(), ['remark' => true]),
            'marks' => array_map(
                fn (PictureFacts|string $mark): array|string => $mark instanceof PictureFacts ? $mark->toArray() : $mark,
                $this->marks,
            ),
            'unit' => $this->unit->value,
        ];
    }

    /** @param  array<string, mixed>  $stored  as toArray gave it; empty where there was nothing */
    public static function fromArray(array $stored, Typesetter $type): self
    {
        return new self(
            isset($stored['head']) ? new OrderHead(...$stored['head']) : null,
            array_map(
                fn (array|string $mark): PictureFacts|string => is_array($mark) ? PictureFacts::fromArray($mark) : $mark,
                $stored['marks'] ?? [],
            ),
            $type,
            Unit::from($stored['unit'] ?? Unit::Inch->value),
        );
    }

    public function composition(): Composition
    {
        return new Composition($this->type ?? throw new \LogicException('Nobody here reads the faces’ files.'));
    }
}
