<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Line\LineSpec;
use Planisher\OrderFile\OrderHead;
use Planisher\Picture\PictureFacts;
use Planisher\Words\Caption;
use Planisher\Words\CaptionPart;

/** A caption as it will stand: what its parts say of this picture and this order, and which of them have nothing to say. */
final readonly class CaptionText
{
    private const JOINED_BY = ' · ';

    /** @param  list<CaptionPart>  $silent */
    private function __construct(public string $text, public array $silent) {}

    public static function of(Caption $caption, LineSpec $line, ?PictureFacts $picture, ?OrderHead $head): self
    {
        [$said, $silent] = [[], []];
        foreach ($caption->parts as $part) {
            $text = $part instanceof CaptionPart ? self::said($part, $line, $picture, $head) : $part;
            if ($text !== '') {
                $said[] = $text;
            } elseif ($part instanceof CaptionPart) {
                $silent[] = $part;
            }
        }

        return new self(implode(self::JOINED_BY, $said), $silent);
    }

    private static function said(CaptionPart $part, LineSpec $line, ?PictureFacts $picture, ?OrderHead $head): string
    {
        return match ($part) {
            CaptionPart::Exposure => $picture?->exposure?->label() ?? '',
            CaptionPart::File => $picture->name ?? '',
            CaptionPart::Subject => $line->subjectOf($picture),
            CaptionPart::Size => $line->crop?->size->label() ?? '',
            CaptionPart::Order => $head->number ?? '',
            CaptionPart::Client => $head->client ?? '',
            CaptionPart::Date => $head->date ?? '',
        };
    }
}
