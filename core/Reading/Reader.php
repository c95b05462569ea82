<?php

declare(strict_types=1);

namespace Planisher\Reading;

use Planisher\Finish\Finishes;
use Planisher\Language\Foreign\Tongue;
use Planisher\Language\Known;
use Planisher\Language\Offer;
use Planisher\Language\Words\Common;
use Planisher\Language\Words\PictureNames;
use Planisher\Language\Words\Sizes;
use Planisher\Language\Words\Spelling;
use Planisher\Language\Words\Spoken;
use Planisher\Measure\Unit;
use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\Cover;
use Planisher\Reading\Chart\Shapes;
use Planisher\Reading\Rule\RuleBook;
use Planisher\Written\Lexer;
use Planisher\Written\Word;

/** Reads words: what each of them is. Of a studio, a lab and an order's pictures. */
final class Reader
{
    public readonly RuleBook $book;

    private readonly Sizes $sizes;

    private readonly Shapes $shapes;

    /** @var array<string, ?string> what a word was meant to be, where it was looked for */
    private array $meant = [];

    /** @var array<string, string> our words for those of the message's language */
    private readonly array $foreign;

    /** @param  string  $language  of the message */
    public function __construct(
        public readonly Known $known,
        public readonly PictureNames $pictures,
        private readonly ?Unit $unitOfAll = null,
        string $language = 'en',
    ) {
        $this->foreign = Tongue::table($language);
        $this->book = RuleBook::of($known);
        $this->sizes = new Sizes($known->lab);
        $this->shapes = new Shapes();
    }

    /**
     * The words of a line, in their order.
     *
     * @param  array<string, mixed>  $on  the line it is said of, in its order-file form; empty where there is none yet
     * @param  ?string  $make  what is being made, where the words don't say
     * @return list<ChartItem>
     */
    public function items(string $text, array $on = [], ?string $make = null): array
    {
        if ($this->known->own->isEmpty()) {
            return $this->itemsOf($text, $on, $make);
        }
        $meant = $this->known->own->meant($text, $this->pictures->isWord(...));
        $items = $this->itemsOf($meant->text, $on, $make);

        return $meant->isAsWritten()
            ? $items
            : array_map(fn (ChartItem $item): ChartItem => $item->placed(...$meant->written($item->at, $item->length)), $items);
    }

    /**
     * @param  array<string, mixed>  $on
     * @return list<ChartItem>
     */
    private function itemsOf(string $text, array $on, ?string $make): array
    {
        $words = $this->mended($this->ours(Lexer::words($text)), $text);
        if ($words === []) {
            return [];
        }
        $said = new Spoken(
            $text,
            $words,
            $this->known,
            $this->unitOfAll ?? $this->known->unit,
            $this->unitOfAll !== null,
            $this->sizes,
            $this->pictures,
            $this->book->adjectives,
        );
        $items = Cover::of(
            $said,
            $this->book,
            $this->pictures,
            $on,
            self::made($words) ?? ($on !== [] ? (string) ($on['make'] ?? Finishes::USUAL) : $make),
            $on === [] ? $this->shapes : null,
        );
        $this->tellMended($words, $items);

        return $items;
    }

    /**
     * Words of another language as ours, in their places.
     *
     * @param  list<Word>  $words
     * @return list<Word>
     */
    private function ours(array $words): array
    {
        if ($this->foreign === []) {
            return $words;
        }

        foreach ($words as $i => $word) {
            $isPaper = $word->text === 'a' && ($words[$i + 1] ?? null)?->isDigits() && $words[$i + 1]->isGlued; // A4
            if (isset($this->foreign[$word->text]) && ! $isPaper) {
                $words[$i] = new Word($this->foreign[$word->text], $word->at, $word->length, $word->isGlued, $word->kind);
            }
        }

        return $words;
    }

    /**
     * What all of a line is made into, where a word of it says so by itself.
     *
     * @param  list<Word>  $words
     */
    private static function made(array $words): ?string
    {
        $made = null;
        $called = self::called();
        $rank = array_flip(array_keys(Finishes::all()));
        foreach ($words as $i => $word) {
            [$before, $next, $third] = [$words[$i - 1] ?? null, $words[$i + 1] ?? null, $words[$i + 2] ?? null];
            $name = $called[$word->text] ?? ($next === null ? null : $called["{$word->text} {$next->text}"] ?? null);
            if ($name !== null && ! $before?->is('no', 'not', 'without')) {
                // In panels on canvas is in panels: what stands later in the register is more.
                $made = $made === null || $rank[$name] > $rank[$made] ? $name : $made;
            }
            $isOnOne = $word->is('on') && $next?->is('one', 'single') && ($third?->isDigits() || $third?->is('sheet', 'a'));
            $isOnOne && ($made ??= Finishes::gathering()->name());
        }

        return $made;
    }

    /** Whether a word says something of prints: “lustre” is nobody who is written to. */
    public function knows(string $word): bool
    {
        return $this->book->isWord($word) && ! Common::is($word);
    }

    /** @return array<string, string> what is made, by words that say so */
    private static function called(): array
    {
        $called = [];
        foreach (Finishes::saidInWords() as $finish) {
            $called += array_fill_keys($finish->calledIn(), $finish->name());
        }

        return $called;
    }

    /**
     * Slips of the pen, put right where they can be only one word of the trade.
     *
     * @param  list<Word>  $words
     * @return list<Word>
     */
    private function mended(array $words, string $text): array
    {
        foreach ($words as $i => $word) {
            // A name isn't misspelled.
            if ($i > 0 && preg_match('/\G\p{Lu}\p{Ll}/u', $text, $m, 0, $word->at) === 1) {
                continue;
            }
            if (
                ! $word->isLetters() ||
                strlen($word->text) < 4 ||
                $this->book->isWord($word->text) ||
                Common::is($word->text) ||
                $this->pictures->isWord($word->text)
            ) {
                continue;
            }
            if (! array_key_exists($word->text, $this->meant)) {
                $meant = English::is($word->text) ? null : Spelling::meant($word->text, $this->book->words() + Common::all());
                // Hardly anybody misspells a word's first letter: a lorry isn't sorry.
                $isOther = $meant !== null && Common::is($meant) && $meant[0] !== $word->text[0];
                $this->meant[$word->text] = $isOther ? null : $meant;
            }
            $this->meant[$word->text] === null || ($words[$i] = $word->meant($this->meant[$word->text]));
        }

        return $words;
    }

    /**
     * What was taken for another word is told, where it says something.
     *
     * @param  list<Word>  $words
     * @param  list<ChartItem>  $items
     */
    private function tellMended(array $words, array $items): void
    {
        foreach ($words as $word) {
            // The same letters in another order are a slip and no other word.
            if ($word->instead === null || ! $word->isLetters() || Common::is($word->text) || $word->isTurnedRound()) {
                continue;
            }
            foreach ($items as $item) {
                $isIn = $item->at <= $word->at && $item->end() >= $word->end();
                if ($isIn && $item->kind->saysSomething()) {
                    $with = str_ireplace($word->instead, $word->text, $item->words);
                    $item->doubt("“{$word->instead}” was read as “{$word->text}”.", [new Offer("“{$word->text}”", $with)]);
                }
            }
        }
    }
}
