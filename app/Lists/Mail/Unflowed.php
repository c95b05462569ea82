<?php

declare(strict_types=1);

namespace App\Lists\Mail;

/** Paragraphs that a program broke into lines for sending, whole again (RFC 3676, 4: format=flowed). */
final class Unflowed
{
    /** @param  bool  $deletesSpace  the space at a broken line's end isn't part of it (DelSp=yes) */
    public static function of(string $text, bool $deletesSpace): string
    {
        $whole = [];
        $isOpen = false;
        $depth = 0;
        foreach (preg_split('/\r\n|\r|\n/', $text) ?: [] as $line) {
            $quotes = strspn($line, '>');
            $words = substr($line, $quotes);
            $words = str_starts_with($words, ' ') ? substr($words, 1) : $words;
            $isBroken = str_ends_with($words, ' ') && $words !== '-- ';
            $words = $isBroken && $deletesSpace ? substr($words, 0, -1) : $words;
            if ($isOpen && $quotes === $depth && $words !== '-- ') {
                $whole[count($whole) - 1] .= $words;
            } else {
                $whole[] = ($quotes === 0 ? '' : str_repeat('>', $quotes).' ').$words;
            }
            [$isOpen, $depth] = [$isBroken, $quotes];
        }

        return implode("\n", $whole);
    }
}
