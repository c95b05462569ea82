<?php

declare(strict_types=1);

namespace Planisher\Phrase;

/** A sentence in the making: what is only said, and words that open and can be changed. */
final class SentenceSegments
{
    /** @var list<array{word: ?string, text: string}> */
    private array $all = [];

    public function said(string $text): self
    {
        $this->all[] = ['word' => null, 'text' => $text];

        return $this;
    }

    public function word(string $before, string $word, string $text): self
    {
        if ($before !== '') {
            $this->said($before);
        }
        $this->all[] = ['word' => $word, 'text' => $text];

        return $this;
    }

    /** @return list<array{word: ?string, text: string}> */
    public function all(): array
    {
        return $this->all;
    }
}
