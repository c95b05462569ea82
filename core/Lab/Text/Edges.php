<?php

declare(strict_types=1);

namespace Planisher\Lab\Text;

/** What stands round a text and isn't part of it, taken off letter by letter; PHP's own trim does it byte by byte and breaks letters. */
final class Edges
{
    /** @param  string  $letters  beside white space, each by itself */
    public static function off(string $text, string $letters): string
    {
        $class = '[\s'.preg_quote($letters, '/').']+';

        return (string) preg_replace("/^{$class}|{$class}$/u", '', $text);
    }
}
