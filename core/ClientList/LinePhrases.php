<?php

declare(strict_types=1);

namespace Planisher\ClientList;

use Planisher\Colour\Surface;
use Planisher\Finish\Finishes;
use Planisher\Lab\Paper;
use Planisher\Lab\Product;
use Planisher\Measure\Resolution;
use Planisher\Wish\Heard;
use Planisher\Wish\Known;
use Planisher\Wish\Offer;
use Planisher\Wish\Phrase;
use Planisher\Wish\Unsure;

/** How people say what can be wanted of every line, whatever it is made into. */
final class LinePhrases
{
    /** “A little lighter for paper”, where nobody says how much: our own choice, no source. */
    private const USUAL_LIFT = 0.3;

    private const PLACES =
        'top[- ]left|top[- ]right|bottom[- ]left|bottom[- ]right|lower[- ]left|lower[- ]right|'.'upper[- ]left|upper[- ]right';

    /** @return list<Phrase> */
    public static function all(): array
    {
        return [...self::files(), ...self::tones(), ...self::papers(), ...self::marks()];
    }

    /** @return list<Phrase> what is named or written, whose words are the client's own */
    public static function texts(): array
    {
        $quoted = '["“„‘\'][^"”‘’]+["”’\'“]';
        $captioned = fn (string $part): array => ['caption' => ['parts' => [$part]]];

        return [
            Phrase::with(
                "(?:with (?:the )?(?:words?|lettering|text)|letter(?:ed|ing)|saying|reading|that (?:says|reads)):? (?<text>{$quoted})",
                fn (Heard $said): array => ['lettering' => [['text' => $said->text()]]],
            ),
            Phrase::with(
                '(?:named|called|titled|entitled|call (?:it|this one|them)|name (?:it|them)|title|name the file):? {text}',
                fn (Heard $said): ?array => $said->text() === '' || mb_strlen($said->text()) > 80
                    ? null
                    : [
                        'subject' => $said->text(),
                    ],
            ),
            Phrase::of('(?:no|without(?: an?| the)?) captions?', ['caption' => null]),
            Phrase::with(
                "(?:with (?:an? |the )?)?caption(?:ed)?(?: (?:with|of|saying|in|below|underneath))*:? (?<text>{$quoted})",
                fn (Heard $said): array => [
                    'caption' => ['parts' => [['text' => $said->text()]]],
                ],
            ),
            Phrase::with(
                '(?:with (?:an? |the )?)?(?:caption(?:ed)?(?: (?:with|of|saying|in))*(?: (?:the|our|its|their))? '.
                    '(?<part>exposures?|file ?names?|clients?(?:[’\']s)?(?: name)?|subjects?|date|order number)|(?:the '.
                    ')?(?<under>exposure|file ?name|client(?:[’\']s)?(?: name)?|date) (?:underneath|below(?: it)?|in the border))',
                function (Heard $said) use ($captioned): array {
                    $part = mb_strtolower($said->words($said->has('part') ? 'part' : 'under'));

                    return $captioned(
                        match (substr($part, 0, 3)) {
                            'exp' => 'exposure',
                            'fil' => 'file',
                            'cli' => 'client',
                            'sub' => 'subject',
                            'dat' => 'date',
                            default => 'order',
                        },
                    );
                },
            ),
        ];
    }

    /** @return list<Phrase> */
    private static function files(): array
    {
        $sharpened = fn (string $strength) => fn (Heard $said): array => [
            'output' => ['sharpen' => [...self::surface($said), 'strength' => $strength]],
        ];
        $for = '(?: for (?:(?:the|a) )?(?<surface>gloss(?:y)?|lustre|luster|mat(?:te|t)?|semi-?gloss)(?: paper)?)?';

        return [
            Phrase::of(
                '(?:at |in )?(?:its|the picture[’\']s|the file[’\']s|their) own (?:pixels|resolution)|(?:native|own) '.
                    '(?:pixels|resolution)|not resampled|unresampled',
                ['output' => ['ppi' => 'own']],
            ),
            Phrase::with('(?:at |in )?{number} ?(?:ppi|dpi|pixels (?:per|an) inch|dots per inch)', function (Heard $said): ?array {
                $ppi = (float) str_replace(',', '.', $said->words('number'));

                return $ppi < 1 || $ppi > Resolution::HIGHEST_PPI
                    ? null
                    : ['output' => ['ppi' => $ppi === floor($ppi) ? (int) $ppi : $ppi]];
            }),
            Phrase::of('(?:no|without(?: any)?) sharpening|unsharpened|not sharpened|(?:do not|don[’\']?t) sharpen(?: it)?', [
                'output' => ['sharpen' => null],
            ]),
            Phrase::with(
                "(?:gently|lightly|softly|slightly|a (?:little|bit|touch)) sharpen(?:ed|ing)?{$for}|sharpen(?:ed|ing)? ".
                    '(?:it )?(?:gently|lightly|slightly|a (?:little|bit|touch))'.
                    str_replace('surface', 'on', $for),
                $sharpened('gentle'),
            ),
            Phrase::with("sharpen(?:ed|ing)?(?: (?:it|normally|for print|for output))*{$for}", $sharpened('normal')),
            Phrase::with(
                '(?:at )?(?:jpe?g )?quality(?: of)? (?<quality>\d{1,3})(?:\s*%)?',
                fn (Heard $said): ?array => (int) $said->words('quality') < 1 || (int) $said->words('quality') > 100
                    ? null
                    : [
                        'output' => ['quality' => (int) $said->words('quality')],
                    ],
            ),
            Phrase::of('(?:as |in )?(?:an? )?16[ -]?bits?(?: tiffs?)?(?: files?)?', ['output' => ['bits' => 16, 'format' => 'tiff']]),
            Phrase::of('(?:as |in )?(?:an? )?tiffs?(?: files?)?|(?:as )?tifs?(?: files?)?', ['output' => ['format' => 'tiff']]),
            Phrase::of('(?:as |in )?(?:an? )?jpe?gs?(?: files?)?', ['output' => ['format' => 'jpeg']]),
            Phrase::of('(?:in |converted to |as )?s ?rgb', ['output' => ['colour' => 'sRGB']]),
            Phrase::of('(?:in |converted to |as )?adobe ?rgb(?: \(1998\)| 1998)?', ['output' => ['colour' => 'Adobe RGB (1998)']]),
            Phrase::of('(?:in|for) (?:the |its )?paper[’\']s (?:own )?(?:profile|colours?)', ['output' => ['colour' => 'paper']]),
        ];
    }

    /** @return list<Phrase> */
    private static function tones(): array
    {
        return [
            Phrase::with(
                '(?:open(?:ed)?|lift(?:ed)?|lighten(?:ed)?)(?: (?:it|the shadows))?(?: up)?(?: for (?:the |its '.
                    ')?paper)?(?: by)? {percent}{%}(?: for (?:the |its )?paper)?',
                fn (Heard $said): array => [
                    'forPaper' => ['open' => $said->share()],
                ],
            ),
            Phrase::with(
                '{percent}{%} more contrast|contrast (?:up )?(?:by )?{percent:up}{%}',
                fn (Heard $said): array => [
                    'forPaper' => ['contrast' => $said->share($said->has('percent') ? 'percent' : 'up')],
                ],
            ),
            Phrase::of(
                '(?:open(?:ed)?|lift(?:ed)?|lighten(?:ed)?)(?: (?:it|them))?(?: up)?(?: a (?:little|bit|touch))? for '.
                    '(?:the |its )?paper|(?:open(?:ed)?(?: up)?|lift(?:ed)?|lighten(?:ed)?|lighter) (?:the )?(?:shadows|'.
                    'dark (?:tones|parts))(?: (?:a (?:little|bit|touch)|slightly))?',
                [
                    'forPaper' => ['open' => self::USUAL_LIFT],
                ],
            ),
            Phrase::with(
                '(?:(?:it |they )?(?:will )?(?:hangs?|hung) [^,;.\n]{0,40}?,? ?)?(?:to be )?(?:looked at|seen|viewed|'.
                    'viewing(?: distance)?)(?: (?:from|at|of))*(?: about)? {distance}(?: away)?',
                fn (Heard $said): array => [
                    'viewedFrom' => $said->distance(),
                ],
            ),
            Phrase::with('{distance} (?:viewing distance|away)', fn (Heard $said): array => ['viewedFrom' => $said->distance()]),
        ];
    }

    /** @return list<Phrase> */
    private static function papers(): array
    {
        return [
            Phrase::with(
                '(?:printed )?(?:on |in )?(?:an? |the )?(?<surface>gloss(?:y)?|shiny|lustre|luster|pearl|semi-?gloss|'.
                    'satin|matte|matt|mat(?= paper| finish))(?: (?:photo )?(?:paper|finish|surface|stock))?',
                self::paper(...),
            ),
        ];
    }

    /** @return list<Phrase> */
    private static function marks(): array
    {
        $mark = '(?:(?:studio(?:[’\']s)? )?mark|logo|watermark)';
        $places = self::PLACES;

        return [
            Phrase::of("(?:no|without(?: an?| the| our)?) {$mark}s?", ['overlays' => []]),
            Phrase::with(
                '(?:(?:with )?(?:the |our |my |your )(?:studio )?(?:mark|logo|watermark)|(?:with an? )?(?:studio mark|'.
                    'logo|watermark))(?: (?:on (?:it|them)|over it))?(?:,?(?: in| at)?(?: the| its)? '.
                    "(?<where>{$places})(?: corner)?)?(?:,? {percent}{%} wide)?|watermarked",
                function (Heard $said, Known $known): array|Unsure {
                    $where = strtr((string) preg_replace('/[\s-]+/', '-', mb_strtolower($said->words('where'))), [
                        'lower' => 'bottom',
                        'upper' => 'top',
                    ]);
                    $mark = $known->marks[0] ?? null;
                    if ($mark === null) {
                        return new Unsure([], 'The studio has no mark yet. Take one up on the bench, then say it again.');
                    }

                    return [
                        'overlays' => [
                            [
                                'picture' => $mark,
                                ...$where === '' ? [] : ['where' => $where],
                                ...$said->has('percent') ? ['width' => $said->words('percent').' %'] : [],
                            ],
                        ],
                    ];
                },
            ),
        ];
    }

    /**
     * What a lab calls its papers and products is said by these names, “on cotton rag”.
     *
     * @return list<Phrase>
     */
    public static function ofLab(Known $known): array
    {
        $words = fn (string $name): string => preg_quote(mb_strtolower($name), '/');
        $papers = array_map(
            fn (Paper $paper): Phrase => Phrase::of("(?:printed )?(?:on |in )?(?:an? |the )?{$words($paper->name)}(?: paper)?", [
                'paper' => $paper->name,
            ]),
            $known->lab->papers,
        );
        $products = array_map(
            fn (Product $product): Phrase => Phrase::of(
                "(?:printed )?(?:on|as) (?:an? )?{$words($product->name)}(?: prints?| panels?)?|{$words($product->name)} prints?",
                [
                    'product' => $product->name,
                ],
            ),
            // What is a finish of its own is said by its own phrases.
            array_values(array_filter($known->lab->products, fn (Product $of): bool => Finishes::named($of->name) === null)),
        );

        $extras = [];
        foreach ($known->lab->products as $product) {
            foreach ($product->mounts as $mount) {
                $extras[] = Phrase::of("(?:mounted|mount) on (?:an? )?{$words($mount->name)}|{$words($mount->name)} mounts?", [
                    'mount' => $mount->name,
                ]);
            }
            foreach ($product->options as $option) {
                $extras[] = Phrase::of("(?:with )?(?:an? )?{$words($option->name)}", ['options' => [$option->name]]);
            }
        }

        return [...$papers, ...$products, ...$extras];
    }

    /** @return array<string, string> */
    private static function surface(Heard $said): array
    {
        $surface = self::named($said->words($said->has('surface') ? 'surface' : 'on'));

        return $surface === null ? [] : ['surface' => $surface->value];
    }

    /** The lab's paper of a surface. */
    private static function paper(Heard $said, Known $known): Unsure|array
    {
        $surface = self::named($said->words('surface'));
        $papers = array_values(array_filter($known->lab->papers, fn (Paper $paper): bool => $paper->surface === $surface));

        return match (true) {
            count($papers) === 1 => ['paper' => $papers[0]->name],
            $papers === [] => new Unsure([], "{$known->lab->name} lists no {$surface?->value} paper."),
            default => new Unsure(
                ['paper' => $papers[0]->name],
                "{$known->lab->name} has several {$surface?->value} papers.",
                array_map(fn (Paper $paper): Offer => new Offer($paper->name, "on {$paper->name}"), $papers),
            ),
        };
    }

    private static function named(string $words): ?Surface
    {
        $words = mb_strtolower($words);

        return match (true) {
            $words === '' => null,
            str_starts_with($words, 'gloss'), $words === 'shiny' => Surface::Glossy,
            str_starts_with($words, 'mat') => Surface::Matte,
            default => Surface::Lustre,
        };
    }
}
