<?php

declare(strict_types=1);

namespace Planisher\Language\Words;

use Planisher\Lab\LabCard;
use Planisher\Language\Offer;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\Written\WrittenSizes;

/** Sizes in any writing: “8x10”, “8 by 10”, “20×30 cm”, “A4”, “5" x 7"”, “eight by ten”, “12 in square”, “wallets”. */
final class Sizes
{
    /** In nanometres: inches that were written in whole millimetres, and a little more (common practice, no source) */
    private const ROUNDING = 600_000;

    private const UP = ['up', 'above', 'upwards', 'larger', 'bigger', 'smaller', 'near', 'so', 'similar'];

    private const LOOSE = ['about', 'around', 'roughly', 'approx', 'approximately', 'circa', 'nearly', 'maximum', 'max', 'minimum', 'min'];

    /** Frames and papers are sold by these figures in centimetres, shorter side first (common practice, no source). */
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

    /** @var array<string, ?array{Size, float, ?string, list<Offer>}> */
    private array $read = [];

    /** Of a side without a unit; four metres, which no lab of ours prints (common practice, no source) */
    public const LARGEST = 400;

    public function __construct(private readonly LabCard $lab) {}

    /** @return list<Typed> */
    public function at(Spoken $said, int $i): array
    {
        $found = $this->wallets($said, $i);
        if (in_array($said->text($i - 1), ['£', '$', '€'], true)) {
            return $found; // “£12.00 x 2”
        }
        foreach (WrittenSizes::at($said->figures, $i, $said->unit) as $written) {
            $read = $written->isNamed || $written->least >= 1 ? $this->parsed($written->typed, $said) : null;
            if ($read === null) {
                continue;
            }
            [$size, $unlisted, $why, $offers] = $read;
            if ($written->isMixed || $written->hasComma || ($written->isOfThree && $unlisted > 0)) {
                [$why, $offers] = ['Is that the size? It could be parted otherwise.', [new Offer($size->label(), (string) $size)]];
            } elseif (self::isOfSomething($said, $i)) {
                [$why, $offers] = ['Is that the size of the print, or of something else?', []];
            } elseif (self::isLoose($said, $i, $written->end)) {
                [$why, $offers] = ["Is it to be {$size->label()}, or something near it?", [new Offer($size->label(), (string) $size)]];
            }
            $isLarger = $written->isNamed && $said->at($written->end)?->is('+') && $said->at($written->end)->isGlued;
            if ($isLarger && ! ($said->at($written->end + 1)->isGlued ?? false)) {
                [$why, $offers] = ["More than {$size->label()}: how large is that here?", []]; // “A3+”
            }
            $cost = $written->cost + ($written->isNamed ? 0 : $unlisted * ($written->isOfThree ? 4 : 1));
            $found[] = new Typed($written->end, $size, $cost, $why, $offers);
        }

        return $found;
    }

    /** “Inside measures 7.5x9.5”: a frame is measured, or a wall. */
    private static function isOfSomething(Spoken $said, int $i): bool
    {
        $near = [$said->text($i - 1), $said->text($i - 2), $said->text($i - 3)];

        return array_intersect(['measures', 'measuring', 'measure', 'inside', 'aperture', 'rebate', 'outside', 'dimensions'], $near) !== [];
    }

    /** “About 8x10”, “up to 16x20”: a size that isn't settled. */
    private static function isLoose(Spoken $said, int $i, int $end): bool
    {
        $isUp = in_array($said->text($end), ['and', 'or'], true) && in_array($said->text($end + 1), self::UP, true);
        $before = $said->text($i - 1);
        $isMost = $before === 'to' && $said->text($i - 2) === 'up';
        $isThan = $before === 'than' && in_array($said->text($i - 2), ['bigger', 'larger', 'smaller', 'more', 'less'], true);

        return $isUp || $isMost || $isThan || in_array($before, self::LOOSE, true);
    }

    /** @return list<Typed> */
    private function wallets(Spoken $said, int $i): array
    {
        if (! in_array($said->text($i), ['wallet', 'wallets'], true)) {
            return [];
        }
        $end = in_array($said->text($i + 1), ['size', 'sized', 'prints', 'print'], true) ? $i + 2 : $i + 1;

        return [
            new Typed($end, Size::parse('2.5 x 3.5 in'), 0.0, 'A wallet print is 2.5 × 3.5 in, as a rule. Is it here?', [
                new Offer('2.5 × 3.5 in', '2.5x3.5 in'),
                new Offer('2 × 3 in', '2x3 in'),
            ]),
        ];
    }

    /** @return ?array{Size, float, ?string, list<Offer>} a list says the same few sizes over and over */
    private function parsed(string $typed, Spoken $said): ?array
    {
        $key = "{$typed}|{$said->unit->value}|{$said->isUnitSaid}";
        if (! array_key_exists($key, $this->read)) {
            try {
                $size = Size::parse($typed, $said->unit);
                $hasUnit = $size->name !== null || preg_match('/[a-z]{2}/', $typed) === 1;
                $this->read[$key] = match (true) {
                    $size->name === null && self::isNumbered($size) && preg_match('/[cm]m/', $typed) !== 1 => null,
                    $hasUnit || $said->isUnitSaid => [$this->listed($size), $this->lab->lists($size) === null ? 0.1 : 0.0, null, []],
                    default => $this->bare($size, $said->unit),
                };
            } catch (MeasureError) {
                $this->read[$key] = null;
            }
        }

        return $this->read[$key];
    }

    /** “2207 x 2”: so many of a picture, and no size of anything in inches or centimetres. */
    private static function isNumbered(Size $size): bool
    {
        return max((float) $size->width->number, (float) $size->height->number) > self::LARGEST;
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
        $isOdd = preg_match('#/(\d+)#', (string) $size, $part) === 1 && ! in_array((int) $part[1], [2, 4, 8, 16, 32], true);
        if ($isOdd) {
            return [$in($unit), 0.3, 'Is that the size?', [new Offer($in($unit)->label(), (string) $in($unit))]];
        }
        $ask = $isDoubtful ? 'Inches or centimetres? It isn’t said, and could be either.' : null;
        $offers = array_map(fn (Size $one): Offer => new Offer($one->label(), (string) $one), array_values($both));

        return [$in($unit), $listed === [] ? 0.3 : 0.0, $ask, $ask === null ? [] : $offers];
    }
}
