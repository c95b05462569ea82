<?php

declare(strict_types=1);

namespace Planisher\Written;

/** Words as they stand one after the other, and the numbers and units among them. */
final class WrittenWords
{
    public const UNITS = [
        'in' => 'in',
        'ins' => 'in',
        'inch' => 'in',
        'inches' => 'in',
        '"' => 'in',
        'zoll' => 'in',
        'pouces' => 'in',
        'pulgadas' => 'in',
        'cm' => 'cm',
        'cms' => 'cm',
        'centimetre' => 'cm',
        'centimetres' => 'cm',
        'centimeter' => 'cm',
        'centimeters' => 'cm',
        'mm' => 'mm',
        'mms' => 'mm',
        'mil' => 'mm',
        'mils' => 'mm',
        'millimetre' => 'mm',
        'millimetres' => 'mm',
        'millimeter' => 'mm',
        'millimeters' => 'mm',
        'pt' => 'pt',
        'pts' => 'pt',
        'point' => 'pt',
        'points' => 'pt',
        'm' => 'm',
        'metre' => 'm',
        'metres' => 'm',
        'meter' => 'm',
        'meters' => 'm',
        'ft' => 'ft',
        'foot' => 'ft',
        'feet' => 'ft',
    ];

    /** Behind an “in” that is no inch: “8x10 in matte”, “12 in all”. */
    private const NOT_INCHES = [
        'the',
        'a',
        'an',
        'all',
        'total',
        'one',
        'each',
        'black',
        'colour',
        'color',
        'its',
        'their',
        'this',
        'it',
        'my',
    ];

    /** @var array<int, list<Number>> by place */
    private array $numbers = [];

    /**
     * @param  list<Word>  $words
     * @param  array<string, true>  $adjectives  what may stand behind an “in” that is no inch, beside the usual: papers, finishes
     */
    public function __construct(public readonly array $words, private readonly array $adjectives = []) {}

    public function at(int $i): ?Word
    {
        return $this->words[$i] ?? null;
    }

    public function text(int $i): string
    {
        return $this->words[$i]->text ?? '';
    }

    /** @return list<Number> */
    public function numbersAt(int $i): array
    {
        return $this->numbers[$i] ??= Numbers::at($this->words, $i);
    }

    /**
     * The unit at that place: as we write it, the place behind it, and what it costs.
     *
     * @return ?array{string, int, float}
     */
    public function unitAt(int $i): ?array
    {
        $word = $this->at($i);
        if ($word?->is('-') && $word->isGlued && $this->at($i + 1)?->isGlued) {
            $word = $this->at(++$i);
        }
        if ($word?->is("'") && $this->at($i + 1)?->is("'") && $this->at($i + 1)->isGlued) {
            return ['in', $i + 2, 0.0];
        }
        $unit = $word === null ? null : self::UNITS[$word->text] ?? null;
        if ($unit === null || ($word?->is('"') && ! $word->isGlued)) {
            return null;
        }
        if (
            $word?->is('in', 'ins', 'mm', 'cm', 'pt', 'm', 'ft') &&
            $this->at($i + 1)?->is('.') &&
            $this->at($i + 1)->isGlued &&
            ! $this->at($i + 2)?->isLetters()
        ) {
            return [$unit, $i + 1, 0.0];
        }
        $cost = 0.0;
        if ($word?->is('in') && ! $word->isGlued) {
            $next = $this->at($i + 1);
            $isOther =
                $next !== null &&
                (in_array($next->text, self::NOT_INCHES, true) || isset($this->adjectives[$next->text]) || $next->isDigits());
            $cost = $isOther ? 1.2 : 0.0;
        }

        return [$unit, $i + 1, $cost];
    }
}
