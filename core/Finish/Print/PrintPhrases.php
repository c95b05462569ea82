<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;
use Planisher\Wish\Heard;
use Planisher\Wish\Known;
use Planisher\Wish\Offer;
use Planisher\Wish\Phrase;
use Planisher\Wish\Unsure;

/** How people say what is wanted of a print. Longer ways stand before shorter ones that are part of them. */
final class PrintPhrases
{
    private const BORDER = '(?:borders?|margins?)';

    private const ROUND = '(?: (?:all (?:a?round|the way round)|a?round(?: it)?|on all sides|on every side|on each side))?';

    /** Narrow, and nobody has said how narrow: a guess (common practice, no source). */
    private const USUAL_BORDER = '0.25 in';

    private const USUAL_MAT = '1 in';

    private const USUAL_RAISE = 'optical';

    /** @return list<Phrase> */
    public static function all(): array
    {
        return [
            ...self::mats(),
            ...self::borders(),
            ...self::sheets(),
            ...self::fits(),
            ...self::lines(),
            ...self::places(),
            ...self::frames(),
        ];
    }

    /** @return list<Phrase> */
    private static function mats(): array
    {
        $border = fn (Heard $said): array => ['border' => $said->length()];

        return [
            Phrase::with(
                '(?:with )?{length}(?: of)?(?: (?:white|room|space|paper|border|margin))*'.
                    self::ROUND.
                    ' (?:to|for(?: the| a)?) mat(?:t|ting)?(?: over)?',
                $border,
            ),
            Phrase::with(
                '(?:room|space|white|paper)(?: left)? (?:to|for(?: the| a)?) mat(?:t|ting)?(?: over)?(?: of|,|:)? {length}',
                $border,
            ),
            Phrase::with('mat(?:ted|ting)?(?: with| of)? {length}(?: (?:wide|mat|border|margin|all round))*', $border),
            Phrase::with(
                '(?:some |with |enough )*(?:room|space|white|margin)(?: left)? (?:to|for(?: the| a)?) mat(?:t|ting)?(?: over)?',
                fn (Heard $said): Unsure => new Unsure(
                    ['border' => self::USUAL_MAT],
                    'How much white to mat over isn’t said.',
                    self::lengths(['1 in', '2 in', '3 in'], fn (string $length): string => "{$length} to mat over"),
                ),
            ),
        ];
    }

    /** @return list<Phrase> */
    private static function borders(): array
    {
        $heavier = fn (Heard $said): array => [
            'border' => [
                'top' => $said->length('all'),
                'right' => $said->length('all'),
                'bottom' => $said->length('low'),
                'left' => $said->length('all'),
            ],
        ];
        $coloured = fn (Heard $said): array => [
            'border' => $said->length(),
            ...$said->has('colour') ? ['paperColour' => $said->colour()] : [],
        ];
        $border = self::BORDER;

        return [
            Phrase::of(
                "(?:borderless|edge to edge|full[- ]bleed|no white(?: (?:edges?|{$border}|on it|showing|at all|round ".
                    "it))?|without (?:any )?white(?: {$border})?)",
                [
                    'fit' => 'fill',
                    'border' => null,
                ],
            ),
            Phrase::of("(?:no|without(?: an?| any)?) (?:white )?{$border}", ['border' => null]),
            Phrase::with(
                "(?:with an? |an? )?{length:all}(?: (?:white|{$border}))*".
                    self::ROUND.
                    ',?(?: and| but| with)? {length:low}(?: more)?(?: (?:at|on) the)? (?:below|bottom|underneath)',
                $heavier,
            ),
            Phrase::with(
                "(?:(?:even|equal|thin|narrow|wide) )?(?:{colour} )?{$border}(?: of| :|:|,)? {length}(?: wide| thick)?".self::ROUND,
                $coloured,
            ),
            Phrase::with("{length}(?: wide| thick)?(?: of)?(?: {colour})?(?: paper)? {$border}".self::ROUND, $coloured),
            Phrase::with(
                '{length}(?: of)? {colour}(?: paper)?'.
                    '(?: (?:all (?:a?round|the way round)|a?round(?: it)?|on all sides|on every side|on each side))',
                $coloured,
            ),
            Phrase::with('{colour} all (?:a?round|the way round)(?:,| of| by)? {length}', $coloured),
            Phrase::with(
                "(?:with an? |an? )?(?:(?:small|thin|narrow|nice|bit of) )*(?:{colour} )?(?:{$border}|all (?:a?round|the way round))",
                fn (Heard $said): ?Unsure => preg_match('/border|margin|white/i', $said->all()) !== 1
                    ? null
                    : new Unsure(
                        ['border' => self::USUAL_BORDER, ...$said->has('colour') ? ['paperColour' => $said->colour()] : []],
                        'How wide the border is to be isn’t said.',
                        self::lengths(
                            ['1/4 in', '1/2 in', '1 in'],
                            fn (string $length): string => "{$length} ".
                                ($said->has('colour') ? $said->words('colour').' ' : '').
                                'border',
                        ),
                    ),
            ),
            Phrase::with('(?:on|the paper in) {colour} paper', fn (Heard $said): array => ['paperColour' => $said->colour()]),
        ];
    }

    /** @return list<Phrase> */
    private static function fits(): array
    {
        $cut = '(?:crop(?:ping|ped)?|cut(?:ting)?|trim(?:ming|med)?)';

        return [
            Phrase::of(
                "(?:(?:with )?no (?:more )?{$cut}(?: (?:off|away|at all))?|without (?:any )?{$cut}|uncropped|uncut|(?:do ".
                    "not|don[’']?t|please don[’']?t|not|never) (?:be )?{$cut}(?: (?:it|them|anything|any(?: of it)?|off|these|this))*".
                    '|nothing (?:is )?(?:to be )?(?:cut|cropped|lost|missing)(?: off| away)?|full[- ](?:frame|image|'.
                    'picture)|(?:the )?(?:whole|entire|complete|full) (?:picture|image|photo(?:graph)?|frame|thing|'.
                    'shot|negative)|(?:all|everything) of the picture|in full|as (?:it was )?(?:shot|taken)|whole|entire)',
                ['fit' => 'whole'],
            ),
            Phrase::of(
                '(?:crop(?:ped)? to (?:fill|fit|size|suit)|crop(?:ped)? (?:is )?(?:fine|ok|okay|as needed)|fills?(?:ing)? '.
                    '(?:it|the (?:paper|sheet|whole paper|page|frame))|fill(?:ed)?|cropped)',
                ['fit' => 'fill'],
            ),
            Phrase::with('(?:image|picture) {length} wide', fn (Heard $said): array => ['image' => ['width' => $said->length()]]),
            Phrase::with(
                '(?:image|picture) {length} '.'(?:high|tall)',
                fn (Heard $said): array => ['image' => ['height' => $said->length()]],
            ),
        ];
    }

    /** @return list<Phrase> */
    private static function lines(): array
    {
        $line = '(?:key ?lines?|hair ?lines?|lines?|rule)';
        $round = '(?: (?:all )?(?:a?round|round about)(?: (?:it|them|the (?:picture|image|edge|outside)))?)?';
        $drawn = fn (Heard $said): array => [
            'keyline' => [
                ...$said->has('length') ? ['width' => $said->length()] : [],
                ...$said->has('colour') ? ['colour' => $said->colour()] : [],
            ],
        ];

        return [
            Phrase::of("(?:no|without(?: an?| the)?) (?:thin |fine |black )*{$line}{$round}", ['keyline' => null]),
            Phrase::with("(?:with )?(?:an? )?{length}(?: wide| thick)? (?:{colour} )?(?:thin |fine )*{$line}{$round}", $drawn),
            Phrase::with(
                '(?:with )?(?:an? )?(?:(?:very )?(?:thin|fine|small|narrow|hairline|faint) )*(?:{colour} )?(?:(?:thin|'.
                    "fine|narrow) )*{$line}(?: (?:of|in) {length})?{$round}",
                $drawn,
            ),
            Phrase::with('(?:outlined|lined)(?: (?:thinly|finely))?(?: in {colour})?', $drawn),
        ];
    }

    /** @return list<Phrase> */
    private static function places(): array
    {
        return [
            Phrase::with(
                '(?:raised|lifted|moved up|set higher)(?: up)?(?: by)? {length}',
                fn (Heard $said): array => ['raise' => $said->length()],
            ),
            Phrase::with(
                '{length} (?:above (?:the )?(?:middle|centre|center)|higher than (?:the )?(?:middle|centre|center))',
                fn (Heard $said): array => ['raise' => $said->length()],
            ),
            Phrase::of(
                '(?:at (?:the|its) |in the |on the )?optical(?:ly)? (?:centre|center|centred|centered|middle)|(?:raised|'.
                    'set|sitting|placed|lifted)(?: up)?(?: (?:a (?:hair|little|touch|bit)|slightly|just))? (?:above|'.
                    'higher than) (?:the )?(?:middle|centre|center)|raised(?: (?:a (?:hair|little|touch|bit)|'.
                    'slightly))?|(?:a (?:hair|little|touch|bit)|slightly|just) (?:above|higher than) (?:the '.
                    ')?(?:middle|centre|center)',
                ['raise' => self::USUAL_RAISE],
            ),
            Phrase::of(
                '(?:dead |exactly |not raised,? )?(?:cent(?:red|ered)|in the (?:dead )?(?:middle|cent(?:re|er)))(?: on '.
                    '(?:the|its) (?:paper|sheet))?',
                ['raise' => null],
            ),
            Phrase::of('(?:upright|portrait|vertical(?:ly)?|tall)(?: (?:format|way(?: up)?|please))?', ['turn' => 'portrait']),
            Phrase::of('(?:landscape|horizontal(?:ly)?|sideways)(?: (?:format|way(?: up)?))?', ['turn' => 'landscape']),
        ];
    }

    /** @return list<Phrase> */
    private static function frames(): array
    {
        $covers = '(?:covers|hides|takes|overlaps|laps(?: over)?|rebate(?: of| is)?)';

        return [
            Phrase::with(
                "(?:the |its |for a |in a )?frame (?:that |which )?{$covers} {length}(?: (?:all (?:a?round|the way round)|".
                    'on (?:each|every|all) sides?))?',
                fn (Heard $said): array => ['frameCover' => $said->length()],
            ),
            Phrase::with(
                '{length} (?:under|behind|hidden by|covered by) (?:the|a|its) frame',
                fn (Heard $said): array => ['frameCover' => $said->length()],
            ),
            Phrase::of('(?:no|without(?: an?)?) frame', ['frameCover' => '0 mm']),
            Phrase::of(
                '(?:(?:it|they|this|these)(?:[’\']ll| will)? )?(?:(?:is|are) )?(?:going |to go |goes |go |will go |to be '.
                    'put )?(?:for|into|in) (?:an? |the |its |their )?frames?|to (?:be )?framed?|for framing|to frame|gets? framed',
                ['frameCover' => (string) PrintWanted::usualFrameCover()],
            ),
        ];
    }

    /** @return list<Phrase> */
    private static function sheets(): array
    {
        $on = function (Heard $said, Known $known): ?array {
            try {
                return ['carrier' => (string) Size::parse($said->words('sheet'), $known->unit)];
            } catch (MeasureError) {
                return null;
            }
        };
        $side = '\d+(?:[.,]\d+)?\s*(?:in|inch(?:es)?|cm|mm|"|″)?';
        $sheet = "(?<sheet>{$side}\\s*(?:x|×|\\*|by)\\s*{$side}|[AB][0-8])";

        return [
            Phrase::with(
                "(?:printed |laid |set |mounted |trimmed )?(?:on|from)(?: to| a| an)?(?: larger| white)? {$sheet}(?: inch|".
                    ' in| cm)?(?: (?:paper|sheets?|stock))?',
                $on,
                'on|from',
            ),
            Phrase::of('no (?:trim|cut|corner) ?marks', ['trimMarks' => false]),
            Phrase::of('(?:with )?(?:trim|corner) ?marks', ['trimMarks' => null]),
            Phrase::of(
                '(?:no|without(?: an?| the)?) (?:larger (?:sheet|paper)|carrier)|(?:on )?paper (?:cut |of )?(?:to '.
                    ')?(?:exactly )?its (?:own )?size',
                ['carrier' => CarrierWish::NONE],
            ),
        ];
    }

    /**
     * @param  list<string>  $lengths
     * @param  \Closure(string): string  $with
     * @return list<Offer>
     */
    private static function lengths(array $lengths, \Closure $with): array
    {
        return array_map(fn (string $length): Offer => new Offer($with($length), $with($length)), $lengths);
    }
}
