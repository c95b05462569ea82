<?php

declare(strict_types=1);

namespace Planisher\Language\Foreign;

/**
 * Languages beside English: each is a table of its words and ours for them, read word by word, with number words from intl's own
 * spelling. What isn't in the tables stays as it is, and is a doubt. No promise beyond sizes, counts, pictures, finish and paper.
 */
final class Tongue
{
    /** Small words that tell a language apart. */
    private const TELLS = [
        'de' => [
            'bitte',
            'und',
            'von',
            'den',
            'das',
            'die',
            'der',
            'ich',
            'wir',
            'mit',
            'je',
            'abzüge',
            'danke',
            'hallo',
            'möchte',
            'hätte',
            'als',
            'für',
            'auf',
            'bild',
            'mal',
            'ein',
            'eine',
            'stück',
            'glänzend',
            'weißem',
            'schwarzweiß',
        ],
        'fr' => [
            'bonjour',
            'merci',
            'je',
            'voudrais',
            'les',
            'des',
            'une',
            'et',
            'avec',
            'pour',
            'en',
            'sur',
            'photo',
            'exemplaires',
            'toile',
            'brillant',
            'mat',
            'sans',
            'tirages',
            'chaque',
            'du',
            'la',
            'le',
        ],
        'es' => [
            'hola',
            'gracias',
            'queremos',
            'quiero',
            'de',
            'la',
            'el',
            'los',
            'las',
            'una',
            'copias',
            'cada',
            'tamaño',
            'papel',
            'lienzo',
            'en',
            'por',
            'favor',
            'también',
            'y',
            'brillo',
            'sin',
        ],
    ];

    private const LEAST = 2;

    /** Words of the tables that are English, too */
    private const ENGLISH = [
        'image',
        'images',
        'photo',
        'photos',
        'total',
        'format',
        'copies',
        'copie',
        'margen',
        'print',
        'border',
        'paper',
        'canvas',
        'number',
    ];

    /** @var array<string, array<string, string>> tables that were read, by language */
    private static array $tables = [];

    /** The language of a message: two letters, “en” where nothing tells it apart. */
    public static function of(string $text): string
    {
        preg_match_all('/\p{L}+/u', mb_strtolower($text), $found);
        $words = array_count_values($found[0]);
        $english = array_sum(
            array_intersect_key(
                $words,
                array_flip(['the', 'and', 'of', 'please', 'with', 'for', 'to', 'is', 'i', 'we', 'you', 'a', 'in', 'as']),
            ),
        );
        $best = ['en', max(self::LEAST - 1, $english)];
        foreach (self::TELLS as $language => $tells) {
            $many = array_sum(array_intersect_key($words, array_flip($tells)));
            $many > $best[1] && ($best = [$language, $many]);
        }
        if ($best[0] === 'en' && $english === 0) {
            foreach (self::TELLS as $language => $tells) {
                // One word that no other language has is enough where nothing is English.
                $own = array_diff_key(array_intersect_key($words, self::table($language)), array_flip(self::ENGLISH));
                if (array_filter(array_keys($own), fn (int|string $word): bool => mb_strlen((string) $word) > 4) !== []) {
                    return $language;
                }
            }
        }

        return $best[0];
    }

    /**
     * Our words for those of a language.
     *
     * @return array<string, string> none for English
     */
    public static function table(string $language): array
    {
        if (! isset(self::TELLS[$language])) {
            return [];
        }

        return self::$tables[$language] ??= (require __DIR__."/{$language}.php") + self::numbers($language);
    }

    /** @return array<string, string> number words of a language, by intl's own spelling, and ours for them */
    private static function numbers(string $language): array
    {
        $theirs = new \NumberFormatter($language, \NumberFormatter::SPELLOUT);
        $ours = new \NumberFormatter('en', \NumberFormatter::SPELLOUT);
        $table = [];
        foreach ([...range(1, 20), 30, 40, 50, 60, 70, 80, 90] as $number) {
            $word = (string) $theirs->format($number);
            if (preg_match('/^\p{L}+$/u', $word) === 1) {
                $table[$word] = (string) $ours->format($number);
            }
        }

        return $table;
    }
}
