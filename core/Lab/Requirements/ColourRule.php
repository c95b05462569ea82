<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

use Planisher\Colour\Space;
use Planisher\Measure\Unit;

/** The colour space of files, and whether a paper's own profile is taken. */
final class ColourRule implements RequirementRule
{
    private const ADOBE = 'adobe\s*rgb(?:\s*\(?1998\)?)?';

    private const SRGB = 's-?rgb(?:\s*iec\s*61966[\d.-]*)?';

    private const NO = '(?:\bno\b|\bnot\b|n’t|n\'t|never|instead of|rather than|other than|avoid|without)';

    public function read(Statement $statement, Unit $bare): array
    {
        return self::space($statement) + self::profiles($statement);
    }

    /** @return array<string, string> */
    private static function space(Statement $statement): array
    {
        $isIn = fn (string $space): bool => $statement->says("(?<!\\w){$space}");
        $isRefused = fn (string $space): bool => $statement->says(self::NO."[^.;]{0,40}{$space}") ||
            $statement->says("{$space}[^.;,]{0,30}(?:is|are)\\s*(?:n’t|n't|not)");
        $wanted = array_values(
            array_filter([
                $isIn(self::SRGB) && ! $isRefused(self::SRGB) ? Space::Srgb : null,
                $isIn(self::ADOBE) && ! $isRefused(self::ADOBE) ? Space::AdobeRgb : null,
            ]),
        );
        if (count($wanted) < 2) {
            return $wanted === [] ? [] : ['colour' => $wanted[0]->value];
        }
        // Where both are taken, the one that is preferred, else the one that can't go wrong.
        $prefer = '(?:prefer\w*|best|recommend\w*|ideally|convert\w*)';
        $isAdobe =
            $statement->says("{$prefer}[^.;,]{0,24}".self::ADOBE) ||
            $statement->says(self::ADOBE.'[^.;]{0,16}\\(?(?:preferred|recommended)');

        return ['colour' => ($isAdobe && ! $statement->says("{$prefer}[^.;,]{0,24}".self::SRGB) ? Space::AdobeRgb : Space::Srgb)->value];
    }

    /** @return array<string, string> */
    private static function profiles(Statement $statement): array
    {
        if (! $statement->says('\b(?:our|paper|printer|icc|own|output|custom)\b[^.;]{0,40}\bprofiles?\b')) {
            return [];
        }
        $isRefused =
            $statement->says(self::NO.'[^.;]{0,60}\bprofiles?\b') ||
            $statement->says(
                '\bprofiles?\b[^.;]{0,40}(?:for\s+)?(?:soft[- ]?proof\w*\s+only|(?:are|is)\s*(?:n’t|n\'t|not)|'.
                    'only\s+for\s+(?:soft[- ]?)?proof)',
            );
        $isTaken = $statement->says('(?:convert\w*|accept\w*|take|send|embed\w*|welcome|may be|can be)');

        return $isRefused
            ? ['takesPaperProfiles' => 'no']
            : ($isTaken && $statement->says('convert|accept|take|welcome')
                ? ['takesPaperProfiles' => 'yes']
                : []);
    }
}
