<?php

declare(strict_types=1);

namespace App\Upgrade;

/** The database can't be brought to this version, or may not be worked with; the message says why and what to do. */
final class UpgradeRefused extends \RuntimeException
{
    public static function notUpgraded(\Throwable $why): self
    {
        return new self("The database can’t be brought to this version, and is as it was before. {$why->getMessage()}", 0, $why);
    }

    public static function older(): self
    {
        return new self('The database is of an older version than this program. Start the machine with the pages first.');
    }

    public static function restoreBrokenOff(): self
    {
        return new self('A copy was being put back into this database, and that was broken off. Do it again with bin/planisher restore.');
    }

    public static function newer(string $migration): self
    {
        return new self('The database is of a newer version than this program: it has “'.$migration.'”. Start it with that version.');
    }

    public static function notCopied(string $said): self
    {
        return new self("The database can’t be copied before it is changed: is the disk full? Nothing was changed. {$said}");
    }

    public static function notPutBack(string $copy, string $said): self
    {
        return new self("The database couldn’t be put back as it was. The copy of it is kept as “{$copy}”. ".trim($said));
    }
}
