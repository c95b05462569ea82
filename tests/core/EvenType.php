<?php

declare(strict_types=1);

namespace Tests\core;

use Planisher\Words\Face;
use Planisher\Words\Run;
use Planisher\Words\Style;
use Planisher\Words\Typesetter;

/** Type in which every letter is half an em wide: core's own arithmetic can be followed in one's head. Only Rubik has Hebrew. */
final class EvenType implements Typesetter
{
    public const LETTER = 0.5;

    public function run(Face $face, Style $style, string $text): Run
    {
        $missing = array_filter(
            mb_str_split($text),
            fn (string $letter): bool => $letter === '☃' || ($face !== Face::Rubik && preg_match('/\p{Hebrew}/u', $letter) === 1),
        );
        $letters = mb_strlen((string) preg_replace('/\p{Cf}/u', '', $text));

        return new Run($letters * self::LETTER, array_values(array_unique($missing)));
    }
}
