<?php

declare(strict_types=1);

namespace Planisher\Order;

use Planisher\Finish\LineReader;
use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\KeptApart;
use Planisher\OrderFile\OrderFileError;
use Planisher\OrderFile\OrderFileErrors;
use Planisher\OrderFile\OrderHead;
use Planisher\OrderFile\Remark;
use Planisher\Picture\MustStayIn;

/** A whole order as an order file tells it. */
final readonly class OrderSpec
{
    public const VERSION = 1;

    private const MOST = 1000;

    /**
     * @param  array<int, LineSpec>  $lines  by number, 1 and up, in the file's order
     * @param  array<string, list<MustStayIn>>  $mustStayIn  by the picture's name
     * @param  array<string, string>  $sums  SHA-256 of pictures by their names, where the file says them
     * @param  array<int, Remark>  $remarks  by the line's number
     * @param  array<int, KeptApart>  $apart  by the line's number
     */
    private function __construct(
        public OrderHead $head,
        public LabCard $lab,
        public array $lines,
        public array $mustStayIn,
        public array $sums,
        public array $remarks,
        public array $apart,
    ) {}

    /** Why a document of a later version can't be read, in words for somebody who chose the file; null where it isn't one. */
    public static function newer(mixed $decoded): ?string
    {
        $version = is_array($decoded) ? $decoded['planisher'] ?? null : null;

        return is_int($version) && $version > self::VERSION
            ? "It was written by a newer Planisher (version {$version} of its files). Update this one first."
            : null;
    }

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
        $document = $try(fn (): JsonNode => JsonNode::root($decoded)->object(['planisher', 'order', 'lab', 'pictures', 'lines']));
        if ($document === null) {
            throw new OrderFileErrors($errors);
        }
        $try(fn (): int => $document->need('planisher')->int(self::VERSION, self::VERSION));
        $head = $try(fn (): OrderHead => OrderHead::fromNode($document->need('order')));
        $lab = $try(fn (): LabCard => LabCard::fromNode($document->need('lab')));
        $nodes = $try(fn (): array => $document->need('lines')->items(1, self::MOST)) ?? [];
        [$lines, $remarks, $apart, $tests, $mustStayIn, $sums] = [[], [], [], [], [], []];
        foreach ($nodes as $node) {
            // Lines are numbered as they stand, or as they say: files keep their names where lines between them have gone.
            $number = $try(fn (): ?int => $node->maybe('number')?->int(1, self::MOST)) ?? max([0, ...array_keys($lines)]) + 1;
            if (isset($lines[$number])) {
                $errors[] = ($node->maybe('number') ?? $node)->unexpected('a number that no line before it has');
            }
            $lines[$number] = $try(fn (): LineSpec => LineReader::read($node->without('number', 'remark', ...KeptApart::KEYS)));
            $remarks[$number] = $try(fn (): Remark => Remark::fromNode($node->maybe('remark'))) ?? new Remark();
            $apart[$number] = $try(fn (): KeptApart => KeptApart::fromNode($node, self::MOST)) ?? new KeptApart();
            if ($apart[$number]->testOf !== null) {
                $tests[$number] = $node->need('testOf');
            }
        }
        foreach ($try(fn (): array => $document->maybe('pictures')?->items(0, self::MOST) ?? []) ?? [] as $node) {
            $try(function () use ($node, &$mustStayIn, &$sums): void {
                $node->object(['name', 'mustStayIn', 'sha256']);
                $name = $node->need('name')->string();
                $mustStayIn[$name] = MustStayIn::listFromNode($node->maybe('mustStayIn'));
                $sum = $node->maybe('sha256');
                if ($sum !== null) {
                    $sums[$name] =
                        preg_match('/^[0-9a-f]{64}$/', $sum->string(64)) === 1
                            ? $sum->string(64)
                            : throw $sum->unexpected('a SHA-256 of 64 hexadecimal digits');
                }
            });
        }
        foreach ($tests as $number => $tested) {
            if ($number === $apart[$number]->testOf || ! isset($lines[$apart[$number]->testOf])) {
                $errors[] = $tested->unexpected('the number of another line of the order');
            }
        }
        if ($errors !== []) {
            throw new OrderFileErrors($errors);
        }

        ksort($lines);

        return new self($head, $lab, array_filter($lines), $mustStayIn, $sums, $remarks, $apart);
    }
}
