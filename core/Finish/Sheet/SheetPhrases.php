<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Wish\Heard;
use Planisher\Wish\Phrase;

/** How people say that several prints share a sheet. */
final class SheetPhrases
{
    private const SHEET = '(?:sheets?|pages?|papers?)';

    private const MOST = 100;

    /** @return list<Phrase> */
    public static function all(): array
    {
        $sheet = self::SHEET;

        return [
            Phrase::with("{count} (?:to an?|per|on (?:one|an?|each|every)|a|up on an?) {$sheet}|{count:up}[ -]up(?! to)", function (
                Heard $said,
            ): ?array {
                $count = $said->count($said->has('count') ? 'count' : 'up');

                return $count === null || $count < 1 || $count > self::MOST ? null : [Phrase::GATHER => $count];
            }),
            Phrase::of(
                "(?:all )?(?:together |put |laid |ganged )*(?:on|onto) (?:one|a|the same) (?:shared )?{$sheet}|(?:on ".
                    ")?shared {$sheet}|sharing an? {$sheet}",
                [
                    Phrase::GATHER => 0,
                ],
            ),
            Phrase::of('(?:with )?cut ?marks', [SheetWanted::NAME => ['cutMarks' => true]]),
            Phrase::with(
                '(?:with )?(?:an? )?gutters?(?: of)? {length}|{length:wide} gutters?',
                fn (Heard $said): array => [
                    SheetWanted::NAME => ['gutter' => $said->length($said->has('length') ? 'length' : 'wide')],
                ],
            ),
        ];
    }
}
