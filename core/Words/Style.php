<?php

declare(strict_types=1);

namespace Planisher\Words;

/** How a face is cut: each style is a file of its own, none is made up from another. */
enum Style: string
{
    case Regular = 'regular';
    case Bold = 'bold';
    case Italic = 'italic';
    case BoldItalic = 'bold-italic';

    public static function of(bool $isBold, bool $isItalic): self
    {
        return match (true) {
            $isBold && $isItalic => self::BoldItalic,
            $isBold => self::Bold,
            $isItalic => self::Italic,
            default => self::Regular,
        };
    }

    public function isBold(): bool
    {
        return $this === self::Bold || $this === self::BoldItalic;
    }

    public function isItalic(): bool
    {
        return $this === self::Italic || $this === self::BoldItalic;
    }

    /** For people: “bold italic”; nothing of the regular one. */
    public function label(): string
    {
        return $this === self::Regular ? '' : str_replace('-', ' ', $this->value);
    }
}
