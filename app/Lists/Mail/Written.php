<?php

declare(strict_types=1);

namespace App\Lists\Mail;

/**
 * What somebody wrote in an e-mail themselves: without the signature, without the message that it answers. One that was passed on is
 * kept with what it passes on, and one that answers line by line is kept whole, since its answers stand between the questions.
 */
final readonly class Written
{
    /** A signature's line (RFC 3676, 4.3). */
    private const SIGNATURE = '/^-- ?$/';

    private const WROTE = '/\b(?:wrote|schrieb|écrit|escribió)\b[^:]{0,60}:\s*$/u';

    private const ANSWERED = '/^\s*-{2,}\s*(?:original message|ursprüngliche nachricht|message d.origine|mensaje original)\s*-{2,}/iu';

    private const HEAD = '/^\s*\*?(?:from|von|de)\*?\s*:\s*\S/iu';

    private const REST_OF_HEAD = '/^\s*\*?(?:sent|date|to|subject|gesendet|datum|an|betreff|envoyé|objet|à|enviado|para|asunto)\*?\s*:/iu';

    private const PASSED_ON = '/^\s*(?:fwd?|fw|wg|tr|rv)\s*:/i';

    private const FORWARDED = '/^\s*(?:-{2,}\s*)?(?:begin )?(?:forwarded message|weitergeleitete nachricht|message transféré)/iu';

    /** @param  int  $answered  lines of what it answers, which aren't in it */
    private function __construct(public string $text, public int $answered) {}

    public static function of(string $text, string $subject, bool $isAnswer): self
    {
        $lines = preg_split('/\r\n|\r|\n/', $text) ?: [];
        $isPassedOn = preg_match(self::PASSED_ON, $subject) === 1 || self::first($lines, self::isForwarded(...)) !== null;
        $quote = self::first($lines, self::beginsAnswered(...));
        if ($isPassedOn || $quote === null || (! $isAnswer && preg_match('/^\s*(?:re|aw|sv)\s*:/i', $subject) !== 1)) {
            return new self(self::unsigned($lines, self::first($lines, self::beginsOther(...))), 0);
        }
        $own = array_slice($lines, 0, $quote);
        $below = array_slice($lines, $quote);
        $isBetween = self::isAnsweredBetween($below);

        return $isBetween || trim(implode('', $own)) === ''
            ? new self(implode("\n", $lines), 0)
            : new self(self::unsigned($own, null), count(array_filter($below, fn (string $line): bool => trim($line, "> \t") !== '')));
    }

    /**
     * Where the first line is of which something holds.
     *
     * @param  list<string>  $lines
     * @param  \Closure(list<string>, int): bool  $holds
     */
    private static function first(array $lines, \Closure $holds): ?int
    {
        foreach (array_keys($lines) as $i) {
            if ($holds($lines, $i)) {
                return $i;
            }
        }

        return null;
    }

    /** @param  list<string>  $lines */
    private static function isForwarded(array $lines, int $i): bool
    {
        return preg_match(self::FORWARDED, $lines[$i]) === 1;
    }

    /** @param  list<string>  $lines */
    private static function beginsOther(array $lines, int $i): bool
    {
        return self::isForwarded($lines, $i) || self::beginsAnswered($lines, $i);
    }

    /**
     * “On Tuesday … wrote:”, which may be broken over two lines, a rule that says so, or the head of another message.
     *
     * @param  list<string>  $lines
     */
    private static function beginsAnswered(array $lines, int $i): bool
    {
        $line = $lines[$i];
        $next = $lines[$i + 1] ?? '';
        if (preg_match(self::ANSWERED, $line) === 1 || preg_match(self::WROTE, $line) === 1) {
            return true;
        }
        if (preg_match('/^(?:on|am|le|el)\s/iu', $line) === 1 && preg_match(self::WROTE, $next) === 1) {
            return true;
        }
        $isHead = fn (string $of): bool => preg_match(self::REST_OF_HEAD, $of) === 1;

        return preg_match(self::HEAD, $line) === 1 && $isHead($next) && $isHead($lines[$i + 2] ?? '');
    }

    /**
     * Whether own words stand below the first that is quoted.
     *
     * @param  list<string>  $below
     */
    private static function isAnsweredBetween(array $below): bool
    {
        $isQuoted = fn (string $line): bool => str_starts_with(ltrim($line), '>');
        $first = array_filter($below, $isQuoted);
        if ($first === []) {
            return false; // it isn't marked line by line: all of it is what was answered
        }
        $after = array_slice($below, (int) array_key_first($first));
        $own = array_filter($after, fn (string $line): bool => ! $isQuoted($line) && trim($line) !== '');

        return $own !== [] && preg_match(self::SIGNATURE, (string) reset($own)) !== 1;
    }

    /**
     * Without a signature, which ends where another message begins.
     *
     * @param  list<string>  $lines
     */
    private static function unsigned(array $lines, ?int $other): string
    {
        $at = self::first($lines, fn (array $all, int $i): bool => preg_match(self::SIGNATURE, $all[$i]) === 1);
        $kept =
            $at === null || ($other !== null && $at > $other)
                ? $lines
                : [...array_slice($lines, 0, $at), ...$other === null ? [] : array_slice($lines, $other)];

        return trim(implode("\n", $kept), "\n");
    }
}
