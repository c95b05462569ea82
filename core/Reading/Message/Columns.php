<?php

declare(strict_types=1);

namespace Planisher\Reading\Message;

/** What a column of a client's table is about, by what is written above it. */
final class Columns
{
    /** Pictures, sizes, counts, wishes, and what is none of ours: money, numbers of lines, names. */
    private const HEADS = [
        'count' => '/^(?:qty|quantity|copies|count|how many|number of (?:copies|prints|pieces)|pcs|pieces|amount'.
            '|prints|anzahl|menge|quantité|cantidad|nos)\.?$/iu',
        'picture' => '/^(?:file(?: ?name)?|pictures?|images?|photos?|photograph|pic|(?:picture|image|photo) (?:name'.
            '|number|no\.?)|filename|bild|foto|ref)s?$/iu',
        'size' => '/^(?:size|print size|format|dimensions?|paper size|größe|taille|tamaño)s?$/iu',
        'wish' => '/^(?:finish|paper|product|notes?|remarks?|comments?|wish(?:es)?|options?|surface|instructions?'.
            '|type|crop|border|details?|description)$/iu',
        'none' => '/^(?:(?:unit )?price|total|sum|cost|amount due|sku|item|line|no\.?|nr\.?|#|each|£|\$|€|code|ean'.
            '|room|name|client|customer|pupil|date)s?$/iu',
    ];

    /** @return ?string count, picture, size, wish or none; null where it is no heading that is known */
    public static function kind(string $head): ?string
    {
        foreach (self::HEADS as $kind => $pattern) {
            if (preg_match($pattern, trim($head)) === 1) {
                return $kind;
            }
        }

        return null;
    }
}
