<?php

declare(strict_types=1);

namespace Planisher\Naming;

/** Any text as Latin letters, digits and hyphens in lower case: what every lab's system takes. */
final class SafeText
{
    /** Device names that Windows reserves whatever their ending (Microsoft, Naming Files, Paths, and Namespaces). */
    private const RESERVED = '/^(con|prn|aux|nul|com[0-9]|lpt[0-9])$/';

    private static ?\Transliterator $fold = null;

    /** May be empty when nothing of the text is a letter or a digit. */
    public static function of(string $text): string
    {
        self::$fold ??= \Transliterator::create('Any-Latin; Latin-ASCII; Lower()')
            ?? throw new \RuntimeException('ICU has no Latin-ASCII transform.');
        $plain = str_replace(["'", '’'], '', (string) self::$fold->transliterate(mb_scrub($text)));

        return trim((string) preg_replace('/[^a-z0-9]+/', '-', $plain), '-');
    }

    public static function isReserved(string $stem): bool
    {
        return preg_match(self::RESERVED, $stem) === 1;
    }
}
