<?php

declare(strict_types=1);

namespace Planisher\Language\Rule;

/** All forms of an English word: raise, raises, raised, raising. Irregular ones stand in a table. */
final class Forms
{
    private const IRREGULAR = [
        'cut' => ['cut', 'cuts', 'cutting'],
        'draw' => ['draw', 'draws', 'drew', 'drawn', 'drawing'],
        'run' => ['run', 'runs', 'ran', 'running'],
        'set' => ['set', 'sets', 'setting'],
        'put' => ['put', 'puts', 'putting'],
        'write' => ['write', 'writes', 'wrote', 'written', 'writing', 'rite'],
        'lay' => ['lay', 'lays', 'laid', 'laying'],
        'see' => ['see', 'sees', 'saw', 'seen', 'seeing'],
        'show' => ['show', 'shows', 'showed', 'shown', 'showing'],
        'keep' => ['keep', 'keeps', 'kept', 'keeping'],
        'lose' => ['lose', 'loses', 'lost', 'losing', 'loose'],
        'go' => ['go', 'goes', 'went', 'gone', 'going'],
        'make' => ['make', 'makes', 'made', 'making'],
        'take' => ['take', 'takes', 'took', 'taken', 'taking'],
        'sit' => ['sit', 'sits', 'sat', 'sitting'],
        'hang' => ['hang', 'hangs', 'hung', 'hanged', 'hanging'],
        'leave' => ['leave', 'leaves', 'left', 'leaving'],
        'say' => ['say', 'says', 'said', 'saying'],
        'bring' => ['bring', 'brings', 'brought', 'bringing'],
        'give' => ['give', 'gives', 'gave', 'given', 'giving'],
        'bleed' => ['bleed', 'bleeds', 'bled', 'bleeding'],
        'have' => ['have', 'has', 'had', 'having'],
        'tell' => ['tell', 'tells', 'told', 'telling'],
        'read' => ['read', 'reads', 'reading'],
        'split' => ['split', 'splits', 'splitting'],
        'chop' => ['chop', 'chops', 'chopped', 'chopping'],
        'want' => ['want', 'wants', 'wanted', 'wanting'],
        'panel' => ['panel', 'panels'],
        'copy' => ['copy', 'copies', 'copys'],
        'canvas' => ['canvas', 'canvases', 'canvasses'],
        'open' => ['open', 'opens', 'opened', 'opening'],
        'soften' => ['soften', 'softens', 'softened', 'softening'],
        'darken' => ['darken', 'darkens', 'darkened', 'darkening'],
        'lighten' => ['lighten', 'lightens', 'lightened', 'lightening'],
        'sharpen' => ['sharpen', 'sharpens', 'sharpened', 'sharpening'],
        'letter' => ['letter', 'letters', 'lettered', 'lettering'],
        'center' => ['center', 'centers', 'centered', 'centering'],
        'border' => ['border', 'borders', 'bordered'],
        'mirror' => ['mirror', 'mirrors', 'mirrored', 'mirroring'],
        'gutter' => ['gutter', 'gutters'],
        'deliver' => ['deliver', 'delivers', 'delivered'],
    ];

    /** @return list<string> */
    public static function of(string $word): array
    {
        if (isset(self::IRREGULAR[$word])) {
            return self::IRREGULAR[$word];
        }
        $end = substr($word, -1);
        $isDoubled = preg_match('/[^aeiou][aeiou][bdfgklmnprt]$/', $word) === 1 && strlen($word) < 6;

        return match (true) {
            $end === 'e' => [$word, "{$word}s", "{$word}d", substr($word, 0, -1).'ing'],
            $end === 'y' && preg_match('/[aeiou]y$/', $word) !== 1 => [
                $word,
                substr($word, 0, -1).'ies',
                substr($word, 0, -1).'ied',
                "{$word}ing",
            ],
            preg_match('/(?:s|x|z|ch|sh)$/', $word) === 1 => [$word, "{$word}es", "{$word}ed", "{$word}ing"],
            $isDoubled => [$word, "{$word}s", "{$word}{$end}ed", "{$word}{$end}ing", "{$word}ed", "{$word}ing"],
            default => [$word, "{$word}s", "{$word}ed", "{$word}ing"],
        };
    }
}
