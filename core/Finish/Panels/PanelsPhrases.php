<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Wish\Heard;
use Planisher\Wish\Known;
use Planisher\Wish\NumberWords;
use Planisher\Wish\Phrase;

/** How people say that one picture is shared out between several panels. */
final class PanelsPhrases
{
    /** @return list<Phrase> */
    public static function all(): array
    {
        $panels = fn (array $wanted): array => ['make' => PanelsFinish::NAME, PanelsFinish::NAME => $wanted];
        $beside = fn (array $shares): array => $panels(['columns' => $shares]);
        $below = fn (array $shares): array => $panels(['columns' => [1], 'rows' => $shares]);
        $equal = fn (?int $count): ?array => $count === null || $count < 2 || $count > PanelShares::MOST ? null : array_fill(0, $count, 1);
        $pieces = 'panels?';
        $stacked =
            '(?:stacked|one (?:above|below|under|on top of) (?:the|an)other|under each other|on top of each other|from '.
            'top to bottom|top to bottom)';
        $made = '(?:as |in |into |split into |cut into |across |over |divided into |shared out between )*(?:an? )?(?:set of )?';

        return [
            Phrase::with("{$made}{count} (?:equal )?(?:{$stacked} {$pieces}|{$pieces},? {$stacked})", function (Heard $said) use (
                $equal,
                $below,
            ): ?array {
                $shares = $equal($said->count());

                return $shares === null ? null : $below($shares);
            }),
            Phrase::with("{$made}(?<columns>\\d+)\\s*(?:x|×|by)\\s*(?<rows>\\d+) (?:equal )?{$pieces}", function (Heard $said) use (
                $equal,
                $panels,
            ): ?array {
                [$columns, $rows] = [$equal($said->count('columns')), $equal($said->count('rows'))];

                return $columns === null || $rows === null ? null : $panels(['columns' => $columns, 'rows' => $rows]);
            }),
            Phrase::with(
                "{$made}(?:{count} )?{$pieces} (?:of|:) (?<shares>\\d[\\d.,]*(?:(?:\\s*:\\s*|,? and |, ".
                    ')\\d[\\d.,]*)+\\s*(?:in(?:ches)?|cm|mm|")?)',
                fn (Heard $said, Known $known): ?array => self::shares($said->words('shares'), $known),
            ),
            Phrase::with(
                "{$made}(?<side>(?:triptychs?|diptychs?|polyptychs?))(?:,? (?:with )?(?:a )?(?<wide>wide[r]?) (?:middle|".
                    'centre|center)(?: (?:one|panel))?)?',
                fn (Heard $said): ?array => match (true) {
                    $said->has('wide') => $beside([1, 2, 1]),
                    str_starts_with(mb_strtolower($said->words('side')), 't') => $beside([1, 1, 1]),
                    str_starts_with(mb_strtolower($said->words('side')), 'd') => $beside([1, 1]),
                    default => null,
                },
            ),
            Phrase::with(
                "{$made}{count} (?:equal )?{$pieces},? (?:with )?(?:an? )?wide[r]? (?:middle|centre|center)(?: (?:one|panel|piece))?",
                fn (Heard $said): ?array => match ($said->count()) {
                    3 => $beside([1, 2, 1]),
                    5 => $beside([1, 1, 2, 1, 1]),
                    default => null,
                },
            ),
            Phrase::with("{$made}{count} (?:equal |even )?(?:{$pieces}|side by side)", function (Heard $said) use (
                $equal,
                $beside,
            ): ?array {
                $shares = $equal($said->count());

                return $shares === null ? null : $beside($shares);
            }),
            Phrase::of(
                '(?:with )?(?:an? |the )?wide[r]? (?:middle|centre|center)(?: (?:one|panel|piece))?|middle (?:one |panel )?wider',
                $beside([1, 2, 1]),
            ),
            Phrase::with(
                '(?:with )?(?:an? )?(?:gaps?|spacing)(?: of| :|:)? {length}(?: between(?: them)?)?',
                fn (Heard $said): array => $panels(['gap' => $said->length()]),
            ),
            Phrase::with(
                '{length}(?: gaps?| of wall)? (?:apart|between(?: them| the panels| panels)?)|(?:with )?(?:an? )?{length:gap} gaps?',
                fn (Heard $said): array => $panels([
                    'gap' => $said->length($said->has('length') ? 'length' : 'gap'),
                ]),
            ),
            Phrase::with(
                '{length} overlap|overlap(?:ping)?(?: by| of)? {length:by}',
                fn (Heard $said): array => $panels([
                    'overlap' => $said->length($said->has('length') ? 'length' : 'by'),
                ]),
            ),
            Phrase::with('(?:split |cut |divided |shared out )?(?:in|into|between) {count} (?:equal )?(?:pieces|parts)', function (
                Heard $said,
            ) use ($equal, $beside): ?array {
                $shares = $equal($said->count());

                return $shares === null ? null : $beside($shares);
            }),
        ];
    }

    /** @return ?array<string, mixed> */
    private static function shares(string $typed, Known $known): ?array
    {
        $unit = preg_match('/([a-z"]+)$/i', $typed, $m) === 1 ? $m[1] : null;
        $numbers = preg_split('/\s*:\s*|,?\s+and\s+|,\s+/i', (string) preg_replace('/\s*[a-z"]+$/i', '', $typed)) ?: [];
        if ($unit === null && ! str_contains($typed, ':')) {
            $unit = $known->unit->value;
        }
        try {
            $shares = array_map(
                fn (string $number): string|float => $unit === null
                    ? (float) NumberWords::typed($number)
                    : (string) Length::parse("{$number} {$unit}"),
                $numbers,
            );
        } catch (MeasureError) {
            return null;
        }

        return count($shares) > PanelShares::MOST ? null : ['make' => PanelsFinish::NAME, PanelsFinish::NAME => ['columns' => $shares]];
    }
}
