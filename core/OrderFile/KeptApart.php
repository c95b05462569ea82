<?php

declare(strict_types=1);

namespace Planisher\OrderFile;

/**
 * That a line stands beside those that were ordered, as a reprint with changes or a test strip does: its files are kept in a folder apart.
 * What its files are called says its name.
 */
final readonly class KeptApart
{
    /** The keys of an order file's line that say it. */
    public const KEYS = ['apart', 'testOf'];

    /** It becomes part of a folder's name. */
    private const WORD = '/^[a-z0-9](?:[a-z0-9-]{0,18}[a-z0-9])?$/';

    /**
     * @param  ?string  $word  what its files are kept apart by: “reprint-1”; null for a line that was ordered
     * @param  ?int  $testOf  the number of the line that it is a test strip of
     */
    public function __construct(public ?string $word = null, public ?int $testOf = null) {}

    /**
     * @param  JsonNode  $line  of an order file
     * @param  int  $most  the highest number that a line has
     *
     * @throws OrderFileError
     */
    public static function fromNode(JsonNode $line, int $most): self
    {
        [$word, $testOf] = array_map($line->maybe(...), self::KEYS);
        if ($word !== null && preg_match(self::WORD, $word->string()) !== 1) {
            throw $word->unexpected('a word of at most 20 small letters, digits and hyphens, such as reprint-1');
        }
        if ($word === null && $testOf !== null) {
            throw $testOf->unexpected('nothing, since the line isn’t kept apart');
        }

        return new self($word?->string(), $testOf?->int(1, $most));
    }

    /** @return array<string, string|int> as in the order file */
    public function toArray(): array
    {
        return array_filter(['apart' => $this->word, 'testOf' => $this->testOf], fn (string|int|null $said): bool => $said !== null);
    }
}
