<?php

declare(strict_types=1);

namespace Planisher\Description;

use Planisher\Overlay\Overlay;
use Planisher\Phrase\SentenceSegments;
use Planisher\Phrase\WordRow;
use Planisher\Plan\CaptionText;
use Planisher\Plan\LineContext;
use Planisher\Words\Lettering;

/** What is said of words and overlays in a line's sentence. */
final class AdditionsDescription
{
    public static function words(SentenceSegments $sentence, LineContext $at): void
    {
        $wanted = $at->line->additions;
        if ($wanted->caption !== null) {
            $reads = CaptionText::of($wanted->caption, $at->line, $at->facts()[0] ?? null, $at->orderContext->head)->text;
            $where = $wanted->caption->inSurplus ? ' in what is trimmed away' : ($wanted->caption->isAbove ? ' above it' : ' below it');
            $sentence->word(', captioned ', 'caption', ($reads === '' ? 'with nothing' : "“{$reads}”").$where);
        }
        if ($wanted->lettering !== []) {
            $sentence->word(', lettered ', 'lettering', self::lettered($wanted->lettering));
        }
        if ($wanted->overlays !== []) {
            $sentence->word(
                ', with the mark ',
                'overlays',
                WordRow::list(array_map(fn (Overlay $overlay): string => $overlay->inWords(), $wanted->overlays)),
            );
        }
    }

    /** @return array<string, string> by word */
    public static function addable(LineContext $at): array
    {
        return [
            ...LineSentence::carriesSeveral($at) ? [] : ['caption' => 'a caption'],
            'lettering' => 'lettering',
            'overlays' => 'a mark over it',
        ];
    }

    /** @param  non-empty-list<Lettering>  $blocks */
    private static function lettered(array $blocks): string
    {
        return implode(
            ', and ',
            array_map(function (Lettering $block): string {
                $style = $block->style->label() === '' ? '' : " {$block->style->label()}";

                return "“{$block->start()}” in {$block->face->value}{$style}, {$block->height->label()}, {$block->colour->label()}";
            }, $blocks),
        );
    }
}
