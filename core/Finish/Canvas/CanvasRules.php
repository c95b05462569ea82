<?php

declare(strict_types=1);

namespace Planisher\Finish\Canvas;

use Planisher\Language\Offer;
use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Says;
use Planisher\Language\Unsure;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Written\WrittenSizes;

/** How people say what is wanted of a canvas. */
final class CanvasRules
{
    /** “Dark edges” and “soft edges”, where nobody says how much: our own choice, no source. */
    private const USUAL_STRENGTH = 0.3;

    private const VERY = 0.6;

    private const A_LITTLE = 0.2;

    private const STEP = 0.15;

    /** Whether a third side is how deep it is. */
    private static function isDeep(?Size $size, string $depth): bool
    {
        return $size !== null &&
            WrittenSizes::isDepth(Length::parse($depth)->nanometres, min($size->width->nanometres, $size->height->nanometres));
    }

    /** @return list<ReadingRule> */
    public static function all(): array
    {
        return [...self::made(), ...self::deep(), ...self::edged(), ...self::soft(), ...self::dark()];
    }

    /** @return list<ReadingRule> */
    private static function made(): array
    {
        return [
            ReadingRule::of(
                '[as|on|a] [stretched|wrapped|big] (canvas~|leinwand|toile|lienzo) [wrap|wrapped|print|prints|piece] | [on] linen (canvas)',
                ['make' => CanvasFinish::NAME],
                ['canvas', 'on canvas', 'as a stretched canvas'],
            ),
            ReadingRule::with(
                '(including|counting) [the] (wrap|edges|sides|bars)',
                fn (): Unsure => new Unsure([], 'Does the size count the edges in? It was read as the face’s.'),
                'including the wrap',
            ),
            ReadingRule::of('gallery [-] wrap~ [canvas~]', ['make' => CanvasFinish::NAME], 'gallery wrap'),
            ReadingRule::of(
                'EDGE (apart|separately|separate) | [with] [face and] EDGE (in|as) [a|their] (file'.
                    '|files) of (their|its) own | [face and] EDGE (in|as) (separate|a separate) (file'.
                    '|files) | separate EDGE',
                ['make' => CanvasFinish::NAME, 'canvas' => ['edgesApart' => true]],
                ['edges as a file of their own', 'face and edges in separate files'],
            ),
            ReadingRule::of(
                '[face and] EDGE together [in one file] [again] | all in one file',
                ['canvas' => ['edgesApart' => false]],
                'face and edges together in one file',
                CanvasFinish::NAME,
            ),
        ];
    }

    /** @return list<ReadingRule> */
    private static function deep(): array
    {
        $deep = fn (Heard $said): array => [
            'make' => CanvasFinish::NAME,
            'canvas' => ['depth' => (string) $said->value($said->has('depth') ? 'depth' : 'measure')],
        ];
        $spare = fn (Heard $said): array => [
            'make' => CanvasFinish::NAME,
            'canvas' => ['spare' => (string) $said->value($said->has('depth') ? 'depth' : 'measure')],
        ];

        return [
            ReadingRule::with('{depth} [deep|thick] BARS [on all {count}|deep|thick] | {depth} (deep|thick|depth) [BARS]', $deep, [
                '1.5 in bars',
                '2 in thick',
                '40 mm deep',
                '38mm stretcher',
            ]),
            ReadingRule::with(
                'BARS [on all {count}] [of|is|are] {depth} [deep|thick] [of the (short|shorter) side] | '.
                    '[BARS] (depth|thickness|deepness) [of [the] (BARS|canvas)] [of|is|:] {depth} | strong {depth}',
                $deep,
                ['bars 2 in', 'edges of 2 in', 'depth 240 px', 'depth of the frame 4 cm', 'thickness 2 in', 'wings 5 %'],
            ),
            ReadingRule::with(
                'round bars {depth} deep with {measure:spare} to spare',
                fn (Heard $said): array => [
                    'make' => CanvasFinish::NAME,
                    'canvas' => ['depth' => (string) $said->value('depth'), 'spare' => $said->length('spare')],
                ],
                'round bars 2 cm deep with 1/2 in to spare',
                cost: -0.4,
            ),
            ReadingRule::with(
                '{size} (x|by) {measure:depth}',
                fn (Heard $said): ?array => self::isDeep($said->size(), $said->length('depth'))
                    ? [
                        Says::SIZE => (string) $said->size(),
                        'make' => CanvasFinish::NAME,
                        'canvas' => ['depth' => $said->length('depth')],
                    ]
                    : null,
                '20x30x1.5',
                CanvasFinish::NAME,
                -1.2,
            ),
            ReadingRule::with('round bars {depth} deep', $deep, 'round bars 2 cm deep', cost: -0.4),
            ReadingRule::with(
                'on a face of {size}',
                fn (Heard $said): array => ['make' => CanvasFinish::NAME, Says::SIZE => (string) $said->size()],
                'on a face of 20 × 30 in',
                cost: -0.4,
            ),
            ReadingRule::with('{depth} [gallery] wrap', $deep, '2 inch gallery wrap', CanvasFinish::NAME),
            ReadingRule::with('{measure} BARS [deep|thick]', $deep, '3/4 bars', CanvasFinish::NAME, 0.1),
            ReadingRule::with('BORDER [of] {depth}', $deep, 'border 3 cm', CanvasFinish::NAME, -0.3),
            ReadingRule::with(
                '{depth} [deep]',
                fn (Heard $said): ?array => preg_match('/^0/', (string) $said->value('depth')) === 1
                    ? null
                    : [
                        'canvas' => ['depth' => (string) $said->value('depth')],
                    ],
                '2 in',
                CanvasFinish::NAME,
                0.9,
            ),
            ReadingRule::with(
                '{depth} (of|for) [canvas] spare [all round|canvas|beyond] | '.
                    '{depth} spare [all round|canvas|to hold|beyond|for wrapping] | '.
                    'spare [of|canvas of] {depth}',
                $spare,
                ['30 mm spare', 'spare 1 1/2 in', 'inch of spare'],
            ),
            ReadingRule::with(
                '[leave~] [me] {depth} (extra|more) [canvas] [past the bars] (to|for) (pull~|hold~|grab~'.
                    '|grip~|staple~) [on] [to] | {depth} (to|for) (pull~|hold~|grab~|grip~'.
                    '|staple~) [on] [to] | [an] extra {depth} [past the bars] [for gripping] | '.
                    'extra {measure} past the bars [for gripping] | '.
                    'an extra inch past the bars [for gripping]',
                fn (Heard $said): array => [
                    'canvas' => [
                        'spare' => $said->has('depth')
                            ? (string) $said->value('depth')
                            : ($said->has('measure')
                                ? $said->length('measure')
                                : '1 in'),
                    ],
                ],
                ['an inch extra to pull on', '3 cm to hold on to'],
                CanvasFinish::NAME,
            ),
        ];
    }

    /** @return list<ReadingRule> */
    private static function edged(): array
    {
        $edge = fn (string $edge): array => ['make' => CanvasFinish::NAME, 'canvas' => ['edge' => $edge]];
        $old = 'mirror~|reflect~|stretch~|drawn [-] out|{colour:old}';
        $colour = fn (Heard $said): array => [
            'make' => CanvasFinish::NAME,
            'canvas' => ['edge' => 'one-colour', 'colour' => $said->colour()],
        ];

        return [
            ReadingRule::of(
                '(mirror~|reflect~|mirorred) [the|its] (EDGE|border|borders) | '.
                    '(EDGE|border|borders) [of the canvas] [to be|in|are] [again] (mirror~|reflect~) | '.
                    'mirror [-] wrap~',
                $edge('mirrored'),
                ['mirror the edges', 'edges mirrored', 'mirrored sides'],
            ),
            ReadingRule::of(
                "(mirror~|reflect~) [it] [again] [like before] [INSTEAD ({$old})] | leave~ [the] mirroring",
                ['canvas' => ['edge' => 'mirrored']],
                ['mirrored', 'reflected'],
                CanvasFinish::NAME,
            ),
            ReadingRule::of(
                "(stretch~|drawn [-] out|draw~ out|pull~ out) [the] EDGE [out] [INSTEAD ({$old}) [it".
                    "|weird]] | draw~ [the] EDGE out [INSTEAD ({$old}) [it]] | ".
                    "EDGE [to be|are] (stretch~|drawn [-] out|draw~ out|pull~ out) [out] [INSTEAD ({$old})]",
                $edge('drawn-out'),
                ['edges drawn out', 'stretched edges'],
            ),
            ReadingRule::of(
                "(stretch~|drawn [-] out|draw~ out) [it|them] [out] [INSTEAD ({$old})]",
                ['canvas' => ['edge' => 'drawn-out']],
                ['drawn out', 'stretch instead of mirror'],
                CanvasFinish::NAME,
            ),
            ReadingRule::of(
                '[wrapped|wrap~] [with] [the] [PICTURE] (run~|go~|carry~|continue~) [on] (round|around'.
                    '|over|onto) [the] (EDGE|corners|them) | EDGE running on | wrapped with the PICTURE [itself] | '.
                    '[PICTURE] run~ on [round|around] [them] | (picture|image) [-] wrap~ | '.
                    '[the] PICTURE (wrap~|fold~) (round|around|over) [the] EDGE',
                $edge('runs-on'),
                ['the picture runs over the edge', 'image wrap', 'running on'],
            ),
            ReadingRule::with(
                '(EDGE|border of the canvas) [are|to be|in|of|a] [solid|plain'.
                    "|one colour ,] {colour} [INSTEAD ({$old})] | ".
                    "[solid|plain] {colour} [canvas] EDGE [INSTEAD ({$old})] | EDGE in one colour [,] {colour}",
                $colour,
                ['black edges', 'edges in black', 'white sides', 'edges plain #202020'],
                CanvasFinish::NAME,
            ),
            ReadingRule::with(
                'canvas [-] (like|effect|textured|texture|style|look|paper) [paper|finish]',
                fn (): Unsure => new Unsure([], 'A canvas on its bars, or paper that looks like one?', [new Offer('a canvas', 'canvas')]),
                'canvas-like paper',
                cost: -0.6,
            ),
            ReadingRule::with(
                'not [to] wrap [round] [the] EDGE [,] [which] [shall be] {colour} | '.
                    'PICTURE not to wrap [round] [the] EDGE [,] which [shall be] {colour}',
                $colour,
                'the picture not to wrap round the sides, which shall be white',
                CanvasFinish::NAME,
            ),
            ReadingRule::with('solid {colour}', $colour, 'solid black', CanvasFinish::NAME, 0.3),
        ];
    }

    /** @return list<ReadingRule> */
    private static function soft(): array
    {
        $of = '(EDGE|it|them)';
        $soft = fn (float $usual): \Closure => fn (Heard $said): array => [
            'make' => CanvasFinish::NAME,
            'canvas' => ['soften' => $said->has('share') ? $said->share() : $usual],
        ];
        $less = fn (float $by): \Closure => fn (Heard $said): array => [
            'canvas' => ['soften' => round(max(0.0, min(1.0, (float) ($said->now('canvas.soften') ?? 0) + $by)), 3)],
        ];

        return [
            ReadingRule::of(
                '(no|without) (blur~|soften~|softness) [on|of] [the] [EDGE] | EDGE [stay|kept] sharp',
                ['canvas' => ['soften' => 0]],
                ['no blur on the edges', 'no softening'],
                CanvasFinish::NAME,
            ),
            ReadingRule::with(
                '[the] [EDGE] [are] {share} (soft|soften~|blur~) [EDGE] | '.
                    "(soft|soften~|blur~|softn) [{$of}] [by|at|to|about] {share} [EDGE] | ".
                    'EDGE (soft|soften~|blur~) [by|to|about] {share}',
                $soft(0),
                ['soften 30 %', 'softened about half', '30% softened'],
            ),
            ReadingRule::with(
                'less (blur~|soft~|soften~) [on|of] [the] [EDGE]',
                $less(-self::STEP),
                'less blurred edges',
                CanvasFinish::NAME,
            ),
            ReadingRule::with(
                '(more (blur~|soft|soften~)|softer|blurrier) [on|of] [the] [EDGE] | EDGE softer',
                $less(self::STEP),
                'softer edges',
                CanvasFinish::NAME,
            ),
            ReadingRule::with(
                'MUCH (soft|soften~|blur~|flou|blurry) [EDGE] | EDGE MUCH (soft|soften~|blur~)',
                $soft(self::VERY),
                'very soft',
                CanvasFinish::NAME,
            ),
            ReadingRule::with(
                "[EDGE] SLIGHTLY (soft|soften~|blur~) [EDGE] | (soft|soften~|blur~) [{$of}] SLIGHTLY | EDGE (soft|soften~|blur~) SLIGHTLY",
                $soft(self::A_LITTLE),
                ['sides softened a little', 'little bit soft'],
                CanvasFinish::NAME,
            ),
            ReadingRule::with(
                'EDGE [to be] (soft|soften~|blur~) | (soft|soften~|blur~) EDGE',
                fn (Heard $said): array => ['make' => CanvasFinish::NAME, 'canvas' => ['soften' => self::USUAL_STRENGTH]],
                ['soft edges', 'edges blurred'],
            ),
            ReadingRule::with('soft | soften~', $soft(self::USUAL_STRENGTH), 'soft', CanvasFinish::NAME, 0.2),
        ];
    }

    /** @return list<ReadingRule> */
    private static function dark(): array
    {
        $dark = fn (Heard $said): array => [
            'make' => CanvasFinish::NAME,
            'canvas' => [
                'darken' => [
                    'strength' => $said->has('share') ? $said->share() : self::USUAL_STRENGTH,
                    ...$said->has('colour') ? ['colour' => $said->colour()] : [],
                ],
            ],
        ];
        $step = fn (float $by): \Closure => fn (Heard $said): array => [
            'canvas' => [
                'darken' => [
                    'strength' => round(
                        max(
                            0.0,
                            min(
                                1.0,
                                $said->now('canvas.darken') === null
                                    ? self::USUAL_STRENGTH
                                    : (float) ($said->now('canvas.darken.strength') ?? 0) + $by,
                            ),
                        ),
                        3,
                    ),
                ],
            ],
        ];

        return [
            ReadingRule::of(
                '(no|without) [the] (dark~|darken~|darker|black) EDGE | '.
                    '(NO|drop~|take~) [the] (darkening|darken~) [off] [the] [EDGE] | (darkening|darken~) OFF',
                ['canvas' => ['darken' => null]],
                ['no dark edges', 'no darkening', 'drop the darkening'],
                CanvasFinish::NAME,
            ),
            ReadingRule::with(
                '[EDGE] [are] (dark|darken~|darker|toned down) [the] [EDGE] [by] {share} [to|with'.
                    '|in] [{colour}] [EDGE] | [EDGE] {share} (dark|darken~|darker) [EDGE]',
                $dark,
                ['darken the sides 40 %', 'edges darkened 30 %', 'darken 20% black', 'edges 20 % darker'],
                cost: -0.2,
            ),
            ReadingRule::with(
                'EDGE [to be|are] (dark~|darken~|toned down) [with|to|in] [{colour}] | (dark|darken~) EDGE [with|to|in] [{colour}]',
                fn (Heard $said): array => ['make' => CanvasFinish::NAME] + $dark($said),
                ['dark edges', 'edges darkened with brown', 'edges toned down'],
            ),
            ReadingRule::with(
                '[EDGE] [are] tint~ [the] [EDGE] [by|with] [{share}] [of|to|toward|towards|with|in] {colour} [EDGE] [by] [{share}] | '.
                    '{colour} over [the] EDGE [by|at] {share} | {share} {colour} over [the] EDGE',
                fn (Heard $said): array => ['make' => CanvasFinish::NAME] + $dark($said),
                ['tinted 30 % toward #5a3d28', 'edges tinted brown 30 %', 'edges tinted 20 % with brown', 'brown over the edges by 30 %'],
                cost: -0.2,
            ),
            ReadingRule::with(
                '[SLIGHTLY|MORE] darker [EDGE] [toward~ the wall] | '.
                    'EDGE [SLIGHTLY|MORE] darker [toward~ the wall] | darker toward~ the wall',
                $step(self::STEP),
                'edges a bit darker',
                CanvasFinish::NAME,
            ),
            ReadingRule::with(
                '[SLIGHTLY] lighter EDGE | EDGE [SLIGHTLY] lighter',
                $step(-self::STEP),
                'edges a bit lighter',
                CanvasFinish::NAME,
            ),
        ];
    }
}
