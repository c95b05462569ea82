<?php

declare(strict_types=1);

namespace Planisher\Written;

use Planisher\Measure\Length;

/** Parts a text into words, runs of digits and signs. */
final class Lexer
{
    /** What looks alike is alike: signs as they are typed, and no marks that can't be seen. */
    private const PLAIN = [
        '’' => "'",
        '‘' => "'",
        'ʼ' => "'",
        '‚' => "'",
        '“' => '"',
        '”' => '"',
        '„' => '"',
        '‟' => '"',
        '″' => '"',
        '«' => '"',
        '»' => '"',
        '′' => "'",
        '×' => 'x',
        '✖' => 'x',
        '✕' => 'x',
        '–' => '-',
        '—' => '-',
        '‐' => '-',
        '−' => '-',
        '➕' => '+',
        '…' => '.',
    ];

    /** Of a word: zero-width and joining marks, which say nothing. */
    private const UNSEEN = '/[\x{200B}-\x{200F}\x{202A}-\x{202E}\x{2060}-\x{2064}\x{FE0F}\x{FEFF}\x{00AD}]+/u';

    private const WORDS = '/\p{L}[\p{L}\p{M}]*(?:[\'’ʼ]\p{L}+)?|\p{Nd}+|[½¼¾⅓⅔⅛⅜⅝⅞]|[^\s\p{Z}\p{Cf}\x{FE0F}]/u';

    /** “Garden... 8x10”: dots behind which a sentence goes on are a comma */
    private const DOTS = '/(?:\.{2,}|…)(?=\s*(?:\p{Ll}|\p{Nd}|[IVX]+\b))/u';

    /** “:)”, “;-)”: a face says nothing */
    private const FACE = '/(?<=\s)[:;]-?[)(DP](?=\s|$)/';

    /** Letters of other scripts that look like ours: what is written with them is read as it looks. */
    private const ALIKE = ['а' => 'a', 'е' => 'e', 'о' => 'o', 'р' => 'p', 'с' => 'c', 'х' => 'x', 'у' => 'y', 'і' => 'i', 'ѕ' => 's'];

    /** @return list<Word> */
    public static function words(string $text): array
    {
        $text = self::plain($text);
        preg_match_all(self::WORDS, $text, $found, PREG_OFFSET_CAPTURE);
        $words = [];
        $end = -1;
        foreach ($found[0] as [$written, $at]) {
            $between = $end < 0 ? ' ' : substr($text, $end, $at - $end);
            $isUnseen = $between !== ' ' && preg_match(self::UNSEEN, $between) === 1 && preg_match('/[\s\p{Z}]/u', $between) !== 1;
            $isGlued = $between === '' || $isUnseen;
            $kind = self::kind($written);
            $end = $at + strlen($written);
            $plain = $written;
            if (preg_match('/[^\x00-\x7f]/', $written) === 1) {
                $plain = strtr($written, self::PLAIN);
                $plain = $plain === $written ? (\Normalizer::normalize($written, \Normalizer::FORM_KC) ?: $written) : $plain;
                $kind === WordKind::Letters && ($plain = self::latin($plain));
            }
            if ($plain === 'x' && $kind === WordKind::Sign) {
                $kind = WordKind::Letters;
            }
            if ($written[0] >= "\xc2" && isset(Length::VULGAR[$written])) {
                $plain = $written;
            }
            $words[] = new Word(mb_strtolower($plain), $at, strlen($written), $isGlued, $kind);
        }

        return self::mended($words);
    }

    /** Without dots and faces that part no words; as long as it was. */
    private static function plain(string $text): string
    {
        $blank = fn (array $of): string => str_repeat(' ', strlen($of[0]));
        if (str_contains($text, '..') || str_contains($text, '…')) {
            $text = (string) preg_replace_callback(self::DOTS, fn (array $dots): string => substr_replace($blank($dots), ',', 0, 1), $text);
        }

        return strpbrk($text, ':;') === false ? $text : (string) preg_replace_callback(self::FACE, $blank, $text);
    }

    private static function kind(string $written): WordKind
    {
        return match (true) {
            ctype_digit($written[0]) => WordKind::Digits,
            ctype_alpha($written[0]) => WordKind::Letters,
            $written[0] < "\x80" => WordKind::Sign,
            preg_match('/^\p{L}/u', $written) === 1 => WordKind::Letters,
            preg_match('/^\p{Nd}/u', $written) === 1 => WordKind::Digits,
            default => WordKind::Sign,
        };
    }

    private static function latin(string $word): string
    {
        $small = mb_strtolower($word);
        $alike = strtr($small, self::ALIKE);

        return preg_match('/^[\p{Latin}\']+$/u', $alike) === 1 ? $alike : $word;
    }

    /**
     * “8x1O”: a letter O behind a digit is a nought; “x5” stays two words.
     *
     * @param  list<Word>  $words
     * @return list<Word>
     */
    private static function mended(array $words): array
    {
        $mended = [];
        foreach ($words as $i => $word) {
            // Dictated signs
            if ($word->text === 'comma') {
                $word = new Word(',', $word->at, $word->length, false, WordKind::Sign);
            } elseif ($word->text === 'stop' && ($words[$i - 1] ?? null)?->text === 'full') {
                array_pop($mended);
                $word = new Word('.', $words[$i - 1]->at, $word->end() - $words[$i - 1]->at, false, WordKind::Sign);
            }
            $last = $mended[count($mended) - 1] ?? null;
            if ($word->isGlued && $last !== null && $last->isDigits() && in_array($word->text, ['o', 'oo'], true)) {
                array_pop($mended);
                $word = new Word(
                    $last->text.str_repeat('0', strlen($word->text)),
                    $last->at,
                    $last->length + $word->length,
                    $last->isGlued,
                    WordKind::Digits,
                    $last->text.$word->text,
                );
            }
            $mended[] = $word;
        }

        return $mended;
    }
}
