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
        $latin = preg_match('/[^\x00-\x7f]/', $text) === 1 ? self::fold($text) : strtolower($text);

        return trim((string) preg_replace('/[^a-z0-9]+/', '-', str_replace(["'", '’'], '', $latin)), '-');
    }

    /** ICU's transforms take long to load, so plain text does without. */
    private static function fold(string $text): string
    {
        self::$fold ??=
            \Transliterator::create('Any-Latin; Latin-ASCII; Lower()') ?? throw new \RuntimeException('ICU has no Latin-ASCII transform.');

        return (string) self::$fold->transliterate(mb_scrub($text));
    }

    public static function isReserved(string $stem): bool
    {
        return preg_match(self::RESERVED, $stem) === 1;
    }
}
