<?php

declare(strict_types=1);

namespace Planisher\Reading\Rule;

use Planisher\Language\Offer;
use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Unsure;
use Planisher\Measure\Resolution;

/** How people speak of the file: its kind, its quality, its colours, its sharpening, its name, what data it keeps. */
final class FileRules
{
    /** @return list<ReadingRule> */
    public static function all(): array
    {
        return [...self::kinds(), ...self::colours(), ...self::sharp(), ...self::named()];
    }

    /** @return list<ReadingRule> */
    private static function kinds(): array
    {
        $jpeg = '(jpeg|jpg|jpegs|jpgs) [file|files]';
        $quality = function (Heard $said): array|Unsure|null {
            $quality = $said->has('percent') ? (int) round($said->share('percent') * 100) : $said->count('quality');
            $hasKind = preg_match('/jpe?g/i', $said->words()) === 1;
            if ($quality > 100 || $quality < 1) {
                return null;
            }
            if ($quality <= 12 && ! $said->has('percent')) {
                return new Unsure([], "Quality {$quality} is of a scale of 1 to 12. Ours is of 1 to 100.", [
                    new Offer('quality 80', 'quality 80'),
                    new Offer('quality 95', 'quality 95'),
                ]);
            }

            return ['output' => ['quality' => $quality] + ($hasKind ? ['format' => 'jpeg'] : [])];
        };

        return [
            ReadingRule::with(
                '{number} (ppi|dpi|pixels per inch|pixels an inch|dots per inch) | [at] {number} (px|pixels) (per|an) inch',
                fn (Heard $said): ?array => self::ppi($said->number()),
                ['240 ppi', 'at 300 dpi'],
                cost: -0.3,
            ),
            ReadingRule::with(
                '{number} (px / cm|px per cm|pixels per (cm|centimetre|centimeter)|ppcm)',
                fn (Heard $said): ?array => self::ppi(round($said->number() * 2.54, 2)),
                '118 px/cm',
                cost: -0.3,
            ),
            ReadingRule::of(
                '[at|in] [its|the picture\'s|their|the file\'s] (own|original|native) (pixels'.
                    '|resolution) [,] [not [to be] resampled] | not [to be] resampled | unresampled | '.
                    'the picture\'s own pixels',
                ['output' => ['ppi' => 'own']],
                ['its own pixels', 'original pixels', 'not resampled'],
            ),
            ReadingRule::with(
                'at {count:ppi}',
                fn (Heard $said): ?Unsure => in_array($said->count('ppi'), [150, 180, 200, 240, 250, 254, 300, 360, 400, 600, 720], true)
                    ? new Unsure(['output' => ['ppi' => $said->count('ppi')]], 'Pixels per inch?', [
                        new Offer("{$said->count('ppi')} ppi", "{$said->count('ppi')} ppi"),
                    ])
                    : null,
                'at 300',
                cost: 0.6,
            ),
            ReadingRule::with(
                "[saved|save~] [it] [as|in] {$jpeg} [in|at|of|,] [quality|q] {count:quality} | ".
                    "{$jpeg} [,] {percent} | [at] [jpeg|jpg] (quality".
                    '|q) [of] {count:quality} [of {count:scale}] | [at|with] {percent} quality | '.
                    "(quality|q) [of] {percent} | {$jpeg} [at|of] [quality".
                    '|q] {count:quality} [of {count:scale}]',
                $quality,
                ['jpeg 80', 'jpg at 90', 'quality 90', 'JPEG, 100 %'],
                cost: -0.2,
            ),
            ReadingRule::of('(best|maximum|highest|full|max|top) [jpeg] quality', ['output' => ['quality' => 100]], 'best quality'),
            ReadingRule::of(
                '16 [-] (bit|bits) [tiff|tif|tiffs] [file|files] [per channel] | '.
                    '(tiff|tif|tiffs) [file|files] [,|of|with|in|at] 16 [-] [bit|bits] [per channel]',
                ['output' => ['format' => 'tiff', 'bits' => 16]],
                ['16 bit', '16-bit TIFF', 'tiff 16'],
                cost: -0.2,
            ),
            ReadingRule::of(
                '[saved|save~] [it] [as] 8 [-] (bit|bits) (tiff|tif) [file] [per channel] | '.
                    '[saved|save~] [it] [as] (tiff|tif) [file] [,|of|with|in|at] 8 [-] [bit|bits] [per channel]',
                ['output' => ['format' => 'tiff', 'bits' => 8]],
                'TIFF with 8 bit',
                cost: -0.2,
            ),
            ReadingRule::of('8 [-] (bit|bits) [per channel]', ['output' => ['bits' => 8]], '8 bit', cost: -0.1),
            ReadingRule::of(
                '[saved|save~] [it] [as|in] [a] (tiff|tif|tiffs|tifs) [file|files]',
                ['output' => ['format' => 'tiff']],
                ['tiff', 'as a TIFF file'],
            ),
            ReadingRule::of(
                "[saved|save~] [it] [as|in] [a] [deliver] {$jpeg} [in]",
                ['output' => ['format' => 'jpeg']],
                ['jpeg', 'as jpg files', 'saved as JPEG'],
            ),
            ReadingRule::with(
                '16 [-] (bit|bits) (jpeg|jpg)',
                fn (): Unsure => new Unsure([], 'A JPEG has 8 bits a colour. Is it to be a TIFF?', [
                    new Offer('16 bit TIFF', '16 bit tiff'),
                ]),
                '16-bit JPEG',
                cost: -0.4,
            ),
        ];
    }

    /** @return list<ReadingRule> */
    private static function colours(): array
    {
        $to = '[in|into|convert~ to|as|saved in]';

        return [
            ReadingRule::of(
                "{$to} [the|its] [lab's|labs] (srgb|s rgb) [iec 61966 - 2 . 1|iec 61966 - 2 - 1|iec 61966] [colour|profile|space]",
                ['output' => ['colour' => 'sRGB']],
                ['sRGB', 'sRGB IEC61966-2.1', 'in the lab’s sRGB'],
            ),
            ReadingRule::of(
                "{$to} [the|its] [lab's|labs] (adobe rgb|adobergb|adobe 1998) [OPEN 1998 CLOSE|1998] [colour|profile|space]",
                ['output' => ['colour' => 'Adobe RGB (1998)']],
                ['Adobe RGB (1998)', 'Adobe 1998'],
            ),
            ReadingRule::of(
                "(in|for|into|use|using|with) [the|its] (paper's|paper) [own] (profile|colour|colours".
                    "|color) | paper profile | (the|its) paper's [own] profile | ".
                    'in [the] profile of [the|its] paper',
                ['output' => ['colour' => 'paper']],
                ['in the paper’s profile', 'its paper’s own profile', 'paper profile'],
            ),
            ReadingRule::of('perceptual [intent|rendering]', ['output' => ['intent' => 'perceptual']], 'perceptual'),
            ReadingRule::of(
                'relative [colorimetric|colourimetric] [intent|after all]',
                ['output' => ['intent' => 'relative']],
                'relative colorimetric',
            ),
        ];
    }

    /** @return list<ReadingRule> */
    private static function sharp(): array
    {
        $sharpened = fn (string $strength): \Closure => fn (Heard $said): array => [
            'output' => [
                'sharpen' => [
                    ...preg_match('/for (?:an? |the )*(?:computer )?screens?|for (?:the )?web/i', $said->words()) === 1
                        ? ['surface' => 'screen']
                        : self::surface($said->words()),
                    'strength' => $strength,
                ],
            ],
        ];
        $for = '[for [the|a] (gloss|glossy|lustre|luster|MATT|semi gloss|satin|screen|web|print) [surface|PAPER]]';

        return [
            ReadingRule::of(
                "(no|without [any]) sharpening | unsharpened | (not|don't|dont|do not) sharpen~ [it] | ".
                    '(sharpening|sharpen) OFF [altogether]',
                ['output' => ['sharpen' => null]],
                ['no sharpening', 'not sharpened', 'sharpening off'],
            ),
            ReadingRule::with(
                "(gentle|light|soft|SLIGHTLY) sharpen~ {$for} | sharpen~ [it] (gently|lightly|SLIGHTLY) {$for}",
                $sharpened('gentle'),
                ['gentle sharpening', 'sharpened gently for matte', 'sharpen a little'],
                cost: -0.2,
            ),
            ReadingRule::with("[standard|normal|usual] (sharpen~|shapen) [it|normally] {$for}", $sharpened('normal'), [
                'sharpen for matte',
                'sharpened',
                'standard sharpening',
            ]),
            ReadingRule::with(
                'sharpen~ more | more sharpening',
                fn (Heard $said): array|Unsure => $said->now('output.sharpen.strength') === 'normal'
                    ? new Unsure([], 'It is sharpened as much as is done here.')
                    : $sharpened('normal')($said),
                'sharpen more',
            ),
            ReadingRule::with(
                'sharpen~ less | less sharpening',
                fn (Heard $said): array|Unsure => match ($said->now('output.sharpen.strength')) {
                    'normal' => $sharpened('gentle')($said),
                    'gentle' => ['output' => ['sharpen' => null]],
                    default => new Unsure([], 'It isn’t sharpened.'),
                },
                'sharpen less',
                cost: -0.2,
            ),
        ];
    }

    /** The file's name as a caption, or as words on the picture, isn't what the file is called. */
    private const WHERE_IT_STANDS =
        '/\bname\s+(?:as|in|on|at|under|below|above|beneath|along|with|for|and|or'.'|printed|written|shown|set|put|added|typed)\b/i';

    /** @return list<ReadingRule> */
    private static function named(): array
    {
        $all = [
            'order' => 'order',
            'size' => 'size',
            'copies' => 'copies',
            'count' => 'copies',
            'date' => 'date',
            'subject' => 'subject',
            'number' => 'number',
            'client' => 'client',
            'finish' => 'finish',
            'panel' => 'panel',
        ];
        $part = '(order|size|copies|date|subject|number|client|finish|panel)';
        $join =
            '[,] [-] [joined|only] [by|with] [a] [dashes|dash|hyphens|hyphen|underscores'.
            '|underscore] [between|joined [with|by] (hyphens|hyphen|dashes|underscores)]';
        $parts = function (Heard $said) use ($all): array {
            preg_match_all(
                '/\b('.implode('|', array_keys($all)).')\b/i',
                (string) preg_replace('/^.*?(?:\bby\b|:)/i', '', $said->words()),
                $found,
            );
            $words = mb_strtolower($said->words());
            $join = match (true) {
                preg_match('/dash|hyphen/', $words) === 1 => ['join' => '-'],
                str_contains($words, 'underscore') => ['join' => '_'],
                default => [],
            };

            $parts = array_map(fn (string $of): string => $all[mb_strtolower($of)], $found[1]);

            return ['name' => ['parts' => array_values(array_unique($parts))] + $join];
        };

        return [
            ReadingRule::with(
                "(name|named|call~) [it|the file|file] by {$part} [,|and|/] [{$part}] [,|and|/] [{$part}] [,".
                    "|and|/] [{$part}] {$join} | file [name|named] [by|:] {$part} [,|and|/] [{$part}] [,".
                    "|and|/] [{$part}] [,|and|/] [{$part}] {$join}",
                $parts,
                ['named by date and subject', 'file name: order, size, copies'],
                cost: -0.6,
            ),
            ReadingRule::with(
                '(named|called|titled|entitled|call~ [it|this one|them]|name [it|them]|title|subject) {text}',
                fn (Heard $said): ?array => self::subject($said->text()),
                ['named “Otters”', 'subject "Mayor Ellison"'],
                cost: -0.4,
            ),
            ReadingRule::with(
                '(named|called|titled|entitled|call~ (it|this one|them|the file)'.
                    '|name (it|them|the file)|[the] file (name|named) [is|to be|:]'.
                    '|[the] file (is to be|to be) (named|called)|subject) {words}',
                fn (Heard $said): ?array => match (true) {
                    preg_match('/\b(?:name|named|call\w*) (?:it |them |this one )?by\b/i', $said->words()) === 1 => null,
                    preg_match('/\bfile\b/i', $said->words()) !== 1 => self::subject($said->text('words')),
                    preg_match(self::WHERE_IT_STANDS, $said->words()) === 1 => null,
                    default => self::fileName($said->text('words')),
                },
                ['named Otters', 'file name Grandma 90'],
                cost: 0.6,
            ),
            ReadingRule::with(
                '(number this line|line number|[the] number of this line is|as line [number]|as line no) {count}',
                fn (Heard $said): array => ['number' => $said->count()],
                ['number this line 41', 'as line number 14'],
                cost: -0.5,
            ),
            ReadingRule::of(
                'keep~ [all] [the] (camera|exposure) [data|details|info] | with [the] camera data',
                ['output' => ['keep' => 'camera']],
                'keep camera data',
            ),
            ReadingRule::of(
                'keep~ (all|every) [the] (metadata|data|everything) | keep~ everything',
                ['output' => ['keep' => 'everything']],
                'keep all metadata',
            ),
            ReadingRule::of(
                '[keep~] [only] [the] credits [only] [in the (metadata|data)] [,] [none of the camera stuff] | '.
                    'keep~ [only] [the] copyright [only]',
                ['output' => ['keep' => 'credits']],
                ['only the credits in the metadata', 'keep copyright only'],
            ),
            ReadingRule::with(
                '(file|keep~ the file|keep~ it) (below|under|smaller than|less than) {number} (mb|kb'.
                    '|megabytes) | (below|under) {number} (mb|kb)',
                fn (): Unsure => new Unsure([], 'How large a file gets can’t be said here; the lab’s own limit is checked.'),
                'file below 2 mb',
                cost: -0.3,
            ),
        ];
    }

    /** @return ?array<string, mixed> */
    private static function ppi(float $ppi): ?array
    {
        return $ppi < 1 || $ppi > Resolution::HIGHEST_PPI ? null : ['output' => ['ppi' => $ppi === floor($ppi) ? (int) $ppi : $ppi]];
    }

    /** @return array<string, string> */
    private static function surface(string $words): array
    {
        preg_match('/\bfor\b(.*)$/i', $words, $m);
        $surface = isset($m[1]) ? LabRules::surface($m[1]) : null;

        return $surface === null ? [] : ['surface' => $surface->value];
    }

    /** @return ?array<string, mixed> of a whole file's name that name, of other words what is in the picture */
    private static function subject(string $text): ?array
    {
        if (preg_match('/^[^\s\/]+_[^\s\/]+$/u', $text) === 1) {
            return self::fileName((string) preg_replace('/\.(?:jpe?g|tiff?)$/i', '', $text));
        }

        $isOf = preg_match('/^(?:and|or|with)\b/i', $text) !== 1; // “by date, subject and number”

        return $text === '' || mb_strlen($text) > 80 || ! $isOf ? null : ['subject' => $text];
    }

    /** @return ?array<string, mixed> */
    private static function fileName(string $text): ?array
    {
        // “file name 7 pt Garamond” is of a caption's look, “order - size, joined by dashes” of its parts.
        $isOther = preg_match('/^\W*\d+(?:[.,]\d+)?\s*(?:pt|mm|cm|in)\b|\bjoined\b|(?:\S+\s+){4}/i', $text) === 1;

        return $text === '' || mb_strlen($text) > 40 || $isOther ? null : ['name' => ['parts' => [['text' => $text]]]];
    }
}
