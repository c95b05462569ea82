<?php

declare(strict_types=1);

namespace Planisher\Finish\Canvas;

use Planisher\Wish\Heard;
use Planisher\Wish\Phrase;

/** How people say what is wanted of a canvas. */
final class CanvasPhrases
{
    private const EDGE = '(?:edges?|sides?|wraps?|bars?)';

    /** “Dark edges” and “soft edges”, where nobody says how much: our own choice, no source. */
    private const USUAL_STRENGTH = 0.3;

    /** @return list<Phrase> */
    public static function all(): array
    {
        $canvas = fn (array $wanted): array => ['make' => CanvasFinish::NAME, CanvasFinish::NAME => $wanted];
        $deep = fn (Heard $said): array => $canvas(['depth' => $said->length()]);
        $shallow = fn (Heard $said): array => $canvas(['depth' => $said->words('depth')]);
        $edge = self::EDGE;

        return [
            Phrase::of("no (?:dark(?:ened|er)?|black) {$edge}", $canvas(['darken' => null])),
            Phrase::with("(?:canvas )?{$edge} (?:of )?{length}(?: deep)?", $deep),
            Phrase::with(
                "{length}[- ]deep(?: {$edge})?|{length:edge} (?:deep )?(?:canvas )?{$edge}(?! (?:apart|between))|".
                    '{length:bar} (?:canvas )?depth',
                fn (Heard $said): array => $canvas([
                    'depth' => $said->length($said->has('length') ? 'length' : ($said->has('edge') ? 'edge' : 'bar')),
                ]),
            ),
            Phrase::with("(?<depth>\\d+(?:[.,]\\d+)?\\s*(?:%|px)) deep(?: {$edge})?", $shallow),
            Phrase::with(
                '{length}(?: of)? spare(?: (?:all round|canvas|to hold|beyond|for wrapping))*|spare(?: of)? {length:more}',
                fn (Heard $said): array => $canvas([
                    'spare' => $said->length($said->has('length') ? 'length' : 'more'),
                ]),
            ),
            Phrase::of(
                "(?:the )?(?:mirror(?:ed)?(?: (?:{$edge}|wrap(?:ped)?))?|(?:with )?(?:its )?{$edge} (?:are |is |to be ".
                    ")?mirrored|reflected(?: {$edge})?)",
                $canvas(['edge' => 'mirrored']),
            ),
            Phrase::of(
                "(?:(?:its )?{$edge} )?(?:drawn|pulled|stretched)[- ]out(?: {$edge})?|stretched {$edge}",
                $canvas(['edge' => 'drawn-out']),
            ),
            Phrase::of(
                '(?:the picture |picture |image |it )?(?:runs|running|goes|going|carries|carried|continues|continuing|'.
                    "wrapped|folded) (?:on )?(?:a?round|over|onto) (?:the )?{$edge}|(?:runs|running) on|(?:picture|image|".
                    'gallery)[- ]wrap(?:ped)?(?! canvas)',
                $canvas(['edge' => 'runs-on']),
            ),
            Phrase::with(
                "(?:(?:solid|plain) )?{colour} {$edge}|{$edge} (?:in|of) (?:solid |plain )?{colour:in}",
                fn (Heard $said): array => $canvas([
                    'edge' => 'one-colour',
                    'colour' => $said->colour($said->has('colour') ? 'colour' : 'in'),
                ]),
            ),
            Phrase::with(
                "(?:{$edge} (?:are )?)?dark(?:en(?:ed)?)?(?: (?:the )?{$edge})?(?: by)? {percent}{%}(?: {$edge})?",
                fn (Heard $said): array => $canvas([
                    'darken' => ['strength' => $said->share()],
                ]),
            ),
            Phrase::of(
                "dark(?:er|ened)?(?: {$edge})|{$edge} (?:a (?:bit|little) )?dark(?:er|ened)?",
                $canvas(['darken' => ['strength' => self::USUAL_STRENGTH]]),
            ),
            Phrase::with(
                "(?:{$edge} (?:are )?)?soft(?:en(?:ed)?)?(?: {$edge})?(?: by)? {percent}{%}(?: {$edge})?",
                fn (Heard $said): array => $canvas(['soften' => $said->share()]),
            ),
            Phrase::of("(?:soft(?:ened)?|blurred) {$edge}|{$edge} (?:softened|blurred)", $canvas(['soften' => self::USUAL_STRENGTH])),
            Phrase::of(
                "(?:with )?{$edge} (?:apart|separate(?:ly)?|in files of their own)|separate {$edge}",
                $canvas(['edgesApart' => true]),
            ),
            Phrase::of(
                '(?:(?:as )?(?:an? )?|on )?(?:stretched |wrapped |gallery[- ]wrap(?:ped)? )*canvas(?:es)?(?: '.
                    '(?:wrap(?:ped)?|prints?|pieces?))?',
                [
                    'make' => CanvasFinish::NAME,
                ],
            ),
        ];
    }
}
