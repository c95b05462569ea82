<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

use Planisher\Colour\Surface;
use Planisher\Lab\Text\Edges;
use Planisher\Measure\Unit;

/** The papers a lab prints on, where it names them: a list behind “papers”, or the surfaces it has prints in. */
final class PapersRule implements RequirementRule
{
    private const SURFACES = [
        'glossy' => 'glossy|gloss|high[- ]gloss|metallic|pearl gloss',
        'lustre' => 'lustre|luster|satin|semi-?(?:gloss|matte?)|silk|pearl|baryta',
        'matte' => 'matte?|cotton|rag|etching|watercolou?r|fine art|bamboo|hemp|velvet|smooth',
    ];

    public function read(Statement $statement, Unit $bare): array
    {
        if ($statement->says('\bcanvas\b|\bprofiles?\b')) {
            return [];
        }
        $list =
            $statement->match(
                '\b(?:papers?|surfaces?|finish(?:es)?)\b(?:\s+(?:we\s+\w+|are|available|on offer|in stock))?\s*[:–—-]\s*(?<list>.+)$',
            ) ??
            ($statement->match('\b(?:on|in|between)\s+(?<list>[^.:]*?)\s+(?:papers?|surfaces?|finish(?:es)?|stock)\b') ??
                (preg_match('/^(?:our |photo )*papers?$/iu', trim($statement->heading)) === 1 &&
                preg_match('/[\d@]/', $statement->text) !== 1
                    ? ['list' => $statement->text]
                    : null));
        if ($list === null) {
            return [];
        }
        $papers = [];
        foreach (preg_split('/,(?![^(]*\))|\/|;|\s+and\s+|\s+or\s+|\s+&\s+/iu', rtrim($list['list'], '.')) ?: [] as $part) {
            $name = (string) preg_replace('/\([^)]*\)|\b(?:our|the|either|both|also|a|on)\b|\bpapers?\b/iu', ' ', $part);
            $name = Edges::off($name, '.:-–');
            $name = (string) preg_replace('/\s+/', ' ', $name);
            $surface = self::surface($part);
            if ($surface === null || $name === '' || mb_strlen($name) > 40 || str_word_count($name) > 5) {
                return []; // what is no paper among them makes the rest doubtful
            }
            $papers[] = ucfirst($name).": {$surface->value}";
        }

        return ['papers' => $papers];
    }

    private static function surface(string $words): ?Surface
    {
        foreach (self::SURFACES as $surface => $spelled) {
            if (preg_match("/\\b(?:{$spelled})\\b/iu", $words) === 1) {
                return Surface::from($surface);
            }
        }

        return null;
    }
}
