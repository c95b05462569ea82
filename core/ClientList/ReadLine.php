<?php

declare(strict_types=1);

namespace Planisher\ClientList;

/** One line of a client's list: its words, what they were read as, and the prints that come of it. */
final class ReadLine
{
    /** @var list<ReadPrint> */
    public array $prints = [];

    /**
     * @param  int  $number  in the list, from 1
     * @param  string  $text  as it was written
     * @param  list<Token>  $tokens
     * @param  list<Item>  $items
     */
    public function __construct(
        public readonly int $number,
        public readonly string $text,
        public readonly array $tokens,
        public readonly array $items,
    ) {}

    public function isBlank(): bool
    {
        return trim($this->text) === '';
    }

    public function isIndented(): bool
    {
        return preg_match('/^\s{2,}|^\t/', $this->text) === 1;
    }

    public function isHeading(): bool
    {
        return preg_match('/:\s*$/', $this->text) === 1;
    }

    /** Whether everything in it was understood, and nothing is in doubt. */
    public function isSure(): bool
    {
        return array_filter($this->tokens, fn (Token $token): bool => $token->why !== null) === [] &&
            array_filter($this->prints, fn (ReadPrint $print): bool => ! $print->isSure) === [];
    }

    /**
     * Its words in pieces that give the line when they are put together again.
     *
     * @return list<array{words: string, is: string, why: ?string, offers: list<array<string, ?string>>}>
     */
    public function parts(): array
    {
        $parts = [];
        $at = 0;
        foreach ($this->tokens as $token) {
            if ($token->length === 0 || $token->at < $at) {
                continue;
            }
            if ($token->at > $at) {
                $parts[] = self::part(substr($this->text, $at, $token->at - $at), 'passed');
            }
            $is = match (true) {
                $token->kind === Kind::Unknown => 'left',
                $token->why !== null => 'unsure',
                in_array($token->kind, [Kind::Polite, Kind::Stop, Kind::End], true) => 'passed',
                default => 'read',
            };
            $parts[] = self::part(substr($this->text, $token->at, $token->length), $is, $token);
            $at = $token->end();
        }
        if ($at < strlen($this->text)) {
            $parts[] = self::part(substr($this->text, $at), 'passed');
        }

        return $parts;
    }

    /** @return array{words: string, is: string, why: ?string, offers: list<array<string, ?string>>} */
    private static function part(string $words, string $is, ?Token $of = null): array
    {
        return [
            'words' => $words,
            'is' => $is,
            'why' => $of?->why,
            'offers' => array_map(fn ($offer): array => $offer->toArray(), $of->offers ?? []),
        ];
    }
}
