<?php

declare(strict_types=1);

namespace Planisher\ClientList;

/** Words that say nothing of a print. */
final class Polite
{
    private const WORDS =
        'a an the of in on at for with and also plus then to from please pls plz thanks thank ta many kindly could would '.
        'can may will might '.
        'i we us he she they our me my mine his her their it its is are be was were have has having had get need needs '.
        'needed want wants wanted like likes love order ordered '.
        'ordering make made do done send print prints printed printing copy copies photo photos photograph photographs '.
        'pic pics picture pictures image images shot shots file files '.
        'size sizes sized as well too this that these those them you your i’d i\'d we’d we\'d i’ll i\'ll i’m i\'m let '.
        'let’s let\'s so here there now just some paper papers format so '.
        'up by hi hello dear hey good following below list each one ones which should go goes going if that’s that\'s ok '.
        'okay alright possible '.
        'very much again another more once extra new what about how off qty quantity pcs piece pieces item items line';

    private const GREETING = '/^\s*(?:hi|hello|hey|dear|good (?:morning|afternoon|evening|day))\b[^:\d]{0,40}[,!.:]?\s*$/iu';

    private const PARTING =
        '/^\s*(?:(?:many |with )?(?:thanks|thank you)(?: (?:so much|very much|again|in advance|a '.
        'lot))*|(?:kind|best|warm)(?:est)? (?:regards|wishes)|(?:with )?(?:regards|best|cheers|love|sincerely|yours(?: '.
        '\w+)?)|all the best|see you(?: \w+){0,3}|speak soon|take care)\s*[,.!]*\s*$/iu';

    private const HEADER = '/^\s*(?:from|to|cc|date|sent|subject|re|fwd?)\s*:\s/iu';

    /** @var ?array<string, true> */
    private static ?array $words = null;

    public static function isWord(string $word): bool
    {
        self::$words ??= array_fill_keys(explode(' ', self::WORDS), true);

        return isset(self::$words[$word]);
    }

    public static function isGreeting(string $line): bool
    {
        return preg_match(self::GREETING, $line) === 1;
    }

    /** Behind it, short lines are names. */
    public static function isParting(string $line): bool
    {
        return preg_match(self::PARTING, $line) === 1;
    }

    /** Of an e-mail that was pasted whole. */
    public static function isHeader(string $line): bool
    {
        return preg_match(self::HEADER, $line) === 1;
    }
}
