<?php

declare(strict_types=1);

namespace Planisher\Wish;

use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Unit;

/** The words of a phrase that were different each time: a length, a number, a colour. */
final readonly class Heard
{
    /**
     * @param  array<int|string, string>  $groups
     * @param  Unit  $unit  of lengths that have none of their own
     */
    public function __construct(private array $groups, private Unit $unit) {}

    public function has(string $name): bool
    {
        return ($this->groups[$name] ?? '') !== '';
    }

    public function words(string $name): string
    {
        return trim($this->groups[$name] ?? '');
    }

    /** The whole phrase. */
    public function all(): string
    {
        return $this->groups[0];
    }

    /** A length as the order file has it: “1/4 in”. Null where it is none. */
    public function length(string $name = 'length'): ?string
    {
        if (preg_match('/^('.NumberWords::any().')[\s-]*(.*)$/iu', $this->words($name), $part) !== 1) {
            return null;
        }
        try {
            return (string) Length::parse(NumberWords::typed($part[1]).' '.$part[2], $this->unit);
        } catch (MeasureError) {
            return null;
        }
    }

    /** How far away, as the order file has it; metres and feet are told in what paper is measured in. */
    public function distance(string $name = 'distance'): ?string
    {
        if (preg_match('/^('.NumberWords::any().')\s*(m|met(?:re|er)s?|ft|feet|foot|′)$/iu', $this->words($name), $part) !== 1) {
            return $this->length($name);
        }
        $isMetric = str_starts_with(mb_strtolower($part[2]), 'm');
        try {
            $one = Length::parse(NumberWords::typed($part[1]).' cm');
        } catch (MeasureError) {
            return null;
        }
        $unit = $isMetric ? Unit::Centimetre : Unit::Inch;
        $many = $isMetric ? 100 : 12;

        return (string) Length::exact((int) round($one->in(Unit::Centimetre) * $many * $unit->nanometres()), $unit);
    }

    public function count(string $name = 'count'): ?int
    {
        return NumberWords::count($this->words($name));
    }

    /** A share from “20 %”: 0.2. */
    public function share(string $name = 'percent'): float
    {
        return min(100, (float) str_replace(',', '.', $this->words($name))) / 100;
    }

    public function colour(string $name = 'colour'): string
    {
        return ColourWords::hex($this->words($name));
    }

    /** What somebody put into words of his own, without quotation marks. */
    public function text(string $name = 'text'): string
    {
        return trim((string) preg_replace('/^[\s"“”„‟\'‘’]+|[\s"“”‟\'‘’]+$/u', '', $this->words($name)));
    }
}
