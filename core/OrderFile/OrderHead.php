<?php

declare(strict_types=1);

namespace Planisher\OrderFile;

/** What names an order. Days are written YYYY-MM-DD. */
final readonly class OrderHead
{
    /**
     * @param  ?string  $title  what it is called besides, if anything
     * @param  ?string  $due  the day it is due
     */
    public function __construct(
        public string $number,
        public string $client,
        public string $date,
        public ?string $title = null,
        public ?string $due = null,
        public Remark $remark = new Remark(),
    ) {}

    /** @throws OrderFileError */
    public static function fromNode(JsonNode $node): self
    {
        $node->object(['number', 'client', 'date', 'title', 'due', 'remark']);
        $due = $node->maybe('due');

        return new self(
            $node->need('number')->string(40),
            $node->need('client')->string(120),
            self::day($node->need('date')),
            $node->maybe('title')?->string(120),
            $due === null ? null : self::day($due),
            Remark::fromNode($node->maybe('remark')),
        );
    }

    /** @return array<string, mixed> as in the order file */
    public function toArray(): array
    {
        return array_filter(
            [...get_object_vars($this), 'remark' => $this->remark->toArray() ?: null],
            fn (mixed $value): bool => $value !== null,
        );
    }

    /** @throws OrderFileError */
    private static function day(JsonNode $date): string
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $date->string(10));
        if ($day === false || $day->format('Y-m-d') !== $date->raw()) {
            throw $date->unexpected('a day written YYYY-MM-DD');
        }

        return $day->format('Y-m-d');
    }
}
