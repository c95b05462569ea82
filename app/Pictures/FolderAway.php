<?php

declare(strict_types=1);

namespace App\Pictures;

/** The pictures folder, or something in it, can't be had; the message says why and what to do. */
final class FolderAway extends \RuntimeException
{
    public static function notChosen(): self
    {
        return new self('The studio has no pictures folder yet. Set one on the page of the studio.');
    }

    public static function because(string $why): self
    {
        return new self($why);
    }

    public static function unreadable(string $folder): self
    {
        return new self("“{$folder}” can’t be read.");
    }

    public static function gone(string $folder): self
    {
        return new self("“{$folder}” isn’t in the pictures folder any more.");
    }
}
