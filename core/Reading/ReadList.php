<?php

declare(strict_types=1);

namespace Planisher\Reading;

use Planisher\Language\Foreign\Tongue;
use Planisher\Language\Known;
use Planisher\Language\Words\PictureNames;
use Planisher\Measure\Unit;
use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;
use Planisher\Reading\Discourse\Conversation;
use Planisher\Reading\Discourse\ReadSentence;
use Planisher\Reading\Discourse\Talk;
use Planisher\Reading\Message\BlockKind;
use Planisher\Reading\Message\FiledLine;
use Planisher\Reading\Message\Message;
use Planisher\Reading\Message\MessageTable;
use Planisher\Reading\Message\TableReader;

/**
 * A client's message or list, read: line by line, with what holds over several of them. Nothing of it is dropped: what was not
 * understood stands in its line, and on the remark of what comes of it.
 */
final readonly class ReadList
{
    private const UNIT_OF_ALL =
        '/(?:sizes?|measure(?:ment)?s?|dimensions|figures)(?: (?:are|is|all|given|below|in'.
        '|always))* (?:in )(cms?|centimet(?:er|re)s?|inches|mm|millimet(?:er|re)s?)(?!\pL)/iu';

    /** A unit without a figure, of which it isn't plain what is in it: “(in cm)” */
    private const UNIT_OF_SOME = '/(?<!\d)(?<!\d )(?<!")\bin (cms?|centimet(?:er|re)s?|inches|mm|millimet(?:er|re)s?)(?!\pL)/iu';

    /** @param  list<ReadLine>  $lines */
    private function __construct(public array $lines) {}

    /**
     * @param  list<string>  $pictures  names of the order's pictures, in its order
     * @param  list<string>  $chosen  those of them that are meant where nothing is said
     *
     * @throws TooMuch
     */
    public static function read(string $text, Known $known, array $pictures, array $chosen = []): self
    {
        TooMuch::check($text);
        $text = mb_check_encoding($text, 'UTF-8') ? $text : (string) \UConverter::transcode($text, 'UTF-8', 'UTF-8');
        $unit = preg_match(self::UNIT_OF_ALL, $text, $m) === 1 ? Unit::spelled($m[1]) : null;
        $reader = new Reader($known, new PictureNames($pictures), $unit, Tongue::of($text));
        $blocks = Message::blocks($text, fn (string $word): bool => $reader->pictures->isWord($word) || $reader->knows($word));
        $lines = $sentences = [];
        $words = self::inColumns(...);
        foreach ($blocks as $at => $block) {
            $lines[$at] =
                $block->kind === BlockKind::Filed
                    ? FiledLine::read($block->number, $block->text, $pictures)
                    : new ReadLine($block->number, $block->text, []);
            if ($block->kind === BlockKind::Passed && self::seemsOfPrints($block->words(), $reader->pictures)) {
                $lines[$at]->doubt('This was taken for no part of the order, and left out. Is that so?');
            }
            if ($block->kind === BlockKind::TooLong) {
                $lines[$at]->items = [new ChartItem(ItemKind::Unknown, 0, strlen($block->text), why: TooMuch::ofLine($block->text))];
            }
            if ($block->kind !== BlockKind::Words) {
                continue;
            }
            $lines[$at]->items = ChartItem::moved($reader->items($words($block->words())), $block->start);
            $sentences[$at] = ReadSentence::all($lines[$at]->items, $block->text, $at);
        }
        foreach (MessageTable::all($blocks) as $table) {
            $sentences = (new TableReader($reader))->read($table, $blocks, $lines) + $sentences;
        }
        $talk = new Talk($reader, $blocks, $lines, $sentences, $chosen);
        if ($unit === null && preg_match(self::UNIT_OF_SOME, $text, $m) === 1 && Unit::spelled($m[1]) !== $known->unit) {
            $talk->unsettled = "Is all of it in {$m[1]}?";
        }
        (new Conversation($talk))->read();
        self::tellOfNothing($lines);

        return new self(array_values($lines));
    }

    /** Whether a size stands in what was passed, or the number of a picture. */
    private static function seemsOfPrints(string $words, PictureNames $pictures): bool
    {
        preg_match_all('/(?<![\d+])\d{3,6}(?!\d)/', $words, $numbers);

        return preg_match('/\d\s*[x×]\s*\d/u', $words) === 1 ||
            array_filter($numbers[0], fn (string $number): bool => $pictures->isNumber((int) $number)) !== [];
    }

    /**
     * Of one line alone something is wanted: where nothing was understood, that is told.
     *
     * @param  array<int, ReadLine>  $lines
     */
    private static function tellOfNothing(array $lines): void
    {
        $written = array_values(array_filter($lines, fn (ReadLine $line): bool => trim($line->text) !== ''));
        $isNothing = count($written) === 1 && $written[0]->prints === [] && $written[0]->isSure();
        $isNothing && $written[0]->doubt('Nothing in this says what is to be printed.');
    }

    /** Values apart by commas alone, as programs write them: none of these commas is a decimal's. */
    private static function inColumns(string $words): string
    {
        // “ceremony 4 / 5x7 / 2”, “2201/8x10/2”
        $parts = explode(' / ', $words);
        $sized = array_filter($parts, fn (string $part): bool => preg_match('/\d\s?[x×]\s?\d|\d by \d|\bA\d\b/iu', $part) === 1);
        if (count($parts) > 1 && count($sized) === count($parts)) {
            return str_replace(' / ', ' ; ', $words); // “cake 8x10, 2 copies / rings 5x7”
        }
        $words = preg_match('/ \/ \d+\s?[x×]\s?\d|\d\s?[x×]\s?\d\S* \/ /u', $words) === 1 ? str_replace(' / ', ' , ', $words) : $words;
        $isOfParts = preg_match('/^\s*[^\s\/]+\/\d+\s?[x×]\s?\d+[^\s\/\d]*\/\d{1,3}\s*$/u', $words) === 1;
        $words = $isOfParts ? strtr($words, '/', "\t") : $words;
        $isOfColumns = substr_count($words, ',') > 1 && preg_match('/,\s|\s,/', trim($words)) !== 1;

        // “ceremony 1,2,3 in 6x4”: pictures one after the other
        return $isOfColumns && preg_match('/(?:^|\s)\d+(?:,\d+)+(?=\s|$)/', $words) !== 1 ? strtr($words, ',', "\t") : $words;
    }

    /** @return list<ReadPrint> */
    public function prints(): array
    {
        return array_merge(...array_map(fn (ReadLine $line): array => $line->prints, $this->lines), ...[[]]);
    }
}
