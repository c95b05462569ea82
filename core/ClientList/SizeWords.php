<?php

declare(strict_types=1);

namespace Planisher\ClientList;

use Planisher\Lab\LabCard;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\Wish\NumberWords;
use Planisher\Wish\Offer;
use Planisher\Wish\Phrase;
use Planisher\Wish\Wording;

/** Sizes in any writing: “8x10”, “8 by 10”, “20×30 cm”, “A4”, “5 x 7"”, “eight by ten”, “12 in square”. */
final class SizeWords
{
    /** Not the end of “six” */
    private const BY = '\s*(?:(?<!si)x|×|\*|by)\s*';

    /** Frames and papers are sold by these figures in centimetres, shorter side first (common practice, no source). */
    private const METRIC = [
        '10x15',
        '13x18',
        '15x20',
        '15x21',
        '18x24',
        '20x20',
        '20x25',
        '20x28',
        '20x30',
        '24x30',
        '25x38',
        '30x30',
        '30x40',
        '30x45',
        '40x40',
        '40x50',
        '40x60',
        '45x60',
        '50x50',
        '50x60',
        '50x70',
        '50x75',
        '60x60',
        '60x80',
        '60x90',
        '70x100',
        '75x100',
        '80x120',
        '100x150',
    ];

    /** @var array<string, array{token: ?Token}> */
    private array $read = [];

    /**
     * @param  Unit  $unit  of what has none
     * @param  bool  $isSaid  somebody has said that it is the unit of all
     */
    public function __construct(private readonly LabCard $lab, private readonly Unit $unit, private readonly bool $isSaid) {}

    /** @return list<Token> */
    public function take(Wording $words): array
    {
        $tokens = [];
        $by = self::BY;
        $side = NumberWords::figures().'[\s-]*'.Phrase::UNIT.'?';
        // “2 x 8x10” and “8x10 x 2”: one of the three figures is how many.
        $three = "/(?<![\\pL\\pN])(\\d{1,3}){$by}({$side}){$by}({$side})(?:s\\b)?(?![\\pL\\pN])/iu";
        $words->take($three, function (array $said, int $at, int $length) use (&$tokens): bool {
            $found = $this->three($said, $at, $length);
            $tokens = [...$tokens, ...$found];

            return $found !== [];
        });
        $ways = [self::pattern(NumberWords::figures())];
        if (
            $words->has(
                '/(?:two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|teen|twenty|ty|half|'.
                    'quarter)\W.{0,14}(?:by|x|×|square)/iu',
            )
        ) {
            $ways[] = self::pattern('(?:'.NumberWords::any().')(?<!a)(?<!an)');
        }
        foreach ($ways as $way) {
            $words->take($way, function (array $said, int $at, int $length) use (&$tokens): bool {
                $token = $this->token($said, $at, $length);
                $tokens[] = $token;

                return $token !== null;
            });
        }

        return array_values(array_filter($tokens));
    }

    private static function pattern(string $number): string
    {
        [$unit, $by] = [Phrase::UNIT, self::BY];
        $side = "{$number}[\\s-]*{$unit}?";
        $square = "(?<square>{$number})[\\s-]*(?<its>{$unit})?[\\s-]*(?:square|sq\\.?)(?:\\s*{$unit})?";

        return "/(?<![\\pL\\pN.,\\/])(?:{$square}|{$side}{$by}{$side}|".
            "(?<named>[AB][0-8])(?!-))(?:[ ’']?s(?!\\pL))?(?![\\pL\\pN\\/])/iu";
    }

    /** @param  array<int|string, string>  $said */
    private function token(array $said, int $at, int $length): ?Token
    {
        $typed = match (true) {
            ($said['square'] ?? '') !== '' => "{$said['square']} ".($said['its'] ?? '')." x {$said['square']} ".($said['its'] ?? ''),
            default => (string) preg_replace(
                '/(?<=[\d"″]|in|cm|mm|inch|three|four|five|six|seven|eight|nine|ten|eleven|twelve)[ ’\']?s$/iu',
                '',
                $said[0],
            ),
        };

        return $this->read($typed, $at, $length);
    }

    /** A list says the same few sizes over and over. */
    private function read(string $typed, int $at, int $length): ?Token
    {
        $known = $this->read[$typed] ??= ['token' => $this->parsed($typed)];

        return $known['token']?->at($at, $length);
    }

    private function parsed(string $typed): ?Token
    {
        [$at, $length] = [0, strlen($typed)];
        $sides = preg_split('/'.self::BY.'/iu', $typed) ?: [];
        if (count($sides) === 2) {
            $typed = implode(
                ' x ',
                array_map(
                    fn (string $side): string => preg_match(
                        '/^('.NumberWords::any().')[\s-]*('.Phrase::UNIT.')?$/iu',
                        trim($side),
                        $m,
                    ) === 1
                        ? NumberWords::typed($m[1]).' '.trim($m[2] ?? '', '.')
                        : $side,
                    $sides,
                ),
            );
        }
        try {
            $size = Size::parse($typed, $this->unit);
        } catch (MeasureError $e) {
            return preg_match('/\d/', $typed) === 1 ? new Token(Kind::Unknown, $at, $length, why: $e->getMessage()) : null;
        }
        $hasUnit = $size->name !== null || preg_match('/'.Phrase::UNIT.'/iu', $typed) === 1;

        return $hasUnit || $this->isSaid ? new Token(Kind::Size, $at, $length, size: $size) : $this->bare($size, $at, $length);
    }

    /** A size without a unit: the one that the lab lists; else the studio's unit, and a doubt where it may well be the other. */
    private function bare(Size $size, int $at, int $length): Token
    {
        $in = fn (Unit $unit): Size => Size::parse("{$size->width->number} x {$size->height->number}", $unit);
        $both = [Unit::Inch->value => $in(Unit::Inch), Unit::Centimetre->value => $in(Unit::Centimetre)];
        $listed = array_values(array_filter($both, fn (Size $one): bool => $this->lab->lists($one) !== null));
        if (count($listed) === 1) {
            return new Token(Kind::Size, $at, $length, size: $listed[0]);
        }
        $portrait = $both[Unit::Inch->value]->portrait();
        $figures = "{$portrait->width->number}x{$portrait->height->number}";
        $isLarge = $portrait->height->inches() >= 40;
        $isDoubtful = count($listed) === 2 || in_array($figures, self::METRIC, true) || $isLarge;

        return new Token(
            Kind::Size,
            $at,
            $length,
            size: $in($this->unit),
            why: $isDoubtful ? 'Inches or centimetres? It isn’t said, and could be either.' : null,
            offers: $isDoubtful ? array_map(fn (Size $one): Offer => new Offer($one->label(), (string) $one), array_values($both)) : [],
        );
    }

    /**
     * @param  array<int|string, string>  $said
     * @return list<Token>
     */
    private function three(array $said, int $at, int $length): array
    {
        if (preg_match('/^((\d{1,3})'.self::BY.')(.+)$/isu', $said[0], $front) !== 1) {
            return [];
        }
        $behind = preg_match('/^(.*\S)('.self::BY.'(\d{1,3}))$/isu', $said[0], $back) === 1;
        $rear = $this->read((string) preg_replace('/s$/i', '', $front[3]), $at + strlen($front[1]), strlen($front[3]));
        $fore = $behind ? $this->read($back[1], $at, strlen($back[1])) : null;
        $isListed = fn (?Token $token): bool => $token?->size !== null && $this->lab->lists($token->size) !== null;
        $isBehind =
            $fore?->size !== null &&
            ((! $isListed($rear) && $isListed($fore)) ||
                ($isListed($fore) === $isListed($rear) && self::isTight($back[1]) && ! self::isTight($front[3])));
        $size = $isBehind ? $fore : $rear;
        if ($size?->size === null) {
            return [];
        }
        $count = $isBehind
            ? new Token(Kind::Count, $at + strlen($back[1]), strlen($back[2]), count: (int) $back[3])
            : new Token(Kind::Count, $at, strlen($front[1]), count: (int) $front[2]);
        if ($isListed($fore) === $isListed($rear) && $fore?->size !== null && self::isTight($back[1]) === self::isTight($front[3])) {
            $size->doubt('Which of the three figures is how many?');
        }

        return [$count, $size];
    }

    /** Written without spaces: one thing. */
    private static function isTight(string $words): bool
    {
        return preg_match('/\s/u', trim($words)) !== 1;
    }
}
