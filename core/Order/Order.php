<?php

declare(strict_types=1);

namespace Planisher\Order;

use Planisher\Finish\LineReader;
use Planisher\Lab\LabCard;
use Planisher\Line\Line;
use Planisher\OrderFile\Node;
use Planisher\OrderFile\OrderFileError;
use Planisher\OrderFile\OrderFileErrors;
use Planisher\OrderFile\OrderHead;
use Planisher\Picture\MustStayIn;

/** A whole order as an order file tells it. */
final readonly class Order
{
    public const VERSION = 1;

    /**
     * @param  array<int, Line>  $lines  by number, 1 and up, in the file's order
     * @param  array<string, list<MustStayIn>>  $mustStayIn  by the picture's name
     */
    private function __construct(public OrderHead $head, public LabCard $lab, public array $lines, public array $mustStayIn) {}

    /**
     * @param  mixed  $decoded  the JSON document, objects as associative arrays
     *
     * @throws OrderFileErrors with every place that can't be read
     */
    public static function read(mixed $decoded): self
    {
        $errors = [];
        $try = function (callable $read) use (&$errors): mixed {
            try {
                return $read();
            } catch (OrderFileError $e) {
                $errors[] = $e;

                return null;
            }
        };
        $document = $try(fn (): Node => Node::root($decoded)->object(['planisher', 'order', 'lab', 'pictures', 'lines']));
        if ($document === null) {
            throw new OrderFileErrors($errors);
        }
        $try(fn (): int => $document->need('planisher')->int(self::VERSION, self::VERSION));
        $head = $try(fn (): OrderHead => OrderHead::fromNode($document->need('order')));
        $lab = $try(fn (): LabCard => LabCard::fromNode($document->need('lab')));
        $nodes = $try(fn (): array => $document->need('lines')->items(1, 1000)) ?? [];
        $lines = array_map(fn (Node $node): ?Line => $try(fn (): Line => LineReader::read($node)), $nodes);
        $mustStayIn = [];
        foreach ($try(fn (): array => $document->maybe('pictures')?->items(0, 1000) ?? []) ?? [] as $node) {
            $try(function () use ($node, &$mustStayIn): void {
                $node->object(['name', 'mustStayIn']);
                $mustStayIn[$node->need('name')->string()] = MustStayIn::listFromNode($node->maybe('mustStayIn'));
            });
        }
        if ($errors !== []) {
            throw new OrderFileErrors($errors);
        }

        $numbered = [];
        foreach (array_filter($lines) as $i => $line) {
            $numbered[$i + 1] = $line;
        }

        return new self($head, $lab, $numbered, $mustStayIn);
    }
}
