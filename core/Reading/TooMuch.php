<?php

declare(strict_types=1);

namespace Planisher\Reading;

/** More than anybody writes to order prints: it isn't read, and says how much would be. */
final class TooMuch extends \DomainException
{
    /** A message, in letters */
    public const LONGEST = 60_000;

    public const MOST_LINES = 2_000;

    /** Prints of one message */
    public const MOST_PRINTS = 2_000;

    /** Columns of a table */
    public const MOST_COLUMNS = 40;

    /** One line of it, in bytes; the others are read all the same */
    public const LONGEST_LINE = 3_000;

    public static function check(string $text): void
    {
        // Lines of an order file aren't read as words.
        $letters = mb_strlen((string) preg_replace('/^\s*\{.*$/m', '', $text));
        if ($letters > self::LONGEST) {
            throw new self(
                'This is longer than any list: '.
                    number_format($letters).
                    ' letters, where '.
                    number_format(self::LONGEST).
                    ' are read at once. Give a part of it.',
            );
        }
        $lines = substr_count($text, "\n") + 1;
        if ($lines > self::MOST_LINES) {
            throw new self(
                'This has more than '.number_format(self::MOST_LINES).' lines, which is all that are read at once. Give a part of it.',
            );
        }
    }

    /** What is said of a line that is too long, which wasn't read. */
    public static function ofLine(string $text): string
    {
        return 'This line has '.
            number_format(mb_strlen($text)).
            ' letters and was not read. Break it into lines of up to '.
            number_format(self::LONGEST_LINE).
            '.';
    }
}
