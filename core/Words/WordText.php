<?php

declare(strict_types=1);

namespace Planisher\Words;

use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/** A text that is set: letters alone, since control characters say nothing on paper. */
final class WordText
{
    /** Of a caption's own text, and of lettering */
    public const LONGEST = 500;

    /**
     * @return string its lines parted by "\n", composed (Unicode normalisation form C), so that accents find their letters
     *
     * @throws OrderFileError
     */
    public static function fromNode(JsonNode $node, bool $hasLines): string
    {
        $text = str_replace(["\r\n", "\r"], "\n", $node->string(self::LONGEST));
        if (preg_match('/[\p{Cc}\p{Cs}\p{Co}\p{Cn}\x{FFFC}\x{FFFD}]/u', $hasLines ? str_replace("\n", '', $text) : $text) !== 0) {
            throw $node->unexpected('text of letters alone; it has a control character or one that is none');
        }

        return \Normalizer::normalize($text, \Normalizer::FORM_C) ?: $text;
    }
}
