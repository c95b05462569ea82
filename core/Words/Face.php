<?php

declare(strict_types=1);

namespace Planisher\Words;

/** The faces that ship with the application, by the names of their files' families; the same files on screen and in print. */
enum Face: string
{
    case Newsreader = 'Newsreader';
    case EbGaramond = 'EB Garamond';
    case Archivo = 'Archivo';
    case Rubik = 'Rubik';
    case Bitter = 'Bitter';
    case MarckScript = 'Marck Script';

    /** What captions are set in that don't say. */
    public const CAPTIONS = self::Archivo;

    /** What lettering is set in that doesn't say. */
    public const LETTERING = self::Newsreader;

    /** The folder of its files, which are called as its styles. */
    public function folder(): string
    {
        return strtolower(str_replace(' ', '-', $this->value));
    }

    /** @return non-empty-list<Style> that it has files of */
    public function styles(): array
    {
        return $this === self::MarckScript ? [Style::Regular] : Style::cases();
    }

    /** The style of its own that is nearest to a wanted one. */
    public function nearest(Style $style): Style
    {
        return in_array($style, $this->styles(), true) ? $style : Style::Regular;
    }

    /** What kind of face it is, and beside Latin with its accents, what it can write. */
    public function label(): string
    {
        return match ($this) {
            self::Newsreader => 'a serif',
            self::EbGaramond => 'an old serif; Greek, Cyrillic',
            self::Archivo => 'a sans',
            self::Rubik => 'a round sans; Cyrillic, Hebrew, Arabic',
            self::Bitter => 'a slab; Cyrillic',
            self::MarckScript => 'a script; Cyrillic',
        };
    }

    /** How far a line of it reaches above its baseline, in ems (the ascender of its OpenType table hhea). */
    public function ascent(): float
    {
        return match ($this) {
            self::Newsreader => 0.735,
            self::EbGaramond => 1.007,
            self::Archivo => 0.878,
            self::Rubik, self::Bitter => 0.935,
            self::MarckScript => 0.864,
        };
    }

    /** How far below it, in ems. */
    public function descent(): float
    {
        return match ($this) {
            self::Newsreader, self::Bitter => 0.265,
            self::EbGaramond => 0.298,
            self::Archivo => 0.21,
            self::Rubik => 0.25,
            self::MarckScript => 0.385,
        };
    }
}
