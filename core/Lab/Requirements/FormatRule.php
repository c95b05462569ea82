<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

use Planisher\Measure\Unit;

/** The kinds of file a lab takes, the quality of a JPEG, the bits of a TIFF. */
final class FormatRule implements RequirementRule
{
    private const FORMATS = ['JPEG' => 'jpe?gs?', 'TIFF' => 'tiffs?|tifs?'];

    private const NO = '(?:\bno\b|\bnot\b|n’t|n\'t|never|cannot|without|instead of|rather than)';

    public function read(Statement $statement, Unit $bare): array
    {
        return self::formats($statement) + self::quality($statement) + self::bits($statement);
    }

    /** @return array<string, string> */
    private static function formats(Statement $statement): array
    {
        $taken = [];
        foreach (self::FORMATS as $name => $spelled) {
            $at = preg_match("/\\b(?:{$spelled})\\b/iu", $statement->text, $m, PREG_OFFSET_CAPTURE) ? (int) $m[0][1] : null;
            $isRefused =
                $statement->says(self::NO."[^.;,]{0,40}\\b(?:{$spelled})\\b") ||
                $statement->says("\\b(?:{$spelled})\\b[^.;,]{0,24}(?:(?:is|are|can)\\s*(?:n’t|n't|not)|cannot)");
            if ($at !== null && ! $isRefused) {
                $taken[$name] = $at;
            }
        }
        asort($taken);
        // “16 bits in a TIFF”, “JPEG quality 95” don’t say that it is all the lab takes
        $isOfOne =
            count($taken) === 1 &&
            $statement->says('\b(?:bits?|compress\w*|layers?|larger than|up to \d+ MB)\b|quality\s*(?:of|:)?\s*\d+$|jpe?g quality') &&
            ! $statement->says('\b(?:only|format|files? must be|send|accept|take|save)\b');

        return $taken === [] || $isOfOne ? [] : ['formats' => implode(' or ', array_keys($taken))];
    }

    /** @return array<string, string> */
    private static function quality(Statement $statement): array
    {
        if (! $statement->says('jpe?g|quality')) {
            return [];
        }
        if (preg_match('/\b(?:level\s*)?(\d{1,2})\s*(?:of|out of|\/)\s*(10|12)\b/iu', $statement->text, $m) === 1) {
            return ['quality' => (string) (int) round((100 * (int) $m[1]) / (int) $m[2])];
        }
        $m =
            $statement->match('quality\D{0,24}?(100|[3-9]\d)(?:\s*%)?(?!\s*(?:ppi|dpi|MB|kB|x|×|\d|in\b|cm))') ??
            $statement->match('(100|[3-9]\d)\s*%\s*(?:jpe?g\s*)?quality');

        return $m === null ? [] : ['quality' => $m[1]];
    }

    /** @return array<string, string> */
    private static function bits(Statement $statement): array
    {
        $sixteen = '16[\s-]*bits?';
        if ($statement->says($sixteen)) {
            $isRefused =
                $statement->says(self::NO."[^.;]{0,30}{$sixteen}") ||
                $statement->says("{$sixteen}[^.;]{0,30}(?:are|is|will be)\\s*(?:n’t|n't|not|converted|reduced)") ||
                $statement->says('\b8[\s-]*bits?[^.;]{0,20}\bnot\b');

            return ['bits' => $isRefused ? '8' : '8 or 16'];
        }

        return $statement->says('\b8[\s-]*bits?') ? ['bits' => '8'] : [];
    }
}
