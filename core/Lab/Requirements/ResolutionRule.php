<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

use Planisher\Measure\Unit;

/** Pixels per inch: what files are to have, and the least. */
final class ResolutionRule implements RequirementRule
{
    private const PPI = '(?:ppi|dpi|pixels?\s*(?:per|\/)\s*inch|dots\s*per\s*inch)';

    private const LEAST =
        '(?:at least|minimum(?: of)?|min\.?|no(?:t)? (?:less|lower|fewer) than|not below|not under|'.
        'nothing (?:below|under)|below|under|down to|lowest|less than|fewer than)';

    public function read(Statement $statement, Unit $bare): array
    {
        if (
            preg_match_all(
                '/(\d{2,4})\s*(?:-\s*\d{2,4}\s*)?'.self::PPI.'/iu',
                $statement->text,
                $found,
                PREG_SET_ORDER | PREG_OFFSET_CAPTURE,
            ) === 0
        ) {
            return [];
        }
        $said = [];
        foreach ($found as $m) {
            $before = substr($statement->text, 0, (int) $m[0][1]);
            $after = substr($statement->text, (int) $m[0][1] + strlen($m[0][0]));
            $isLeast =
                preg_match('/'.self::LEAST.'[^.,;]{0,24}$/iu', $before) === 1 ||
                preg_match('/^\s*(?:\(?minimum|\(?min\b|or (?:more|higher|above)|is the (?:least|minimum)|and (?:up|above))/iu', $after) ===
                    1;
            if (
                preg_match('/\b(?:screen|web|canvas(?:es)?|wall|large (?:prints?|pieces?)|posters?)\b/iu', $statement->text) === 1 &&
                count($found) === 1 &&
                ! $isLeast
            ) {
                continue; // of something else than a plain print
            }
            $said += [$isLeast ? 'minimumPpi' : 'ppi' => $m[1][0]];
        }

        return $said;
    }
}
