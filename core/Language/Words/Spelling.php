<?php

declare(strict_types=1);

namespace Planisher\Language\Words;

/** Words that were meant and spelled otherwise: “mirorred”, “haf”. */
final class Spelling
{
    /** How many letters are otherwise: put in, left out, another, or two of them the other way round (Damerau 1964). */
    public static function distance(string $one, string $other): int
    {
        $many = levenshtein($one, $other);
        if ($many === 2 && strlen($one) === strlen($other)) {
            for ($i = 0; $i < strlen($one) - 1; $i++) {
                $turned = $one;
                [$turned[$i], $turned[$i + 1]] = [$one[$i + 1], $one[$i]];
                if ($turned === $other) {
                    return 1;
                }
            }
        }

        return $many;
    }

    /**
     * The one known word that a word is a slip of; null where there is none, or several.
     *
     * @param  array<string, mixed>  $known  words, as keys
     */
    public static function meant(string $word, array $known): ?string
    {
        $near = self::near($word, $known);

        return count($near) === 1 ? $near[0] : null;
    }

    /**
     * The known words that a word may be a slip of.
     *
     * @param  array<string, mixed>  $known  words, as keys
     * @param  int  $shortest  of what length a word has to be: of short ones many are alike
     * @return list<string>
     */
    public static function near(string $word, array $known, int $shortest = 5): array
    {
        $length = strlen($word);
        if (
            $length < $shortest ||
            isset($known[$word]) ||
            isset($known[rtrim($word, 's')]) ||
            isset($known["{$word}s"]) ||
            preg_match('/^[a-z]+$/', $word) !== 1
        ) {
            return [];
        }
        $best = [];
        $least = $length >= 8 ? 2 : 1;
        foreach ($known as $of => $_) {
            $of = (string) $of;
            if (strlen($of) < 4 || abs(strlen($of) - $length) > $least || ($of[0] !== $word[0] && $of[1] !== $word[1])) {
                continue;
            }
            $far = self::distance($word, $of);
            if ($far < $least) {
                [$best, $least] = [[$of], $far];
            } elseif ($far === $least) {
                $best[] = $of;
            }
        }

        return $best;
    }
}
