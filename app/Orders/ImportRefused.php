<?php

declare(strict_types=1);

namespace App\Orders;

/** An order that can't be brought in; the message says what is wrong, where, and what to do. */
final class ImportRefused extends \RuntimeException
{
    public static function noZip(): self
    {
        return new self('It is no ZIP, or its end is missing. Export the order again, and bring in the whole file.');
    }

    public static function without(string $file): self
    {
        return new self('There is no '.$file.' in it. Bring in a ZIP that Planisher exported.');
    }

    public static function withTooMuch(string $file): self
    {
        return new self($file.' has more in it than any order. Bring in a ZIP that Planisher exported.');
    }

    public static function ofNewerVersion(string $words): self
    {
        return new self($words);
    }

    public static function unreadable(string $file, string $why): self
    {
        return new self($file.' can’t be read. '.$why.'.');
    }

    public static function pictureWithoutFileName(): self
    {
        return new self('A picture of it has a name that no file can have. Export the order again.');
    }

    public static function tooLarge(): self
    {
        return new self('What is in it is larger than 20 GB unpacked, the most that is taken.');
    }

    public static function noRoom(): self
    {
        return new self('The studio’s disk hasn’t room for what is in it. Make room, then bring it in again.');
    }

    public static function largerThanSaid(string $name): self
    {
        return new self("“{$name}” is larger than the ZIP says. Nothing was taken in; export the order again.");
    }

    public static function notUnpacked(string $name): self
    {
        return new self("“{$name}” couldn’t be unpacked: the ZIP is cut off, or the studio’s disk is full.");
    }

    public static function wrongPictures(string $wrong): self
    {
        return new self($wrong.'. Nothing was taken in; export the order again.');
    }

    public static function oneNameTwice(string $name): self
    {
        return new self("Two of its pictures would both be called “{$name}”. Name them apart, then export it again.");
    }

    public static function markNameTaken(string $name): self
    {
        return new self("The studio has another mark called “{$name}”. Remove or rename that one first.");
    }

    public static function onePictureTwice(string $name, string $other): self
    {
        return new self("“{$name}” and “{$other}” are one picture. Name it once in the order, then bring it in again.");
    }

    public static function notTaken(string $name, \Throwable $why): self
    {
        return new self("“{$name}” wasn’t taken: {$why->getMessage()}");
    }
}
