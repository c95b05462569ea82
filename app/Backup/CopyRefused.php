<?php

declare(strict_types=1);

namespace App\Backup;

/** A copy can't be made, or can't be put back; the message says why and what to do. What there was is as it was. */
final class CopyRefused extends \RuntimeException
{
    public static function notWritable(string $folder): self
    {
        return new self("“{$folder}” can’t be written to. Make the folder, and let the user that Planisher runs as write there.");
    }

    public static function alreadyBeingMade(string $folder): self
    {
        return new self("Another copy is being made into “{$folder}”. Wait for its end.");
    }

    public static function full(string $folder): self
    {
        return new self("“{$folder}” is full, or can’t be written to. Make room there.");
    }

    public static function databaseNotCopied(string $said): self
    {
        return new self("The database couldn’t be copied. {$said}");
    }

    public static function listNotWritten(): self
    {
        return new self('The list of files can’t be written. Make room.');
    }

    public static function fileNotCopied(string $key): self
    {
        return new self("“{$key}” couldn’t be copied whole: the disk of the copies is full or failing.");
    }

    public static function notFinished(): self
    {
        return new self('The copy can’t be finished: its disk is full. Make room, then copy again.');
    }

    public static function noWholeCopyIn(string $folder): self
    {
        return new self("There is no whole copy in “{$folder}”. Name the folder that was given to bin/planisher backup.");
    }

    public static function damaged(string $copy, string $list): self
    {
        return new self("The copy {$copy} can’t be read: its ".$list.' is damaged. Take an earlier one.');
    }

    public static function withoutList(string $copy): self
    {
        return new self("The copy {$copy} has no list of files.");
    }

    public static function databaseAltered(string $copy): self
    {
        return new self("The copy {$copy} can’t be put back: its database isn’t what was copied. Take an earlier one.");
    }

    public static function ofNewerVersion(string $copy): self
    {
        return new self("The copy {$copy} is of a newer Planisher than this one. Put it back with that version.");
    }

    public static function lockedByAnotherKey(string $copy, string $settings): self
    {
        return new self("The copy {$copy} was locked by another APP_KEY than this machine has. Give it that of “{$settings}”.");
    }

    public static function studioIsHere(): self
    {
        return new self('There is a studio here already. Put a copy back where nothing is: nothing is overwritten.');
    }

    public static function listAltered(string $copy, int $named, int $copied): self
    {
        return new self(
            "The copy {$copy} can’t be put back: its list names {$named} of its {$copied} files, or was altered. ".'Take an earlier one.',
        );
    }

    public static function keptOtherwise(string $key): self
    {
        return new self("“{$key}” is kept here already and is another file. Nothing is overwritten: move it away first.");
    }

    public static function notWhole(string $copy, string $key): self
    {
        return new self("The copy {$copy} isn’t whole: “{$key}” is missing from it or was altered. Take an earlier one.");
    }

    public static function databaseNotPutBack(string $said): self
    {
        return new self('The database couldn’t be put back. '.trim($said));
    }
}
