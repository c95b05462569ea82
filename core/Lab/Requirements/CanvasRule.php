<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Unit;

/** How deep a canvas goes round its bars, what is wanted beyond that, and whether face and edges come apart. */
final class CanvasRule implements RequirementRule
{
    private const DEEP = '(?:deep|depth|bars?|stretcher|thick\w*|wrap\w*|edges?|sides?|fold\w*)';

    private const SPARE = '(?:spare|extra|additional|more|to hold|to staple|beyond|overlap|safety)';

    public function read(Statement $statement, Unit $bare): array
    {
        if (! $statement->isAbout('\bcanvas|\bwrap|\bstretcher|\bface and (?:the )?edges')) {
            return [];
        }
        $said = [];
        $length = BleedRule::LENGTH;
        if (preg_match_all("/{$length}/iu", $statement->text, $found, PREG_OFFSET_CAPTURE) > 0) {
            foreach ($found[0] as [$words, $at]) {
                [$before, $after] = [substr($statement->text, 0, (int) $at), substr($statement->text, (int) $at + strlen($words))];
                if (preg_match('/^\s*(?:x|×|by)|(?:x|×|by)\s*$/iu', $after) === 1 || preg_match('/(?:x|×|\bby)\s*$/iu', $before) === 1) {
                    continue; // a side of a size
                }
                $isSpare =
                    preg_match('/^[^,.;\d]{0,24}'.self::SPARE.'/iu', $after) === 1 ||
                    preg_match('/'.self::SPARE.'[^,.;\d]{0,16}$/iu', $before) === 1;
                $isDeep = preg_match('/'.self::DEEP.'/iu', $statement->text) === 1;
                if ($isSpare || $isDeep) {
                    $said += self::length($isSpare ? 'canvas.spare' : 'canvas.depth', $words, $bare);
                }
            }
        }
        if ($statement->says('\b(?:separate|apart|two)\b[^.;]{0,30}\bfiles?\b|\bfiles?\b[^.;]{0,20}\b(?:separate|apart)')) {
            $said['canvas.edgesApart'] = 'two files';
        } elseif ($statement->says('\b(?:two|separate)\b[^.;]{0,20}\bpages?\b')) {
            $said['canvas.edgesApart'] = 'two pages of a TIFF';
        }

        return $said;
    }

    /** @return array<string, string> */
    private static function length(string $field, string $words, Unit $bare): array
    {
        try {
            return [$field => (string) Length::parse($words, $bare)];
        } catch (MeasureError) {
            return [];
        }
    }
}
