<?php

declare(strict_types=1);

namespace Planisher\Description;

use Planisher\Finish\Finishes;
use Planisher\Phrase\WordRow;
use Planisher\Plan\LineContext;

/** A line as it is told beside the words that it was read from: the sentence, as far as they settle it. */
final readonly class Ordered
{
    /** Pictures that are named of prints that are alike; of more it is told how many there are */
    private const NAMED = 4;

    /**
     * @param  list<array{word: ?string, text: string}>  $segments
     * @param  list<list<array{word: ?string, text: string}>>  $cells  of each print that it carries, where it carries several
     */
    private function __construct(private array $segments, private array $cells) {}

    public static function of(LineContext $at): self
    {
        $cells = Finishes::cells($at)->all ?? [];

        return new self(LineSentence::segments($at), array_values(array_map(LineSentence::ofCell(...), $cells)));
    }

    /**
     * All that was understood, the prints of a shared sheet among it.
     *
     * @param  bool  $withFile  whether how its file is written is told, too
     */
    public function told(bool $withFile): string
    {
        $prints = $this->prints();

        return $this->said($withFile).($prints === '' ? '' : " Its prints: {$prints}.");
    }

    /** “Oars and Slipway whole on 4 × 6 in, portrait, with a white border of 0.25 in; 3 of Beehives …”: alike ones together. */
    private function prints(): string
    {
        $alike = [];
        foreach ($this->cells as $segments) {
            $is = array_column($segments, 'text', 'word');
            $how = '';
            $isBehind = false;
            foreach ($segments as $segment) {
                $how .= $isBehind ? $segment['text'] : '';
                $isBehind = $isBehind || $segment['word'] === 'picture';
            }
            $alike[($is['copies'] === '1' ? '' : "{$is['copies']} of ")."\n".$how][] = $is['picture'];
        }
        $told = [];
        foreach ($alike as $how => $pictures) {
            $more = count($pictures) - self::NAMED;
            $named = $more > 1 ? [...array_slice($pictures, 0, self::NAMED), "{$more} more"] : $pictures;
            $told[] = str_replace("\n", WordRow::list($named), $how);
        }

        return implode('; ', $told);
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
