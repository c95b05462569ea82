<?php

declare(strict_types=1);

namespace Planisher\Language\Words;

use Planisher\Lab\LabCard;
use Planisher\Language\Offer;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;

/** Sizes in any writing: “8x10”, “8 by 10”, “20×30 cm”, “A4”, “5" x 7"”, “eight by ten”, “12 in square”, “wallets”. */
final class Sizes
{
    private const BY = ['x', 'by', '*', 'times'];

    /** A canvas is at most such a part of its side deep (common practice, no source). */
    private const DEEPEST_PART = 6;

    /** Frames and papers are sold by these figures in centimetres, shorter side first (common practice, no source). */
    /** In nanometres: inches that were written in whole millimetres, and a little more (common practice, no source) */
    private const ROUNDING = 600_000;

    private const METRIC = [
        '9x13',
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

    /** Print sizes that labs name by their shorter side in inches (common practice, no source). */
    private const ROLLS = ['3r' => '3.5 x 5 in', '4r' => '4 x 6 in', '5r' => '5 x 7 in', '6r' => '6 x 8 in', '8r' => '8 x 10 in'];

    /** @var array<string, ?array{Size, float, ?string, list<Offer>}> */
    private array $read = [];

    public function __construct(private readonly LabCard $lab) {}

    /** @return list<Typed> */
    public function at(Spoken $said, int $i): array
    {
        return [...$this->named($said, $i), ...$this->sided($said, $i), ...$this->square($said, $i)];
    }

    /** @return list<Typed> */
    private function named(Spoken $said, int $i): array
    {
        $text = $said->text($i);
        $next = $said->at($i + 1);
        if ($text === 'din' && in_array($said->text($i + 1), ['a', 'b'], true)) {
            return $this->named($said, $i + 1);
        }
        if (
            in_array($text, ['a', 'b'], true) &&
            $next?->isDigits() &&
            $next->isGlued &&
            strlen($next->text) === 1 &&
            ! ($said->at($i)?->isGlued && $said->at($i - 1)?->isLetters())
        ) {
            $read = $this->parsed(strtoupper($text).$next->text, $said);

            return $read === null ? [] : [new Typed(self::plural($said, $i + 2), $read[0])];
        }
        if ($said->at($i)?->isDigits() && $next?->is('r') && $next->isGlued && isset(self::ROLLS["{$text}r"])) {
            return [new Typed($i + 2, Size::parse(self::ROLLS["{$text}r"]))];
        }
        if (in_array($text, ['wallet', 'wallets'], true)) {
            $end = in_array($said->text($i + 1), ['size', 'sized', 'prints', 'print'], true) ? $i + 2 : $i + 1;

            return [
                new Typed($end, Size::parse('2.5 x 3.5 in'), 0.0, 'A wallet print is 2.5 × 3.5 in, as a rule. Is it here?', [
                    new Offer('2.5 × 3.5 in', '2.5x3.5 in'),
                    new Offer('2 × 3 in', '2x3 in'),
                ]),
            ];
        }

        return [];
    }

    /** @return list<Typed> */
    private function sided(Spoken $said, int $i): array
    {
        $found = [];
        if (($said->at($i)->isGlued ?? false) && in_array($said->text($i - 1), ['a', 'b'], true)) {
            return []; // “A5 x 2” is two of A5
        }
        foreach ($this->sides($said, $i) as [$width, $unit, $j]) {
            $by = $said->text($j);
            $isTo = $by === 'to' && $said->unit !== Unit::Inch;
            if (! in_array($by, self::BY, true) && ! $isTo) {
                continue;
            }
            foreach ($this->sides($said, $j + 1) as [$height, $other, $end, $cost]) {
                $units = [$unit ?? $other, $other ?? $unit];
                $typed = self::typed($width, $units[0]).' x '.self::typed($height, $units[1]);
                $read = $this->parsed($typed, $said);
                if ($read === null) {
                    continue;
                }
                [$size, $unlisted, $why, $offers] = $read;
                if (self::isDeep($said, $i, (float) $width, (float) $height)) {
                    continue;
                }
                // “8 x 10 x 2”: two of the one, or eight of the other? The lab's own size is likelier.
                $isOfThree = self::isSide($said, $i - 2, $i - 1, $i) || self::isSide($said, $end + 1, $end, $end + 1);
                $isUneven = ($said->at($j)->isGlued ?? false) !== ($said->at($j + 1)->isGlued ?? false) && $by === 'x';
                $found[] = new Typed(
                    self::plural($said, $end),
                    $size,
                    $cost +
                        $unlisted * ($isOfThree ? 4 : 1) +
                        ($isTo ? 0.6 : 0) +
                        ($by === 'times' ? 0.8 : 0) +
                        ($isUneven ? 0.3 : 0) +
                        ($other === null && $unit === null ? 0.1 : 0),
                    $why,
                    $offers,
                );
            }
        }

        return $found;
    }

    /** Whether a number stands at a place, and a sign between it and a size. */
    private static function isSide(Spoken $said, int $number, int $by, int $behind): bool
    {
        $isEven = $said->at($by)?->isGlued === $said->at($behind)?->isGlued;

        return $isEven && $said->at($number)?->isDigits() && $said->at($by)?->is('x');
    }

    /** Whether a third figure is how deep something is, and no side of it: a small part of the side, in the same unit. */
    public static function isDepth(float $depth, float $side): bool
    {
        return $depth * self::DEEPEST_PART <= $side;
    }

    /** “20x30x1.5”: the last is no side but a depth, where it is a small part of the one before it. */
    private static function isDeep(Spoken $said, int $i, float $side, float $depth): bool
    {
        $by = $said->at($i - 1);
        $isThird = $by?->is(...self::BY) && $said->at($i - 2)?->isDigits() && $by->isGlued === $said->at($i)?->isGlued;

        return $isThird && self::isDepth($depth, $side);
    }

    /**
     * What one side may be.
     *
     * @return list<array{string, ?string, int, float}> its number, its unit, the place behind it, and what it costs
     */
    private function sides(Spoken $said, int $i): array
    {
        $found = [];
        foreach ($said->numbersAt($i) as $number) {
            if ($number->isPadded || $number->isSet || $number->value < 1 || $number->value > 10000) {
                continue;
            }
            $unit = $said->unitAt($number->end);
            $cost = $number->hasComma && $said->unit === Unit::Inch ? 0.8 : 0.0;
            if ($unit !== null && $unit[0] !== 'pt') {
                $found[] = [$number->typed, $unit[0], $unit[1], $cost + $unit[2]];
            }
            if (! $said->at($number->end)?->is('%')) {
                $found[] = [
                    $number->typed,
                    null,
                    $number->end,
                    $cost + ($unit !== null && $unit[2] === 0.0 && $unit[0] !== 'm' ? 0.5 : 0.0),
                ];
            }
        }

        return $found;
    }

    /** @return list<Typed> “12 in square” */
    private function square(Spoken $said, int $i): array
    {
        $found = [];
        foreach ($this->sides($said, $i) as [$side, $unit, $end]) {
            if ($said->text($end) === 'square' && $unit !== null) {
                $typed = self::typed($side, $unit);
                $read = $this->parsed("{$typed} x {$typed}", $said);
                $read === null || ($found[] = new Typed($end + 1, $read[0], $read[1]));
            }
        }

        return $found;
    }

    /** “8x10s”, “4x6's” */
    private static function plural(Spoken $said, int $end): int
    {
        $word = $said->at($end);
        if ($word?->is("'") && $word->isGlued && $said->at($end + 1)?->is('s')) {
            return $end + 2;
        }

        if ($word?->is('paper') && ! $said->at($end + 1)?->is('colour', 'color', 'white', 'black')) {
            return $end + 1; // “16x20 paper”
        }

        return $word?->is('s') && $word->isGlued ? $end + 1 : $end;
    }

    private static function typed(string $number, ?string $unit): string
    {
        return match ($unit) {
            null => $number,
            'm' => rtrim(rtrim(number_format((float) $number * 100, 2, '.', ''), '0'), '.').' cm',
            'ft' => rtrim(rtrim(number_format((float) $number * 12, 2, '.', ''), '0'), '.').' in',
            default => "{$number} {$unit}",
        };
    }

    /** @return ?array{Size, float, ?string, list<Offer>} a list says the same few sizes over and over */
    private function parsed(string $typed, Spoken $said): ?array
    {
        $key = "{$typed}|{$said->unit->value}|{$said->isUnitSaid}";
        if (! array_key_exists($key, $this->read)) {
            try {
                $size = Size::parse($typed, $said->unit);
                $hasUnit = $size->name !== null || preg_match('/[a-z]{2}/', $typed) === 1;
                $this->read[$key] =
                    $hasUnit || $said->isUnitSaid
                        ? [$this->listed($size), $this->lab->lists($size) === null ? 0.1 : 0.0, null, []]
                        : $this->bare($size, $said->unit);
            } catch (MeasureError) {
                $this->read[$key] = null;
            }
        }

        return $this->read[$key];
    }

    /** “10.2 x 15.2 cm” is what labs call 4 × 6 in: within the rounding of a millimetre it is the size that is listed. */
    private function listed(Size $size): Size
    {
        if ($size->width->unit === Unit::Inch || $this->lab->lists($size) !== null) {
            return $size;
        }
        $isNear = fn (Length $one, Length $other): bool => abs($one->nanometres - $other->nanometres) <= self::ROUNDING;
        foreach ($this->lab->sizes as $listed) {
            foreach ([$listed, $listed->turned()] as $of) {
                if ($of->width->unit === Unit::Inch && $isNear($of->width, $size->width) && $isNear($of->height, $size->height)) {
                    return $of;
                }
            }
        }

        return $size;
    }

    /**
     * A size without a unit: the one that the lab lists; else the studio's unit, and a doubt where it may well be the other.
     *
     * @return array{Size, float, ?string, list<Offer>}
     */
    private function bare(Size $size, Unit $unit): array
    {
        $in = fn (Unit $unit): Size => Size::parse("{$size->width->number} x {$size->height->number}", $unit);
        $both = [Unit::Inch->value => $in(Unit::Inch), Unit::Centimetre->value => $in(Unit::Centimetre)];
        $listed = array_values(array_filter($both, fn (Size $one): bool => $this->lab->lists($one) !== null));
        if (count($listed) === 1) {
            return [$listed[0], 0.0, null, []];
        }
        $portrait = $both[Unit::Inch->value]->portrait();
        $figures = "{$portrait->width->number}x{$portrait->height->number}";
        $isLarge = $portrait->height->inches() >= 60;
        $isMetric = in_array($figures, self::METRIC, true);
        $isDoubtful =
            count($listed) === 2 || ($unit === Unit::Inch ? $isMetric || $isLarge : ! $isMetric && $portrait->height->inches() < 9);
        $ask = $isDoubtful ? 'Inches or centimetres? It isn’t said, and could be either.' : null;
        $offers = array_map(fn (Size $one): Offer => new Offer($one->label(), (string) $one), array_values($both));

        return [$in($unit), $listed === [] ? 0.3 : 0.0, $ask, $ask === null ? [] : $offers];
    }
}
