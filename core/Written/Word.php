<?php

declare(strict_types=1);

namespace Planisher\Written;

/** A word, a run of digits or a sign of what was written. */
final readonly class Word
{
    /**
     * @param  string  $text  in small letters, with plain apostrophes, signs and spaces
     * @param  int  $at  in bytes from the text's start
     * @param  int  $length  in bytes, as it was written
     * @param  bool  $isGlued  nothing stands between it and the one before
     * @param  WordKind  $kind  what it is made of
     * @param  ?string  $instead  what was written, where that is taken for a slip of the pen
     */
    public function __construct(
        public string $text,
        public int $at,
        public int $length,
        public bool $isGlued,
        public WordKind $kind,
        public ?string $instead = null,
    ) {}

    public function end(): int
    {
        return $this->at + $this->length;
    }

    public function is(string ...$texts): bool
    {
        return in_array($this->text, $texts, true);
    }

    public function isDigits(): bool
    {
        return $this->kind === WordKind::Digits;
    }

    public function isLetters(): bool
    {
        return $this->kind === WordKind::Letters;
    }

    public function isSign(): bool
    {
        return $this->kind === WordKind::Sign;
    }

    /** It was written with two letters changed round: “frist”. */
    public function isTurnedRound(): bool
    {
        return $this->instead !== null && count_chars($this->text, 1) === count_chars($this->instead, 1);
    }

    /** The word that it was meant to be. */
    public function meant(string $text): self
    {
        return new self($text, $this->at, $this->length, $this->isGlued, $this->kind, $this->text);
    }
}
