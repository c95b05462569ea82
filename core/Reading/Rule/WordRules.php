<?php

declare(strict_types=1);

namespace Planisher\Reading\Rule;

use Planisher\Language\Offer;
use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Says;
use Planisher\Language\Unsure;

/** How people speak of captions, lettering and marks, and of how those look and where they stand. */
final class WordRules
{
    /** @return list<ReadingRule> */
    public static function all(): array
    {
        return [...self::captions(), ...self::letters(), ...self::marks(), ...self::styles()];
    }

    /** @return list<ReadingRule> */
    private static function captions(): array
    {
        $parts = fn (Heard $said): array => [Says::CAPTION => (array) $said->value('parts')];
        $where = fn (Heard $said): array => [
            Says::CAPTION => (array) $said->value('parts'),
            Says::STYLE => ['where' => preg_match('/\babove\b|\btop\b/i', $said->words()) === 1 ? 'top' : 'bottom'],
        ];

        return [
            ReadingRule::of('NO CAPTION | CAPTION OFF', ['caption' => null], ['no caption', 'lose the caption'], cost: -0.3),
            ReadingRule::with(
                '[with] [a] CAPTION [line] [to say|saying|with|of|in|from] {parts}',
                $parts,
                ['caption with the file name', 'captioned with file name and size', 'caption "Whitby"'],
                cost: -0.3,
            ),
            ReadingRule::with(
                '[with] [a] CAPTION [line] (ABOVE|BELOW) [the PICTURE] [,] [saying|with|of|:] {parts}',
                $where,
                'caption above: file name',
                cost: -0.4,
            ),
            ReadingRule::with(
                '[with] [the] {parts} (as|for) [a|the|its] CAPTION',
                $parts,
                ['the file name as a caption', 'with the exposure for a caption'],
                cost: -0.5,
            ),
            ReadingRule::with(
                '[with] [a] CAPTION [line] {parts} (ABOVE|BELOW|in the border)',
                $where,
                'caption exposure and date above',
                cost: -0.4,
            ),
            ReadingRule::with(
                '[the] {parts} (BELOW|in the border|ABOVE) [it|the PICTURE]',
                $where,
                ['file name underneath', 'exposure at the bottom', 'camera settings underneath'],
                cost: 0.2,
            ),
            ReadingRule::of('[the|set the|set] CAPTION [belongs]', [Says::CAPTION => []], 'the caption', cost: 0.3),
            ReadingRule::of(
                'in [the] surplus | in what is (trimmed|cut) (away|off)',
                [Says::STYLE => ['inSurplus' => true]],
                'in the surplus',
            ),
        ];
    }

    /** @return list<ReadingRule> */
    private static function letters(): array
    {
        $isOfNothing = fn (Heard $said): bool => ! $said->has('text') &&
            ! $said->isSaidOfLine() &&
            preg_match('/the words/i', $said->words()) !== 1;
        $text = fn (Heard $said): ?array => $isOfNothing($said)
            ? null
            : [Says::LETTERING => $said->has('text') ? (string) $said->value('text') : $said->text('phrase')];
        $lead = '[with|add~|put~|set~] [the]';
        $under = fn (Heard $said): array => [
            Says::LETTERING => (string) $said->value('text'),
            Says::STYLE => [
                'where' => preg_match('/\babove\b|\btop\b/i', $said->words()) === 1 ? 'top' : 'bottom',
                ...preg_match('/\bin italic\b/i', $said->words()) === 1 ? ['slant' => 'italic'] : [],
                ...preg_match('/\bin bold\b/i', $said->words()) === 1 ? ['weight' => 'bold'] : [],
                ...preg_match('/\bin white\b/i', $said->words()) === 1 ? ['colour' => '#ffffff'] : [],
            ],
        ];

        return [
            ReadingRule::of(
                'NO (lettering|letters|words|text|writing) [again] [on it] | (lettering|text) OFF',
                ['lettering' => []],
                ['no lettering', 'without words'],
                cost: -0.3,
            ),
            ReadingRule::with(
                "{$lead} (LETTERS|letter~|say~|reading|read~|write~|the words) [saying|that says|:|,] {text}",
                $text,
                ['lettered "Hello"', 'with the words “Hello”', 'lettering "Hello"'],
                cost: -0.4,
            ),
            ReadingRule::with(
                '[the] (lettering|text|words) (should|shall|has to|is to) (say|read|be) {text} | '.
                    'change the (lettering|text|words) (to|into) ({text}|{phrase})',
                $text,
                ['the lettering should read "Hello"', 'change the text to Autumn'],
                cost: -0.6,
            ),
            ReadingRule::with(
                '(change~|replace~|swap~) [the (lettering|text|words|word)] {text} (to|into|with|for|by) {text:to}',
                fn (Heard $said): array|Unsure => count($blocks = (array) $said->now('lettering')) === 1 &&
                ($blocks[0]['text'] ?? null) === $said->value('text')
                    ? [Says::LETTERING => (string) $said->value('to')]
                    : new Unsure([], 'Choose the words that are to be changed, and type the others.'),
                'change "Summer" to "Autumn"',
                cost: -0.8,
            ),
            ReadingRule::with('(put~|with) {text}', $text, 'with "Hello"', cost: -0.1),
            ReadingRule::with(
                '(add~|and|also|plus|another (line|block|text) [of] [LETTERS]|(add~|also|and|more) (text|words|lettering|LETTERS))'.
                    ' [the words] [saying|reading|that says|:|,] {text}',
                fn (Heard $said): ?array => ! $said->isSaidOfLine() && preg_match('/^(?:and|also|plus)\s+["“«]/iu', $said->words()) === 1
                    ? null // “"cousins" and "beach dog"” are pictures
                    : [Says::LETTERING => (string) $said->value('text'), Says::STYLE => ['more' => true]],
                ['add "Hello"', 'another line “Hello”'],
                cost: -0.5,
            ),
            ReadingRule::with(
                '[names|writing|words|text] (BELOW|ABOVE) [the PICTURE] [written] [in (italic|bold|white'.'|black)] [:] {text}',
                $under,
                ['under it "Hello"', 'names along the bottom: "Hello"'],
            ),
            ReadingRule::with(
                '{text}',
                fn (Heard $said): ?Unsure => preg_match('/^[\d\s.,x]+$/i', (string) $said->value('text')) === 1
                    ? new Unsure([], 'A number in quotes: of what is it said?')
                    : null,
                '"10"',
                cost: 0.2,
            ),
            ReadingRule::with('{text} [on it|over it|on top]', $text, '"Hello" on it', cost: 0.3),
            ReadingRule::with('(with the words|the words|write~|lettered) {phrase}', $text, 'with the words Happy Birthday', cost: -0.2),
            ReadingRule::of(
                '[the|set the] (lettering|letters|text|words|inscription)',
                [Says::LETTERING => null],
                'the lettering',
                cost: 0.4,
            ),
        ];
    }

    /** @return list<ReadingRule> */
    private static function marks(): array
    {
        $mark = fn (Heard $said): array|Unsure => match (true) {
            $said->has('mark') => [Says::MARK => (string) $said->value('mark')],
            preg_match('/([\w-]+\.(?:png|webp))/i', $said->words(), $m) === 1 => [Says::MARK => $m[1]],
            $said->known->marks === [] => new Unsure([], 'The studio has no mark yet. Take one up on the bench, then say it again.'),
            default => [Says::MARK => $said->known->marks[0]],
        };
        $screen = '(web|screen|email) (copy|version) [only]';

        return [
            ReadingRule::of(
                'NO [the|our|studio] (MARK|{mark}) | [the] (MARK|{mark}) [back] OFF | take~ [the] (MARK|{mark}) [back] OFF',
                ['overlays' => []],
                ['no logo', 'take the logo off'],
                cost: -0.5,
            ),
            ReadingRule::with(
                '[with|put~|add~|scoot~|move~] [the|our|my|studio] (MARK [{mark}]|{mark}) [on (it|them)|over it|over the whole thing]',
                fn (Heard $said): array|Unsure => preg_match('/whole thing/i', $said->words()) === 1 && is_array($of = $mark($said))
                    ? $of + [Says::STYLE => ['where' => 'whole']]
                    : $mark($said),
                ['our logo', 'with the studio mark', 'watermark over the whole thing'],
                cost: -0.1,
            ),
            ReadingRule::with(
                '[the|our|my|an|another] [other] (other|another) (MARK)',
                fn (Heard $said): Unsure => new Unsure(
                    [],
                    'Which mark is that?',
                    array_map(fn (string $name): Offer => new Offer($name, "the mark {$name}"), array_slice($said->known->marks, 0, 4)),
                ),
                'our other logo',
                cost: -0.5,
            ),
            ReadingRule::with('watermarked', $mark, 'watermarked'),
            ReadingRule::with(
                "[put~|add~] [the|our|my] (MARK|{mark}) on [the] {$screen}",
                fn (Heard $said): array|Unsure => is_array($of = $mark($said)) ? [Says::SCREEN_MARK => $of[Says::MARK]] : $of,
                'logo on the web copy',
                cost: -0.4,
            ),
            ReadingRule::with(
                "[and|also|plus|with] [a|the] {$screen} with [the|our|my] [studio] (MARK|{mark})",
                fn (Heard $said): array|Unsure => is_array($of = $mark($said))
                    ? [Says::SCREEN => [], Says::IS_BESIDE => true, Says::SCREEN_MARK => $of[Says::MARK]]
                    : $of,
                'a web copy with the mark',
                cost: -0.6,
            ),
        ];
    }

    /** @return array<string, mixed> a step of a twentieth or, where it isn't a slight one, a tenth of the picture */
    private static function moved(Heard $said): array
    {
        $words = mb_strtolower($said->words());
        $by = preg_match('/\b(?:bit|little|touch|hair|slightly)\b/', $words) === 1 ? 0.05 : 0.1;
        $isBack = preg_match('/\b(?:left|up|upwards|higher)\b/', $words) === 1;

        return [Says::STYLE => [preg_match('/\b(?:left|right)\b/', $words) === 1 ? 'moveX' : 'moveY' => $isBack ? -$by : $by]];
    }

    /** @return list<ReadingRule> how they look, and where they stand */
    private static function styles(): array
    {
        $style = fn (string $key, mixed $value): array => [Says::STYLE => [$key => $value]];
        $place = function (Heard $said): array {
            $words = mb_strtolower($said->words());
            $up = match (true) {
                preg_match('/\b(?:top|upper|above|head)\b/', $words) === 1 => 'top',
                preg_match('/\b(?:bottom|botom|btm|lower|foot|below|underneath|under)\b/', $words) === 1 => 'bottom',
                default => '',
            };
            $across = preg_match('/\b(left|right)\b/', $words, $m) === 1 ? $m[1] : '';

            return [Says::STYLE => ['where' => trim("{$up}-{$across}", '-') ?: 'centre']];
        };

        return [
            ReadingRule::with(
                '[in|at|on|across|along|to] [the] [very] ((top|bottom|lower|upper|botom|btm) [-] [left'.
                    '|right] [corner|edge|hand corner] | left | right | foot | MIDDLE)',
                $place,
                ['bottom right', 'in the lower left', 'across the bottom'],
                cost: 0.3,
            ),
            ReadingRule::with(
                '(above|below|underneath) [it|the PICTURE]',
                fn (Heard $said): ?array => $said->isSaidOfLine() ? $place($said) : null,
                'below the picture',
                cost: -1.2,
            ),
            ReadingRule::with(
                '{length} (high|tall)',
                fn (Heard $said): array => $style('height', $said->length()) + self::side($said, 'high'),
                '20 mm high',
                cost: 0.4,
            ),
            ReadingRule::with(
                '{length} (high|tall) letters | [in] {length} [type|letters]',
                fn (Heard $said): array => $style('height', $said->length()),
                '20 mm high letters',
                cost: 1.3,
            ),
            ReadingRule::with(
                'in {face} , {length} [, {colour}]',
                fn (Heard $said): array => [
                    Says::STYLE => ['face' => (string) $said->value('face'), 'height' => $said->length()] +
                        ($said->has('colour') ? ['colour' => $said->colour()] : []),
                ],
                'in Newsreader, 9 mm, black',
                cost: -0.5,
            ),
            ReadingRule::with('[in] {face} [type]', fn (Heard $said): array => $style('face', (string) $said->value('face')), 'in Archivo'),
            ReadingRule::of('[in] (bold|bolld)', $style('weight', 'bold'), 'bold'),
            ReadingRule::of('[in] (italic|italics|slanted)', $style('slant', 'italic'), ['italic', 'in italics']),
            ReadingRule::of('[in] (upright|roman) letters', $style('slant', 'upright'), 'upright letters'),
            ReadingRule::of('align~ right | ranged right | right aligned', $style('align', 'right'), 'aligned right'),
            ReadingRule::of('align~ left | ranged left | left aligned', $style('align', 'left'), 'aligned left'),
            ReadingRule::of('align~ (centre|center) | centred | centered', $style('align', 'middle'), 'align centre', cost: 0.5),
            ReadingRule::with(
                '[in|the] {colour} [letters|lettering|type|text]',
                fn (Heard $said): array => $style('colour', $said->colour()),
                ['in white', '#6b6b6b'],
                cost: 0.5,
            ),
            ReadingRule::with(
                '[at] {share} [strength|strong|opacity] [on the MARK] | [at] half strength | [at] {share} transparent',
                fn (Heard $said): array => $style('strength', $said->has('share') ? $said->share() : 0.5),
                ['at half strength', '20 per cent', '60% strength'],
                cost: 0.3,
            ),
            ReadingRule::with(
                '{percent} wide | {share} as wide as [the] PICTURE',
                fn (Heard $said): array => $style('width', round(100 * $said->share($said->has('percent') ? 'percent' : 'share'), 1).' %'),
                'a third as wide as the picture',
                cost: -0.2,
            ),
            ReadingRule::with(
                '{length} wide',
                fn (Heard $said): array => $style('width', $said->length()) + self::side($said, 'wide'),
                '30 mm wide',
                cost: 0.2,
            ),
            ReadingRule::with(
                '{measure} [in] from [the] (edge|edges|side|corner) | {measure} in from [the] (edge|edges)',
                fn (Heard $said): array => $style('offset', $said->length('measure')),
                '10 mm in from the edge',
            ),
            ReadingRule::of('[much] (bigger|larger) [letters|lettering]', $style('scale', 1.25), 'bigger letters', cost: 0.4),
            ReadingRule::of('[much] (smaller) [letters|lettering]', $style('scale', 0.8), 'smaller letters', cost: 0.4),
            ReadingRule::with(
                '(twice|half) (as (big|large)|the size) | double the size',
                fn (Heard $said): ?array => $said->isSaidOfLine()
                    ? $style('times', str_starts_with(mb_strtolower($said->words()), 'half') ? 0.5 : 2.0)
                    : null,
                'half the size',
                cost: -0.2,
            ),
            ReadingRule::of('[SLIGHTLY] (fainter|weaker|paler|more transparent)', $style('fade', 0.8), 'a bit fainter', cost: 0.4),
            ReadingRule::of('[SLIGHTLY] (stronger|less transparent|more opaque)', $style('fade', 1.25), 'less transparent', cost: 0.4),
            ReadingRule::of(
                '(remove~|delete~) [it|this] | take~ (it|this) (away|off|out) | get rid of (it|this)',
                $style('away', true),
                'take it away',
                cost: 0.4,
            ),
            ReadingRule::of('[in] small [letters|type|print]', $style('scale', 0.8), 'in small letters', cost: 0.5),
            ReadingRule::of('[in] (large|big) [letters|type|print]', $style('scale', 1.25), 'in large type', cost: 0.5),
            // Of a line that is there it says something: “logo bottom left, small”.
            ReadingRule::with(
                'small | little | tiny',
                fn (Heard $said): ?array => $said->isSaidOfLine() ? $style('scale', 0.8) : null,
                'tiny',
                cost: -0.85,
            ),
            ReadingRule::with(
                'large | big | huge',
                fn (Heard $said): ?array => $said->isSaidOfLine() ? $style('scale', 1.25) : null,
                'huge',
                cost: -0.85,
            ),
            ReadingRule::with(
                '(shift~|move~) [the] (lettering|letters|words|text|caption) [over] [SLIGHTLY] [to] [the] (left|right|up|down)',
                fn (Heard $said): array => self::moved($said) + [Says::LETTERING => null],
                'move the lettering up',
                cost: -0.3,
            ),
            ReadingRule::with(
                '(shift~|move~|nudge~) [the] (lettering|letters|words|text|caption) [to] [the] (left|right|up|down) [by] {length}',
                fn (Heard $said): Unsure => new Unsure(
                    self::moved($said) + [Says::LETTERING => null],
                    'It was moved by a step. Drag it on the drawing to its place.',
                ),
                'move the text up 1 cm',
                cost: -0.5,
            ),
            ReadingRule::with(
                '[shift~|move~|nudge~] [it|this] [SLIGHTLY|further] (up|upwards|down|downwards|higher|lower) [SLIGHTLY] | '.
                    '(shift~|move~|nudge~) [it|this] [SLIGHTLY] [to] [the] (left|right) [SLIGHTLY] | '.
                    'SLIGHTLY to the (left|right)',
                fn (Heard $said): ?array => $said->isSaidOfLine() ? self::moved($said) : null,
                'nudge it up a bit',
                cost: -0.2,
            ),
        ];
    }

    /**
     * It may be that of the print itself: of what it is said, the print's other words tell.
     *
     * @return array<string, string>
     */
    private static function side(Heard $said, string $side): array
    {
        return $said->isSaidOfLine() ? [] : [Says::ONE_SIDE => "{$said->length()} {$side}"];
    }
}
