<?php

declare(strict_types=1);

namespace Planisher\Words;

/** What a caption can say of its picture and its order; free text is the other kind of part. */
enum CaptionPart: string
{
    case Exposure = 'exposure';
    case File = 'file';
    case Subject = 'subject';
    case Size = 'size';
    case Order = 'order';
    case Client = 'client';
    case Date = 'date';

    public function label(): string
    {
        return match ($this) {
            self::Exposure => 'the exposure',
            self::File => 'the file’s name',
            self::Subject => 'the subject',
            self::Size => 'the size',
            self::Order => 'the order’s number',
            self::Client => 'the client',
            self::Date => 'the date',
        };
    }
}
