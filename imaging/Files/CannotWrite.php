<?php

declare(strict_types=1);

namespace Planisher\Imaging\Files;

/** A file that could not be made. The message says why and what to do; nothing was left under its name. */
class CannotWrite extends \RuntimeException
{
    public static function folderNotMade(string $folder): self
    {
        return new self('The folder “'.basename($folder).'” can’t be made. See that the disk has room and can be written to.');
    }

    public static function readBackOtherwise(string $what, string $found, string $planned): self
    {
        return new self("Read back, its {$what} came out as {$found}, planned was {$planned}. It was not kept.");
    }

    public static function nameTaken(string $path): self
    {
        $name = basename($path);

        return new self(
            "Another file of the name “{$name}” lies there already. Nothing is overwritten: move it away, or make into another folder.",
        );
    }

    public static function notNamed(string $path): self
    {
        return new self('The file could not be given its name “'.basename($path).'”. See that the folder can be written to.');
    }

    public static function trouble(string $words, \Throwable $why): self
    {
        return new self($words, 0, $why);
    }

    public static function besideNotWritten(): self
    {
        return new self('The file can’t be written beside its final name. See that the disk has room and can be written to.');
    }

    public static function diskFull(): self
    {
        return new self('The disk is full, or the folder can’t be written to.');
    }

    public static function ownDataNotTaken(\Throwable $why): self
    {
        return new self("The picture’s own data can’t be taken along: {$why->getMessage()} Keep caption and copyright only.", 0, $why);
    }

    public static function ownDataWrongly(\Throwable $previous): self
    {
        return new self(
            'The picture’s own data can’t be taken along: it isn’t written as it should be. Keep caption and copyright only.',
            0,
            $previous,
        );
    }
}
