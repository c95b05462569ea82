<?php

declare(strict_types=1);

namespace Planisher\OrderFile;

/** What names an order. The date is written YYYY-MM-DD. */
final readonly class OrderHead
{
    public function __construct(public string $number, public string $client, public string $date) {}

    /** @throws OrderFileError */
    public static function fromNode(Node $node): self
    {
        $node->object(['number', 'client', 'date']);
        $date = $node->need('date');
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $date->string(10));
        if ($day === false || $day->format('Y-m-d') !== $date->raw()) {
            throw $date->unexpected('a day written YYYY-MM-DD');
        }

        return new self($node->need('number')->string(40), $node->need('client')->string(120), $day->format('Y-m-d'));
    }
}
