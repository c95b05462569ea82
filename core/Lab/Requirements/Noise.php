<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

/** Tells what a page says that nobody misses: headings, greetings, how to get in touch. What has a figure is never noise. */
final class Noise
{
    private const POLITE =
        '\b(?:thank|thanks|welcome|hello|dear|please (?:read|note|contact|call|ask|get in touch)|questions?|call us|e-?mail us|contact|'.
        'we look forward|happy to help|team|opening hours|see you|best wishes|yours|cookies?|privacy|terms|about us|home|'.
        'frequently asked|faq|last updated|since \d{4}|made with care|family[- ]run)\b';

    public static function is(Statement $statement, bool $wasReadBefore): bool
    {
        if ($wasReadBefore) {
            return false; // it says otherwise than something before it
        }
        $text = $statement->text;
        $isHeading = preg_match('/[\d.!?]/u', $text) !== 1 && mb_strlen($text) <= 48 && str_word_count($text) <= 6;

        return $isHeading || ($statement->says(self::POLITE) && preg_match('/\d\s*(?:ppi|dpi|in|cm|mm|MB|GB|x|×|%|bit)/iu', $text) !== 1);
    }
}
