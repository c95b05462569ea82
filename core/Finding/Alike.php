<?php

declare(strict_types=1);

namespace Planisher\Finding;

/**
 * What is the same of many lines and is settled for all of them at once: findings that tell of a file, of the lab's card, of the studio's
 * ways, and not of where something lies in this one picture. Never one that stops.
 */
final class Alike
{
    /** By a finding's code, how it is told of many lines. */
    private const WORDS = [
        'profile-none' => 'No profile in the picture',
        'profile-unreadable' => 'A profile that can’t be used',
        'sharpening-unlike-paper' => 'Sharpened for another paper than the lab’s',
        'size-not-listed' => 'Not on the lab’s list',
        'sheet-not-listed' => 'Not on the lab’s list',
        'carrier-not-listed' => 'Not on the lab’s list',
        'product-unknown' => 'A product that the lab’s card doesn’t name',
        'paper-unknown' => 'A paper that the lab’s card doesn’t name',
        'paper-profile-refused' => 'A paper whose profile can’t be used',
        'mount-unknown' => 'A mount that the lab’s card doesn’t name',
        'option-unknown' => 'An option that the lab’s card doesn’t name',
        'enlarged' => 'Enlarged far',
        'pixels-soft' => 'It may look soft',
        'mark-on-print' => 'Marks that will be printed',
        'private-data-kept' => 'The pictures’ own data goes along',
    ];

    /** How it is told of many lines; null for what is looked at line by line. */
    public static function words(Finding $finding): ?string
    {
        return $finding->level === Severity::Warning ? self::WORDS[$finding->code] ?? null : null;
    }
}
