<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;

/**
 * How sentences are built in which “all, each, the rest, the same, not” and brackets are understood. What such a word is said of
 * follows from where it stands; a sentence that is built in no way of these is read, too, and asked.
 */
final class Familiar
{
    /** “Garden 8x10; storm”: pictures without a size behind a semicolon, before which sizes were said */
    private const SIZELESS = '/S[^;]*;[^S;D]*P[^S;D]*(?:;|$)/';

    /**
     * P pictures, S a size, N how many, A all or both, E each, R the rest, D the same, ! not, I instead, L “the last”, M a sum;
     * _ a comma or a colon, or none; # one print: its picture, its size, how many, in any order.
     */
    public const BUILT = [
        // Pictures, sizes and numbers alone
        'N' => 'two copies',
        '(P(_NN?)?|NN?_P)([,;]*(P(_N)?|N_P))*(_S)?' => 'garden x2, wood x3, 8x10',
        '(S:?_P(_N)?([,;]*P(_N)?)*[,;]*)+' => '8x10: garden x2, wood x3; 5x7: storm',
        'P:P_S' => 'garden - wood 8x10',
        'NSP([,;]*NP)+' => 'two 5x7s of garden and one of storm',
        'N?_S_(NN?)?([,;]*N?_S_N?)*' => '8x10 x2, 5x7',
        '(#|P_N?_S_N?([,;]*N?_S_N?)+)([,;]*(#|P_N?_S_N?([,;]*N?_S_N?)+))*' => 'garden 8x10 2 each, wood: 2 of 5x7, one 4x6',
        '(N?S[,;]*)+P' => 'one 16x20 and two 8x10s of storm',
        // Each
        '(P_|S_)*NE' => 'garden 8x10, storm 5x7, two of each',
        'NE_(P_|S_)+' => '2 of each: garden 8x10, wood 5x7',
        '(P_)?N?SE' => 'garden, wood 8x10 each',
        'P_S_SE' => 'garden and storm 8x10, and one A4 of each',
        '(#,)?N_P_SE' => 'lighthouse 16x20 and a couple of the boat, 8x10 each',
        'P_NE_S' => 'garden and wood, two apiece, 5x7',
        'P_S_NE_N_P' => 'harbour 1-3, 5x7, one each, plus one extra of harbour 2',
        'NE_S(,#)*' => 'one of each in 4x6, and two 8x10 of the slipway',
        'N?SE:P' => '1 print 8x10 of each: garden, wood',
        '(N?S_)+EP' => 'one 8x10 and one 5x7 of each of the harbours',
        'EN' => 'each of them in duplicate',
        // All
        'A' => 'all matte',
        '\(?A_S(_NE?)?\)?' => 'all in 4x6, two each',
        '\(?A_S\)?:P' => 'all 8x10: garden, wood',
        'A_S_(P_S|S_P)' => 'all in 4x6, and garden also 8x10',
        'S_A:P' => '8x10 of all: garden, wood',
        'S_A_S_P' => '4x6 of everything, plus an 8x10 of garden',
        'AP_S(_NE?)?(,#)?' => 'both harbours in 8x10',
        'P_A_S(_NE?)?(,#)?' => 'garden and wood all 5x7',
        'P_S_(N_)?A' => 'garden and wood, 5x7 both',
        'N_P_S_A' => '2 garden 5x7 for both mums',
        '(#,)+N?A' => 'garden 5x7, wood 8x10, all lustre',
        'P\(A\)S' => 'the harbours (all 3) 6x4',
        '#\(A\)' => 'garden 8x10, 3 (both fathers and the uncle)',
        '#,!A' => 'garden 8x10, no rush at all',
        // The rest, the same
        '(#,)*R_S(_NE?)?' => 'garden 8x10, the rest 4x6',
        '(#[,;]*)*N?P_D(_[NS])*' => 'garden 8x10, wood ditto',
        'D(_[NS])*' => 'the same in 5x7',
        '#_D(_[NS])*' => 'garden A3, plus the same picture at A4',
        '#_D_P' => '10 of garden 4x6 and the same of storm',
        'D_P' => 'the same of the storm',
        'P_S,NSD' => 'canvas of the garden (20x30) plus 4 prints 5x7 of the same',
        // Not
        '(#,)?P_!' => 'garden 8x10, storm not',
        'P_SP!' => 'garden 8x10 but storm not',
        '!_P' => 'no storm',
        '#I' => 'garden 5x7 x3 (was 2)',
        '!_#' => 'except: garden 8x10',
        '#!' => 'garden 8x10 ✗',
        'P(_!?S)+' => 'garden ☐ 8x10 ☑ 5x7',
        'P!,P_S' => 'garden out, wood in, 8x10',
        'A_S!P' => 'all 5x7 except garden',
        'AP!P(\(!\))?_S(_NE?)?' => 'all of act 1 bar number 5, 6x4',
        'S_P_!P(_NE?)?' => '8x10 garden, wood, not storm, 2 each',
        // “The last”, a sum
        'L(_[SN]E?)*' => 'the last three as 5x7',
        'M_(#,)*#(_NE)?' => '3 prints: garden 8x10 x2, wood 11x14',
        '(#,)*#_M' => 'garden 8x10 x2, wood 5x7 = 3 prints',
        'NP_M' => '1 set of panels of garden cropped to 60 x 40 in in all',
        'S_(P_N_?)+M' => '5x7: garden x2, wood x2 = 4 prints',
        // Brackets
        '\([SN]\)' => '(two sets)',
        '\(S\):P' => 'Small (6x4): garden, wood',
        '\(N\):(#,)*#' => 'for them (two sets): garden 5x7, wood 8x10',
        'N\((#,)*#\)' => '2 x (garden 8x10, storm 5x7)',
        'P_S,\(S\)' => 'a print of garden (8x10) and a canvas of it (16x20)',
        'P\(S(,S)*\)N?' => 'garden (8x10, 5x7) x2',
        '#\(N(,N)+\)' => 'team 8x10 x16 (14 players + 2 coaches)',
        'P\([SN,]+\)(,P\([SN,]+\))*' => 'garden (5x7 x2, 8x10 x1)',
    ];

    private const MOST_KEPT = 500;

    /** @var array<string, bool> whether it is one of them, by shape: the lines of a list are built alike */
    private static array $known = [];

    /** All of them as one expression */
    private static ?string $any = null;

    private const ONE = '(?:P_S(?:_NN?|NE)?|P(?:_N|NE)_S|(?:NN?_|NE)P_S|(?:N_|NE)S_P|S_P(?:_N|NE)?|S(?:_N|NE)_P)';

    public static function is(ReadSentence $sentence): bool
    {
        $shape = self::shape(self::letters($sentence));
        if ($shape === '' || $sentence->isGiven || preg_match(self::SIZELESS, $shape) === 1) {
            return preg_match(self::SIZELESS, $shape) !== 1;
        }
        self::$any ??= self::pattern(implode('|', array_keys(self::BUILT)));
        count(self::$known) < self::MOST_KEPT || (self::$known = []);

        return self::$known[$shape] ??= preg_match(self::$any, $shape) === 1;
    }

    /** Whether it is built in one of these ways. */
    public static function isBuilt(ReadSentence $sentence, string $way): bool
    {
        return preg_match(self::pattern($way), self::shape(self::letters($sentence))) === 1;
    }

    private static function pattern(string $ways): string
    {
        return '/^(?:'.strtr(strtr($ways, ['#' => self::ONE]), ['_' => '[,:]*']).')[,:;]*$/';
    }

    private static function letters(ReadSentence $sentence): string
    {
        $letters = '';
        $isFor = $hasSize = false;
        foreach ($sentence->items as $item) {
            $isFor = $item->kind === ItemKind::Passed ? $isFor || preg_match('/(?:^|\s)for$/i', $item->words) === 1 : $isFor;
            $isWhose = $isFor && $hasSize && $item->kind === ItemKind::Pictures; // “garden, 8x10, is for our Goneril”
            $letters .= $isWhose ? '' : self::letter($item);
            $isFor = $isFor && ! $item->kind->saysSomething();
            $hasSize = $hasSize || $item->kind === ItemKind::Size;
        }

        return $letters;
    }

    /** Without what stands in brackets for nothing, pictures next to each other as one. */
    private static function shape(string $shape): string
    {
        do {
            $before = $shape;
            $shape = (string) preg_replace(
                [
                    '/\([,:]*\)/',
                    '/[,:]+(?=[,:;)]|$)/',
                    '/(?<=[(;]|^)[,:;]+/',
                    '/P(?:,?P)+/',
                    '/(?<!P)\(P\)/',
                    '/(?<=[PSN])\(([SN])\)/',
                    '/(?<=S)\((NE)\)/',
                    '/^([^()]*)[()]([^()]*)$/',
                ],
                ['', '', '', 'P', 'P', ',$1', '$1', '$1$2'],
                $shape,
            );
        } while ($shape !== $before);

        return $shape;
    }

    private static function letter(ChartItem $item): string
    {
        return match ($item->kind) {
            ItemKind::Pictures => 'P',
            ItemKind::Size => 'S',
            ItemKind::Count => $item->isEach ? 'NE' : 'N',
            ItemKind::All => 'A',
            ItemKind::Each => 'E',
            ItemKind::Rest => 'R',
            ItemKind::Same => 'D',
            ItemKind::Not => '!',
            ItemKind::Instead => 'I',
            ItemKind::Place => 'L',
            ItemKind::Sum => 'M',
            ItemKind::Or => 'O',
            ItemKind::And, ItemKind::Also => ',',
            ItemKind::Stop => match ($item->words) {
                '(', ')', ';' => $item->words,
                ':', '-', '–', '—', '→', '>', '->', '=' => ':',
                default => ',',
            },
            default => '',
        };
    }
}
