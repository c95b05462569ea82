<?php

declare(strict_types=1);

namespace Planisher\Telling;

use Planisher\Plan\Situation;

/** A line as it is told beside the words that it was read from: the sentence, as far as they settle it. */
final readonly class Ordered
{
    /** @param  list<array{word: ?string, text: string}>  $segments */
    private function __construct(private array $segments) {}

    public static function of(Situation $at): self
    {
        return new self(Sentence::segments($at));
    }

    /** @param  bool  $withFile  whether how its file is written is told, too */
    public function said(bool $withFile): string
    {
        return self::text($this->segments, $withFile).'.';
    }

    /** “2 prints cropped to 8 × 10 in, on Cotton rag paper”: without what only a picture would settle. */
    public function kind(): string
    {
        $kept = [];
        foreach ($this->segments as $i => $segment) {
            $isOfPicture = fn (int $at): bool => in_array($this->segments[$at]['word'] ?? null, ['picture', 'turn', 'marked'], true);
            if (! $isOfPicture($i) && ! ($segment['word'] === null && $isOfPicture($i + 1))) {
                $kept[] = $segment;
            }
        }

        return (string) preg_replace('/^Make /', '', self::text($kept, withFile: false));
    }

    /** @param  list<array{word: ?string, text: string}>  $segments */
    private static function text(array $segments, bool $withFile): string
    {
        $end = array_search('ppi', array_column($segments, 'word'), true);
        $told = $withFile || $end === false ? $segments : array_slice($segments, 0, (int) $end);

        return (string) preg_replace('/,? at $/', '', implode('', array_column($told, 'text')));
    }
}
