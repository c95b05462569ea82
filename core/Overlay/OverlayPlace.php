<?php

declare(strict_types=1);

namespace Planisher\Overlay;

/** Where over an image an overlay lies: at one of nine places, or over all of it. */
enum OverlayPlace: string
{
    case TopLeft = 'top-left';
    case Top = 'top';
    case TopRight = 'top-right';
    case Left = 'left';
    case Centre = 'centre';
    case Right = 'right';
    case BottomLeft = 'bottom-left';
    case Bottom = 'bottom';
    case BottomRight = 'bottom-right';
    case Whole = 'whole';

    /** How much of what is free beside it lies left of it: 0, a half or 1. */
    public function across(): float
    {
        return match ($this) {
            self::TopLeft, self::Left, self::BottomLeft => 0.0,
            self::TopRight, self::Right, self::BottomRight => 1.0,
            default => 0.5,
        };
    }

    /** How much of what is free lies above it. */
    public function down(): float
    {
        return match ($this) {
            self::TopLeft, self::Top, self::TopRight => 0.0,
            self::BottomLeft, self::Bottom, self::BottomRight => 1.0,
            default => 0.5,
        };
    }

    /** “at its bottom right” */
    public function label(): string
    {
        return match ($this) {
            self::Whole => 'over all of it',
            self::Centre => 'in its middle',
            default => 'at its '.str_replace('-', ' ', $this->value),
        };
    }
}
