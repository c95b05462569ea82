<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

use Planisher\Lab\Text\Edges;
use Planisher\Measure\Unit;

/** What the lab is called: its page's first line, or where it greets. */
final class CalledRule implements RequirementRule
{
    private const WHAT =
        '(?:file|print|printing|image|photo|colour|artwork)?\s*(?:requirements?|guidelines?|guide|specifications?|'.
        'specs?|preparation|set-?up|help|faq|prices?|price list|checklist)';

    public function read(Statement $statement, Unit $bare): array
    {
        $words = '[\p{Lu}\d][\p{L}\d&.’\'-]*(?:\s(?:[\p{Lu}\d&][\p{L}\d&.’\'-]*|and|of|the))*';
        $greeted = $statement->match("(?:\\bwelcome to|^at|^here at)\\s+(?<name>{$words})");
        if ($greeted !== null) {
            return ['name' => self::clean($greeted['name'])];
        }
        if (
            ! $statement->isFirst ||
            mb_strlen($statement->text) > 80 ||
            preg_match('/\d\s*(?:x|×|ppi|dpi|cm|mm|in)\b/iu', $statement->text)
        ) {
            return [];
        }
        $title = $statement->match('^(?<name>.+?)\s*(?:[-–—:|·,.]+\s+.*|\s'.self::WHAT.'.*)$') ?? ['name' => $statement->text];
        $name = self::clean((string) preg_replace('/\s+'.self::WHAT.'$/iu', '', $title['name']));

        return $name === '' || preg_match('/^(?:how|our|your|file|files|please|what|before|the files?)\b/iu', $name) === 1
            ? []
            : ['name' => $name];
    }

    private static function clean(string $name): string
    {
        $name = Edges::off($name, '.:!,–—-');

        return mb_strtoupper($name) === $name && preg_match('/\p{L}{4}/u', $name) ? mb_convert_case($name, MB_CASE_TITLE) : $name;
    }
}
