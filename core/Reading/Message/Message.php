<?php

declare(strict_types=1);

namespace Planisher\Reading\Message;

use Planisher\Reading\TooMuch;

/** Parts a message into lines, and says of each what it is: words to be read, a greeting, a signature, somebody else's question. */
final class Message
{
    private const HEAD =
        '/^(?:from|to|cc|bcc|sent|date|subject|von|an|betreff|gesendet|de|objet|envoyé|reply-to)\s*:'.
        '|^-{2,}\s*(?:original message|forwarded message|begin forwarded)|^on .{6,80} wrote:\s*$'.
        '|^am .{6,80} schrieb.*:\s*$|^le .{6,80} a écrit\s*:|^begin forwarded|^sent from my [^.!?]{1,30}\W*$|^get outlook/iu';

    /** Above what is answered */
    private const REPLY = '/\b(?:wrote|schrieb|écrit)\b.*:\s*$/u';

    private const CLOSING =
        '/^(?:(?:with|many|kind|best|warm|very|friendly|yours?|sincerely|faithfully|all the|thank|thanks|thx'.
        '|ta|cheers|regards|love|bye|cordially|gr(?:ü|ue)(?:ß|ss)e|greetings|mit freundlichen|viele|liebe'.
        '|beste|bien|un saludo|saludos|gracias|merci|danke|lg|vg|tia|yours)\b[^\d:]{0,60}|x{1,3}o?x?'.
        '|🙏+)\W*$/iu';

    private const GREETING =
        '/^\s*(?:(?i:hi|hello|hey|hiya|dear|hallo|hola|bonjour|morning|evening|good (?:morning|afternoon'.
        '|evening|day)|guten (?:tag|morgen|abend)|greetings|ok(?:ay)?)\b(?:\s+(?!\d)(?:there|all|again|love'.
        '|lovely|hon|both|(?i:miss|mr|mrs|ms|dr|madam|sir)|\p{Lu}[\p{L}\'’.-]*)){0,3}\s*(?:[,!.–—-]+|:\)|$)+\s*)/u';

    private const BULLET =
        '/^(?:\s*(?:[-–—*•·▪‣◦→+]\s+|\(?\d{1,3}[.)]\s+(?=\S)|\d\.\d\.?\s+(?![x×]\s)(?=\p{L}{3})'.
        '|\(?[a-zA-Z][.)]\s+(?=\S)|\[[ xX✓]?\]\s*|[✓✔☑✅]\s*|fig\.?\s*\d+\s+|lot\s+\d+\s+'.
        '|page\s+\d+(?:\s*[&,+-]\s*\d+)*\s*:\s*|plot\s+\d+\s*:\s*|\d\/\d\s+(?=\p{Lu})'.
        '|p{1,3}\.?s\.?\s*[:,]?\s+|edit(?:\s+\d+)?\s*:\s*))+/iu';

    private const STRUCK = '/^\s*(?:[-–—*•·▪‣]\s*)?(?:[✘✗❌☒✕☐]|\[ \])\s*/u';

    private const ADDRESS =
        '/^(?:(?:flat|unit|no\.?)?\s*\d{1,4}[a-z]?,?\s+[\p{L}\'’. -]{2,40}\b(?:street|road|lane|avenue|close'.
        '|drive|row|court|yard|way)\b.*|[\p{L}\'’. -]{2,40}(?:straße|strasse|str\.|allee|platz|weg|lane'.
        '|road|street)\s+\d{1,4}\b.*|[A-Z]{1,2}\d[A-Z\d]? ?\d[A-Z]{2}|(?:tel|phone|mobile|mob|fax|e-?mail'.
        '|www)\b.*|\+?[\d\s()\/-]{7,}|\S+@\S+|https?:\S+)\s*$/iu';

    private const NAME =
        '/^(?:\p{Lu}[\p{L}\'’.-]*|[&,]|of|de|von|van|x+'.
        '|\(\d+\))(?:\s+(?:\p{Lu}[\p{L}\'’.-]*|[&,|]|of|de|von|van|x+|\(\d+\)))*\s*[.,!]?\s*(?:x{1,3}|🙂'.
        '|😊|:\))?\s*$/u';

    /** “TWO OF SET A PLEASE” is no name. */
    private const NO_NAME =
        '/\b(?:one|two|three|four|five|six|seven|eight|nine|ten|all|each|both|please|prints?|cop(?:y|ies)|matte?|gloss\w*|lustre|sets?'.
        '|same|everything)\b/iu';

    /**
     * @param  ?\Closure(string): bool  $isPicture  whether a word is one of a picture's name
     * @return list<Block>
     */
    public static function blocks(string $text, ?\Closure $isPicture = null): array
    {
        $blocks = [];
        foreach (preg_split('/\r\n|\r|\n/', $text) ?: [] as $i => $line) {
            $blocks[] = self::block($i + 1, $line);
        }
        self::ticked($blocks);
        self::quoted($blocks);
        self::signed($blocks, $isPicture ?? fn (): bool => false);
        self::addressed($blocks, $isPicture ?? fn (): bool => false);

        return $blocks;
    }

    private static function block(int $number, string $line): Block
    {
        if (preg_match('/^\s*\{\s*"/', $line) === 1) {
            return new Block($number, $line, BlockKind::Filed);
        }
        if (strlen($line) > TooMuch::LONGEST_LINE) {
            return new Block($number, $line, BlockKind::TooLong);
        }
        $quotes = preg_match('/^\s*(?:>\s?)+/', $line, $m) === 1 ? $m[0] : '';
        $depth = substr_count($quotes, '>');
        $start = strlen($quotes);
        $rest = substr($line, $start);
        $indent = strlen($rest) - strlen(ltrim($rest));
        if (trim($rest) === '') {
            return new Block($number, $line, BlockKind::Blank, $start, $depth);
        }
        if (preg_match('/^\s*[-=_~*#]{3,}\s*$/', $rest) === 1) {
            return new Block($number, $line, BlockKind::Ruled, $start, $depth);
        }
        if (preg_match(self::HEAD, trim($rest)) === 1) {
            return new Block($number, $line, BlockKind::Passed, $start, $depth);
        }
        if (preg_match(self::STRUCK, $rest, $struck) === 1 && preg_match('/[☑✔✓✅]|\[x\]/iu', $rest) !== 1) {
            return new Block($number, $line, BlockKind::Words, $start + strlen($struck[0]), $depth, isStruck: true, indent: $indent);
        }
        $item = null;
        if (preg_match(self::BULLET, $rest, $bullet) === 1) {
            $start += strlen($bullet[0]);
            preg_match('/(\d{1,3})[.)]\s*$/', $bullet[0], $m) === 1 && ($item = (int) $m[1]);
            $rest = substr($line, $start);
        }
        if (preg_match(self::GREETING, $rest, $hello) === 1 && $item === null) {
            $start += strlen($hello[0]);
            $rest = substr($line, $start);
            if (trim($rest) === '') {
                return new Block($number, $line, BlockKind::Passed, $start, $depth);
            }
        }

        return new Block($number, $line, BlockKind::Words, $start, $depth, $item, indent: $indent);
    }

    /**
     * A list of numbers of which some are ticked: the others aren't wanted.
     *
     * @param  list<Block>  $blocks
     */
    private static function ticked(array $blocks): void
    {
        $numbers = array_filter(
            $blocks,
            fn (Block $block): bool => $block->kind === BlockKind::Words &&
                preg_match('/^\s*\S{1,20}\s*[✓✔☑✅]?\s*$/u', $block->words()) === 1 &&
                preg_match('/\d/', $block->words()) === 1,
        );
        $ticked = array_filter($numbers, fn (Block $block): bool => preg_match('/[✓✔☑✅]\s*$/u', $block->words()) === 1);
        if (count($numbers) > 2 && $ticked !== [] && count($ticked) < count($numbers)) {
            foreach (array_diff_key($numbers, $ticked) as $block) {
                $block->kind = BlockKind::Passed;
            }
        }
    }

    /**
     * What is quoted is the client's own where nothing else is, or where it asks nothing; else it was asked, and is answered.
     *
     * @param  list<Block>  $blocks
     */
    private static function quoted(array $blocks): void
    {
        $words = array_filter($blocks, fn (Block $block): bool => $block->kind === BlockKind::Words);
        $quoted = array_filter($words, fn (Block $block): bool => $block->depth > 0);
        $deepest = $quoted === [] ? 0 : max(array_map(fn (Block $block): int => $block->depth, $quoted));
        $asked = false;
        // An answer that stands above what it answers
        $isAnswered =
            $quoted !== [] &&
            ($words[array_key_first($words)]->depth ?? 1) === 0 &&
            (array_filter($quoted, fn (Block $block): bool => str_contains($block->text, '?')) !== [] || self::ordersAbove($words)) &&
            array_filter($blocks, fn (Block $of): bool => preg_match(self::REPLY, $of->text) === 1) !== [];
        foreach ($blocks as $block) {
            $isQuoted = $block->depth > 0;
            $isQuoted && $block->kind === BlockKind::Words && ($asked = $asked || str_contains($block->text, '?'));
            $isAnswered = $isAnswered || (! $isQuoted && $asked && $block->kind === BlockKind::Words);
        }
        foreach ($quoted as $block) {
            if (($isAnswered && $block->depth === 1) || ($deepest > 1 && $block->depth === $deepest)) {
                $block->kind = BlockKind::Asked;
            }
        }
    }

    /**
     * Whether sizes are ordered above what is quoted, which then was written to the client.
     *
     * @param  array<int, Block>  $words
     */
    private static function ordersAbove(array $words): bool
    {
        foreach ($words as $block) {
            if ($block->depth > 0) {
                return false;
            }
            if (preg_match('/\d\s*[x×]\s*\d|\bA[2-6]\b/u', $block->text) === 1) {
                return true;
            }
        }

        return false;
    }

    /**
     * “Tess, for the spring hang:” — a name that the message is addressed to.
     *
     * @param  list<Block>  $blocks
     */
    private static function addressed(array $blocks, \Closure $isPicture): void
    {
        foreach ($blocks as $i => $block) {
            if ($block->kind !== BlockKind::Words) {
                continue;
            }
            $isName =
                preg_match(
                    '/^\s*(\p{Lu}?\p{L}[\p{L}\'’]+)(?:\s+(?:darling|dear|love|hon|there|again))?\s*(?:[,!]|[—–-]\s|$)/u',
                    $block->words(),
                    $m,
                ) === 1;
            if (
                $isName &&
                ! $isPicture(mb_strtolower($m[1])) &&
                preg_match('/\d/', $m[0]) !== 1 &&
                preg_match(
                    '/^(?:all|both|size|each|order|total|matte?|gloss\w*|lustre|canvas|same|whole|two'.
                        '|three|four|one|fill|borderless|uncropped|please|large|small|medium)$/iu',
                    $m[1],
                ) !== 1
            ) {
                $rest = substr($block->words(), strlen($m[0]));
                $blocks[$i]->kind = trim($rest) === '' && count($blocks) > 1 ? BlockKind::Passed : $block->kind;
                trim($rest) === '' || ($block->start += strlen($m[0]));
            }

            return;
        }
    }

    /**
     * Closings, and names and addresses behind them.
     *
     * @param  list<Block>  $blocks
     * @param  \Closure(string): bool  $isPicture
     */
    private static function signed(array $blocks, \Closure $isPicture): void
    {
        $isAfter = false;
        $words = array_values(array_filter($blocks, fn (Block $block): bool => $block->kind === BlockKind::Words));
        foreach ($words as $i => $block) {
            $text = trim($block->words());
            $isLast = $i === count($words) - 1;
            if (preg_match(self::CLOSING, $text) === 1) {
                $block->kind = BlockKind::Passed;
                $isAfter = true;
            } elseif (
                preg_match(self::ADDRESS, $text) === 1 &&
                ! self::isOfPictures($text, $isPicture) &&
                preg_match('/\d\s*[x×]\s*\d/u', $text) !== 1 &&
                preg_match('/^\s*[\d\s,&+-]{3,}$/', $text) !== 1
            ) {
                $block->kind = BlockKind::Passed;
            } elseif (
                preg_match(self::NAME, $text) === 1 &&
                preg_match('/\d\s*[x×]\s*\d|^[AB]\d\b/u', $text) !== 1 &&
                preg_match(self::NO_NAME, $text) !== 1 &&
                ($isAfter || ! self::isOfPicture($text, $isPicture)) &&
                $block->item === null &&
                ($isAfter || $isLast) &&
                $i > 0
            ) {
                $block->kind = BlockKind::Passed;
                $isAfter = true;
            } else {
                $isAfter = $isAfter && preg_match('/\|/', $text) === 1 && $isLast;
            }
        }
    }

    /**
     * “Aunt Lou”, below other pictures: all of its words are of a picture's name.
     *
     * @param  \Closure(string): bool  $isPicture
     */
    private static function isOfPicture(string $text, \Closure $isPicture): bool
    {
        preg_match_all('/\pL+/u', mb_strtolower($text), $words);

        return $words[0] !== [] && array_filter($words[0], fn (string $word): bool => ! $isPicture($word)) === [];
    }

    /**
     * “2216 (2)” looks like a telephone number.
     *
     * @param  \Closure(string): bool  $isPicture
     */
    private static function isOfPictures(string $text, \Closure $isPicture): bool
    {
        preg_match_all('/\d+/', $text, $numbers);
        $isOfNumbers = preg_match('/\p{L}/u', $text) !== 1;

        return $isOfNumbers && array_filter($numbers[0], fn (string $number): bool => strlen($number) > 2 && $isPicture($number)) !== [];
    }
}
