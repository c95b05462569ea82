<?php

declare(strict_types=1);

namespace App\Lists;

/** A file that is no list; the message says what it is and what to do. */
final class ListRefused extends \RuntimeException
{
    public static function noList(string $name, string $kind, string $advice): self
    {
        return new self("“{$name}” is {$kind}, and has no words that can be read. ".$advice);
    }

    public static function tooLarge(string $name): self
    {
        return new self("“{$name}” is larger than any list. Paste its words instead.");
    }

    public static function orderWithoutLines(string $name): self
    {
        return new self("“{$name}” begins like an order file, but has no “lines” that can be read. Nothing was taken from it.");
    }

    public static function noText(string $name): self
    {
        return new self("“{$name}” isn’t text. Copy the words out of it and paste them here.");
    }

    public static function unreadable(): self
    {
        return new self('It couldn’t be read; try it again.');
    }

    public static function mailTooLarge(string $name): self
    {
        return new self("“{$name}” is larger than 100 MB, the most of an e-mail. Drop its pictures, and paste its words.");
    }

    public static function headWithoutEnd(string $name): self
    {
        return new self("“{$name}” has no end to its head, and isn’t an e-mail. Copy its words and paste them here.");
    }

    public static function notOpened(): self
    {
        return new self('couldn’t be opened. Try it again.');
    }

    public static function noMail(): self
    {
        return new self('isn’t an e-mail. Copy its words and paste them here.');
    }

    public static function notRead(string $name, \Throwable $why, string $advice): self
    {
        return new self("“{$name}” wasn’t read: {$why->getMessage()} {$advice}", 0, $why);
    }

    public static function damaged(string $name, string $advice): self
    {
        return new self("“{$name}” is damaged, and couldn’t be read. {$advice}");
    }

    public static function because(string $name, string $why): self
    {
        return new self("“{$name}” {$why}");
    }

    public static function empty(string $name): self
    {
        return new self("“{$name}” has nothing in its cells.");
    }

    public static function cutOffPackage(): self
    {
        return new self('is damaged: it begins like a packed file and doesn’t end like one. Copy its cells and paste them here.');
    }

    public static function document(): self
    {
        return new self('is a document. Copy its words and paste them here.');
    }

    public static function orderWithPictures(): self
    {
        return new self('is an order with its pictures. Bring it in on the page of all orders.');
    }

    public static function package(): self
    {
        return new self('is a packed file. Unpack it, and bring the list that is in it.');
    }
}
