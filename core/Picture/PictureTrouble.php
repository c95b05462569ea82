<?php

declare(strict_types=1);

namespace Planisher\Picture;

/** Why a line's picture can't be used. The words say what and what to do. */
final readonly class PictureTrouble
{
    private function __construct(public string $code, public string $title, public string $text) {}

    /** In one: its title and its text. */
    public function inWords(): string
    {
        return "{$this->title}. {$this->text}";
    }

    public static function none(): self
    {
        return new self('no-picture', 'No picture yet', 'Choose one, or drop one on the line.');
    }

    public static function missing(string $name): self
    {
        return new self('picture-missing', 'The picture is missing', "“{$name}” isn’t where it was. Put it back, or choose another.");
    }

    public static function changed(string $name): self
    {
        return new self(
            'picture-changed',
            'The picture has changed',
            "“{$name}” isn’t the file that was measured. Add it again, so that it is measured anew.",
        );
    }

    public static function other(string $name): self
    {
        return new self(
            'picture-other',
            'It is another picture',
            "“{$name}” isn’t the file that the order names by its checksum. Put the right one in its place, or take the checksum out.",
        );
    }

    public static function unreadable(string $name, string $why): self
    {
        return new self('picture-unreadable', 'The picture can’t be read', "“{$name}”: {$why}");
    }
}
