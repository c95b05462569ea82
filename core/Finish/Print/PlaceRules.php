<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Language\Offer;
use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Says;
use Planisher\Language\Unsure;
use Planisher\Line\OneSide;
use Planisher\Measure\Size;

/** How people say how much of a picture is seen, how large it is, where it lies and which way up. */
final class PlaceRules
{
    /** A step of the window, of what it can move; of how tight it is. Our own choice, no source. */
    private const STEP = 0.1;

    private const TIGHTER = 1.15;

    private const USUAL_RAISE = 'optical';

    /** @return list<ReadingRule> */
    public static function all(): array
    {
        return [...self::fits(), ...self::sizes(), ...self::raised(), ...self::turned(), ...self::windows()];
    }

    /** @return list<ReadingRule> */
    private static function fits(): array
    {
        return [
            ReadingRule::of(
                '[show~|keep~|print~|fit~|with|use] [the] (whole|entire|complete|full) (PICTURE|frame'.
                    '|thing|negative|scene|lot) [in] | (PICTURE|image) (whole|entire|complete) | whole | '.
                    'entire | '.
                    '(all|everything) of [the] (PICTURE|image|it) | (all|whole of) the (picture|image|photo) | '.
                    'full [-] (frame|image|picture) | in full | [to] fit whole | '.
                    '[with] (nothing|none of it) [is] [to be] (cut~|crop~|lost|missing|chop~) [off'.
                    '|away] | nothing lost [off|from the PICTURE]',
                ['fit' => 'whole'],
                ['whole', 'the whole picture', 'all of the picture', 'full frame', 'nothing cut off'],
            ),
            ReadingRule::of(
                '[with] no [more] (crop~|cut~|croping|cropped) [off|away|at all] | '.
                    'without [any] (crop~|cutting) | uncropped | uncut | '.
                    "(don't|dont|do not|not|never) [be] (crop~|cut~|chop~|trim~|lose) ".
                    '[any|anything|it|them|off] [of] [the] [PICTURE|off|it|anything] | '.
                    'as (big|large) as (it|they) (go~|fit~|can) | '.
                    'as (big|large) as (fits|possible) [whole] | (shrink|scale~) to fit | '.
                    'fit [,] not fill | as [it was] (shot|taken) | show everything | show all of it | '.
                    'pad~ [to fit]',
                ['fit' => 'whole'],
                ['no cropping', 'uncropped', "don't crop anything", 'fit, not fill'],
            ),
            ReadingRule::of(
                'crop~ to (fill|fit|size|suit) | crop~ is (fine|ok|okay) | crop~ as needed | '.
                    'fill~ (it|the (paper|sheet|page|frame|whole paper)) | fill~ | cropped | crop~ it | '.
                    'full page',
                ['fit' => 'fill'],
                ['fill', 'cropped to fill'],
            ),
        ];
    }

    /** @return list<ReadingRule> */
    private static function sizes(): array
    {
        $wide = fn (Heard $said): array => ['image' => ['width' => $said->length('measure')]];
        $high = fn (Heard $said): array => ['image' => ['height' => $said->length('measure')]];
        $both = fn (Heard $said): array => ['image' => ['width' => $said->length('measure'), 'height' => $said->length('high')]];
        $sized = function (Heard $said): ?array {
            $size = $said->size();

            return $size === null ? null : ['image' => ['width' => (string) $size->width, 'height' => (string) $size->height]];
        };
        $long = fn (bool $isLong): \Closure => function (Heard $said) use ($isLong): array {
            $isLandscape = $said->isLandscape();
            $key = ($isLandscape ?? true) === $isLong ? 'width' : 'height';

            return ['image' => [$key => $said->length('measure')]];
        };

        return [
            ReadingRule::with('(IMAGE) {measure} wide [by|x|and] {measure:high} (high|tall)', $both, 'image 300 mm wide by 400 mm high'),
            ReadingRule::with(
                '(IMAGE) [at|of|is] {measure} wide | (IMAGE) width [of|to] {measure} | {measure} wide IMAGE | (IMAGE) {measure} across',
                $wide,
                ['image 12 in wide', 'the picture should be 6 inches wide'],
            ),
            ReadingRule::with('(IMAGE) [at|of] {measure} (high|tall) | (IMAGE) height [of|to] {measure}', $high, [
                'image 7 in high',
                'image height exactly 240 mm',
            ]),
            ReadingRule::of('(width|height) to follow', [], 'width to follow'),
            ReadingRule::with('(image|print area|picture area) [of|at|is] {measure} | {measure} image', $wide, 'image 9 in', cost: 0.3),
            ReadingRule::with(
                '(image|print area|printed area|picture area) [of|at|is|to] {size} | '.
                    '(image|picture|photo) at {size} on (this|the) (sheet|paper)',
                $sized,
                ['image 15x10 in', 'print area 8x12'],
            ),
            ReadingRule::with(
                'crop~ [it|this] so [that] | crop~ [it|this] to just',
                fn (): Unsure => new Unsure([], 'How it is to be cropped is drawn on the bench.'),
                'crop it so',
                cost: -0.3,
            ),
            ReadingRule::with(
                '(picture|photo|photograph|pic) [of|at|is] {size}',
                fn (Heard $said): ?Unsure => $said->isSaidOfLine() && $said->now('size') !== null
                    ? new Unsure((array) $sized($said), 'The picture on its paper, or the print itself?', [
                        new Offer('the picture on its paper', "image {$said->words('size')}"),
                        new Offer('the print', $said->words('size')),
                    ])
                    : null,
                'photo 7 by 5 in',
                cost: -0.2,
            ),
            ReadingRule::with(
                'cropped to {size}',
                fn (Heard $said): array => [Says::SIZE => (string) $said->size()],
                'cropped to 8 × 10 in',
                cost: -0.4,
            ),
            ReadingRule::with(
                '(with|has|have|having|showing|around|round) (a|an|the|its) {size} (image|print area|picture area|image area)',
                $sized,
                'with an 8x10 image',
                cost: -0.3,
            ),
            ReadingRule::with(
                '(image) {measure} square [cent~]',
                fn (Heard $said): array => ['image' => ['width' => $said->length('measure'), 'height' => $said->length('measure')]],
                'image 6 in square',
            ),
            ReadingRule::with(
                '[IMAGE] {measure} on [the|its] (long|longer|longest) (edge|side) | '.
                    '[IMAGE] (long|longer|longest) (edge|side) [come out at|of|at] {measure}',
                $long(true),
                '12 in on the long edge',
            ),
            ReadingRule::with(
                '[IMAGE] {measure} on [the|its] (short|shorter|shortest) (edge|side) | '.
                    '[IMAGE] (short|shorter|shortest) (edge|side) [come out at|of|at] {measure}',
                $long(false),
                'short side 8 in',
            ),
            ReadingRule::with(
                '[bring~|make~|scale~] [the] IMAGE [down|up] to {share} [of its size|of that]',
                function (Heard $said): array|Unsure {
                    $of = $said->now('image');
                    $scaled = [];
                    foreach (is_array($of) ? array_keys($of) : [] as $key) {
                        $scaled[$key] = $said->changed("image.{$key}", $said->share());
                    }

                    return $scaled === []
                        ? new Unsure([], 'Its image has no size of its own yet. Say how wide it is to be.')
                        : ['image' => $scaled];
                },
                'bring the image down to 80 %',
            ),
        ];
    }

    /** @return list<ReadingRule> */
    private static function raised(): array
    {
        $by = fn (Heard $said): array => ['raise' => $said->length('measure')];
        $optical = fn (Heard $said): array => ['raise' => self::USUAL_RAISE];

        return [
            ReadingRule::with(
                '(raise~|lift~|move~|nudge~|shift~) [it|the IMAGE] [up] [by] {measure} [SLIGHTLY] [above '.
                    '[the] MIDDLE] [of the (sheet|paper)]',
                $by,
                ['raised 1/4 in', 'raise it 1/4 in', 'lifted half an inch', 'raised by 6 mm'],
            ),
            ReadingRule::with('up [by] {measure} | {measure} up', $by, 'up 1/4', cost: 0.3),
            ReadingRule::with(
                '[IMAGE] [MIDDLE] {measure} (above|over|higher than) [the] MIDDLE [of the (sheet|paper)]',
                $by,
                '12 mm above the middle',
            ),
            ReadingRule::with(
                '(drop~|lower~|bring~ down|move~ down) [it] [by] {measure} [too high]',
                function (Heard $said): array|Unsure {
                    $raise = $said->changed('raise', 1, '-'.$said->length('measure'));

                    return $raise === null
                        ? new Unsure([], 'It isn’t raised by a length yet, and can’t be lower than the middle.')
                        : ['raise' => $raise];
                },
                'lower it by 5 mm',
            ),
            ReadingRule::with('[raise~] [at|in|on|to] [the|its] optical~ [MIDDLE|centred|centered] | raise~ optical', $optical, [
                'at the optical centre',
                'optical center',
            ]),
            ReadingRule::with(
                '[set|sit~|placed|raise~|lift~|PICTURE] SLIGHTLY (above|over'.
                    '|higher than) [the] MIDDLE [of the (sheet|paper)] | '.
                    '(set|sit~|placed|raise~|lift~) [just] (above|over|higher than) [the] MIDDLE',
                $optical,
                ['slightly above the middle', 'sit it a little above centre'],
            ),
            ReadingRule::with(
                '(raise~|lift~) [it|the IMAGE] [up] [SLIGHTLY]',
                function (Heard $said): array|Unsure {
                    $hasRoom =
                        ! $said->isSaidOfLine() ||
                        array_filter([$said->now('border'), $said->now('image'), $said->now('fit') === 'whole' ? 1 : null]) !== [];

                    return $hasRoom
                        ? ['raise' => self::USUAL_RAISE]
                        : new Unsure([], 'The picture fills the paper, so there is nothing to raise it in.');
                },
                'raised',
                cost: 0.3,
            ),
            ReadingRule::of(
                '[put~|move~] [it] [back] [exactly|dead] (centred|centered|in the MIDDLE'.
                    '|MIDDLE) [on the (sheet|paper)] | not raised | no raise',
                ['raise' => null],
                ['exactly centred on the paper', 'centred on the sheet'],
                cost: 0.3,
            ),
        ];
    }

    /** @return list<ReadingRule> */
    private static function turned(): array
    {
        $upright =
            '(upright|portrait|vertical|vertically|tall|high format|hochformat) [format|way up|orientation|way] [to suit the picture]';
        $lying = '(landscape|horizontal|horizontally|sideways|querformat) [format|way up|orientation|way] [to suit the picture]';

        return [
            ReadingRule::with(
                $upright,
                fn (Heard $said): array => ['turn' => str_contains($said->words(), 'suit') ? 'auto' : 'portrait'],
                'upright',
                cost: 0.1,
            ),
            ReadingRule::with(
                $lying,
                fn (Heard $said): array => ['turn' => str_contains($said->words(), 'suit') ? 'auto' : 'landscape'],
                'landscape',
                cost: 0.1,
            ),
            ReadingRule::of('(landscape|portrait) (series|picture|pictures|photo|photos|shots)', [], 'landscape series', cost: -0.3),
            ReadingRule::with(
                'square | {count} : {count:other}',
                fn (Heard $said): array|Unsure|null => match (true) {
                    $said->has('count') && preg_match('/^\d{1,2}:\d{1,2}$/', $said->words()) !== 1 => null, // “2201: 2”
                    $said->isSaidOfLine() => new Unsure([], 'A shape alone is no size. In which size?', self::inShape($said)),
                    $said->has('count') => [Says::REMARK => $said->words()], // beside a size it may be another than its own
                    default => [],
                },
                ['square', '4:5'],
                self::print(),
                0.5,
            ),
            ReadingRule::with(
                'crop~ [it|this] [to|at|as] [a] (square | {count} : {count:other})',
                fn (Heard $said): ?Unsure => $said->isSaidOfLine()
                    ? new Unsure([], 'A shape alone is no size. In which size?', self::inShape($said))
                    : null,
                'crop it to 16:9',
                self::print(),
                -0.5,
            ),
            ReadingRule::of('whichever way [suits] [the picture]', ['turn' => 'auto'], 'whichever way suits'),
        ];
    }

    /** @return list<ReadingRule> */
    private static function windows(): array
    {
        $moved = function (Heard $said): ?array {
            $words = mb_strtolower($said->words());
            [$key, $by] = match (true) {
                preg_match('/\b(?:top|up)\b/', $words) === 1 => ['y', -self::STEP],
                preg_match('/\b(?:bottom|down)\b/', $words) === 1 => ['y', self::STEP],
                preg_match('/\bleft\b/', $words) === 1 => ['x', -self::STEP],
                default => ['x', self::STEP],
            };
            $now = $said->now("window.{$key}");

            return $said->isSaidOfLine()
                ? ['window' => [$key => round(max(0.0, min(1.0, (is_numeric($now) ? (float) $now : 0.5) + $by)), 4)]]
                : null;
        };
        $way = '(up|down|left|right|top|bottom)';

        return [
            ReadingRule::with(
                "show~ [SLIGHTLY] more [of the {word}] [at|on|up] [the] {$way} [side|edge]",
                $moved,
                'show a bit more at the top',
            ),
            ReadingRule::with(
                '(move~|shift~|slide~|nudge~|bring~) [the] (crop~|window'.
                    "|PICTURE) [over] [SLIGHTLY] [more] [to] [the] {$way} [side] [SLIGHTLY]",
                $moved,
                'move the crop up a bit',
            ),
            ReadingRule::with("crop~ [come] [SLIGHTLY] more [to] [the] {$way} [side]", $moved, 'crop more to the left'),
            ReadingRule::with(
                'crop~ [it] [in] [SLIGHTLY] (closer|tighter|tight|close|closely) [SLIGHTLY] [in]',
                fn (Heard $said): array|Unsure => $said->isSaidOfLine()
                    ? ['window' => ['tight' => round(min(40.0, max(1.0, (float) ($said->now('window.tight') ?? 1)) * self::TIGHTER), 4)]]
                    : new Unsure([], 'How close it is to be cropped is drawn on the bench.'),
                'crop it closer',
            ),
            ReadingRule::with(
                'crop~ [it] [SLIGHTLY] (looser|wider) [SLIGHTLY]',
                fn (Heard $said): array => [
                    'window' => ['tight' => round(max(1.0, (float) ($said->now('window.tight') ?? 1) / self::TIGHTER), 4)],
                ],
                'crop looser',
            ),
            ReadingRule::of(
                '(centre|center) [the] (crop~|window) [again] [,] as wide as (it|they) go~',
                ['window' => ['x' => 0.5, 'y' => 0.5, 'tight' => 1]],
                'centre the crop again, as wide as it goes',
            ),
            ReadingRule::of(
                '(centre|center) [the] (crop~|window) [again]',
                ['window' => ['x' => 0.5, 'y' => 0.5]],
                'centre the crop again',
            ),
            ReadingRule::of('(crop~|window) as wide as (it|they) go~', ['window' => ['tight' => 1]], 'crop as wide as it goes'),
        ];
    }

    private static function print(): string
    {
        return PrintFinish::NAME;
    }

    /** @return list<Offer> the line's own size in another shape, by each of its sides */
    private static function inShape(Heard $said): array
    {
        $now = $said->now('size');
        if (! is_string($now) || OneSide::isOne($now)) {
            return [];
        }
        $size = Size::parse($now);
        $lies = $said->isLandscape() === false ? $size->portrait() : $size->landscape();
        $shape = preg_match('/\d{1,2}\s*:\s*\d{1,2}/', $said->words(), $ratio) === 1 ? $ratio[0] : '1:1';

        return array_map(fn (string $side): Offer => new Offer($side, "size {$side} at {$shape}"), [
            "{$lies->width} wide",
            "{$lies->height} high",
        ]);
    }
}
