<?php

declare(strict_types=1);

namespace App\Files;

/** A file can't be kept: the disk is full, can't be written to, or keeps another under its key. Nothing half-written is left. */
final class CannotKeep extends \RuntimeException
{
    public static function diskFull(): self
    {
        return new self('the studio’s disk is full or can’t be written to. Make room and add it again.');
    }

    public static function diskFullOrNameTaken(): self
    {
        return new self('the studio’s disk is full, can’t be written to, or keeps another file of that name.');
    }

    public static function diskNotWritable(): self
    {
        return new self('the studio’s disk can’t be written to. See that it is there, and has room.');
    }

    public static function altered(): self
    {
        return new self('what was to be kept once more isn’t what it was any more. Make it again.');
    }

    public static function nameTaken(string $key): self
    {
        return new self("Another file of the name “{$key}” is kept already. Nothing is overwritten: move it away.");
    }

    public static function notKept(string $key): self
    {
        return new self("“{$key}” isn’t kept any more. Make it again.");
    }

    public static function unreadable(): self
    {
        return new self('what was to be kept can’t be read any more. Add it again.');
    }

    public static function folderNotWritable(string $path): self
    {
        return new self('“'.dirname($path).'” can’t be written to. Make room.');
    }

    public static function folderFull(string $path): self
    {
        return new self('“'.dirname($path).'” is full. Make room.');
    }

    public static function scratchNotWritable(): self
    {
        return new self('the scratch folder can’t be written to. See that its disk is there, and has room.');
    }

    public static function zipNotWritten(): self
    {
        return new self('the ZIP can’t be written: the disk is full, or a file of it was moved away.');
    }

    public static function because(string $why): self
    {
        return new self($why);
    }

    public static function nowherePutDown(): self
    {
        return new self('The machine’s disk is full: what was sent couldn’t be put down. Make room, then try it again.');
    }

    public static function of(\Throwable $why): self
    {
        return new self($why->getMessage(), previous: $why);
    }
}
