<?php

declare(strict_types=1);

namespace Planisher\Line;

/** A part a file name can be built from; free text is the other kind of part. */
enum NamePart: string
{
    case Client = 'client';
    case Order = 'order';
    case Size = 'size';
    case Sheet = 'sheet';
    case Subject = 'subject';
    case Finish = 'finish';
    case Panel = 'panel';
    case Number = 'number';
    case Copies = 'copies';
    case Date = 'date';

    /** Told apart by these, so they are the last to be shortened. */
    public function tellsApart(): bool
    {
        return $this === self::Number || $this === self::Panel;
    }
}
