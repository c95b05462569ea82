<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Colour\ToneCurve;
use Planisher\Finish\CombinesPrints;
use Planisher\Lab\LabCard;
use Planisher\Line\ForPaper;
use Planisher\Line\LineKeys;
use Planisher\Measure\Box;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\OrderFile\OrderFileError;
use Planisher\Plan\LineContext;

/** One picture at several *for paper* settings side by side on one sheet, each captioned with its setting. */
final class TestStrip
{
    public const FEWEST = 3;

    public const MOST = 5;

    /** Two things at three settings each: three by three */
    public const SQUARE = 9;

    /** In the unit of what was ordered: a print's long side, the band for its caption, what lies between prints, letters, how finely. */
    private const METRIC = ['long' => '90 mm', 'band' => '8 mm', 'gap' => '2 mm', 'letters' => '3 mm', 'step' => '0.1 mm'];

    private const IMPERIAL = ['long' => '3.5 in', 'band' => '0.3 in', 'gap' => '0.05 in', 'letters' => '0.12 in', 'step' => '0.01 in'];

    /**
     * @param  list<ToneCurve>  $settings
     * @return array<string, mixed> a line in its order-file form
     *
     * @throws OrderFileError where the line isn't one picture on paper, or no sheet of the lab holds the strip
     */
    public static function of(LineContext $at, array $settings): array
    {
        $part = $at->plan?->only();
        $sound =
            count($settings) >= self::FEWEST &&
            (count($settings) <= self::MOST || count($settings) === self::SQUARE) &&
            count(array_unique($settings, SORT_REGULAR)) === count($settings);
        if (! $sound) {
            throw new OrderFileError(
                'settings',
                count($settings).' settings',
                self::FEWEST.' to '.self::MOST.' that differ, or '.self::SQUARE,
                'A test strip has three to five settings that differ, or nine.',
            );
        }
        if ($part === null || $at->plan === null || ! $at->line->isPrinted()) {
            throw new OrderFileError('line', 'no print of one picture', 'one', 'A test strip is made of a print of one picture.');
        }
        [$width, $height] = self::print($at, $at->plan->layout->image);
        [$sheet, $places] = self::laid($width, $height, self::length($at, 'gap'), count($settings), $at->lab);
        $name = $at->line->name->toArray();

        return [
            'make' => SheetFinish::NAME,
            'size' => (string) $sheet,
            'turn' => $sheet->width->nanometres > $sheet->height->nanometres ? 'landscape' : 'portrait',
            ...LineKeys::common()->ofSheets()->in($at->line->toArray()),
            'name' => ['parts' => [...$name['parts'], ['text' => CombinesPrints::TEST]]] + $name,
            SheetWanted::NAME => [
                'cells' => array_map(
                    fn (ToneCurve $tone, array $place): array => [
                        'size' => "{$width} x {$height}",
                        'at' => $place,
                        'turn' => $width->nanometres > $height->nanometres ? 'landscape' : 'portrait',
                        ...self::cell($at, $tone),
                    ],
                    $settings,
                    $places,
                ),
            ],
        ];
    }

    /** “straight”, “opened by 20 %” */
    public static function label(ToneCurve $tone): string
    {
        return ForPaper::label($tone) ?: 'straight';
    }

    private static function unit(LineContext $at): Unit
    {
        return $at->plan?->size()->width->unit ?? $at->orderContext->unit;
    }

    private static function length(LineContext $at, string $what): Length
    {
        return Length::parse((self::unit($at) === Unit::Inch ? self::IMPERIAL : self::METRIC)[$what]);
    }

    /** @return array{Length, Length} a print of the strip, the band for its caption below it included; full steps of its unit */
    private static function print(LineContext $at, Box $image): array
    {
        $scale = self::length($at, 'long')->nanometres / max($image->width, $image->height);
        $step = self::length($at, 'step');
        $side = fn (int $nanometres): int => (int) max(1, round(($nanometres * $scale) / $step->nanometres)) * $step->nanometres;
        $exactly = fn (int $nanometres): Length => Length::exact($nanometres, $step->unit);

        return [$exactly($side($image->width)), $exactly($side($image->height) + self::length($at, 'band')->nanometres)];
    }

    /**
     * The cheapest sheet of the lab that holds all of them in rows, each the same way up: they are compared by eye.
     *
     * @return array{Size, list<array{sheet: int, x: string, y: string, turned: bool}>}
     */
    private static function laid(Length $width, Length $height, Length $between, int $many, LabCard $lab): array
    {
        $gap = $between->nanometres;
        $exactly = fn (int $nanometres): string => (string) Length::exact($nanometres, $between->unit);
        $sizes = $lab->sizes;
        $cost = fn (Size $size): array => [$lab->priceOf($size)->hundredths ?? PHP_INT_MAX, $size->areaSquareInches()];
        usort($sizes, fn (Size $one, Size $other): int => $cost($one) <=> $cost($other));
        foreach ($sizes as $size) {
            foreach ([$size->portrait(), $size->landscape()] as $sheet) {
                $columns = intdiv($sheet->width->nanometres + $gap, $width->nanometres + $gap);
                $rows = intdiv($sheet->height->nanometres + $gap, $height->nanometres + $gap);
                if ($many === self::SQUARE) {
                    [$columns, $rows] = [min($columns, 3), min($rows, 3)];
                }
                if ($columns * $rows >= $many) {
                    $place = fn (int $n): array => [
                        'sheet' => 1,
                        'x' => $exactly(($n % $columns) * ($width->nanometres + $gap)),
                        'y' => $exactly(intdiv($n, $columns) * ($height->nanometres + $gap)),
                        'turned' => false,
                    ];

                    return [$sheet, array_map($place, range(0, $many - 1))];
                }
            }
        }
        throw new OrderFileError('sheet', 'none', 'a sheet of the lab', 'No sheet that the lab lists holds the strip.');
    }

    /** @return array<string, mixed> the print at a setting, its caption below it; it is never framed */
    private static function cell(LineContext $at, ToneCurve $tone): array
    {
        $none = (string) Length::zero(self::length($at, 'band')->unit);

        return array_filter(
            [
                'picture' => $at->line->picture,
                'subject' => $at->line->subject,
                'window' => $at->plan?->only()?->wanted->toArray(),
                'border' => ['top' => $none, 'right' => $none, 'bottom' => (string) self::length($at, 'band'), 'left' => $none],
                'frameCover' => $none,
                'forPaper' => ForPaper::toArray($tone) ?: null,
                'caption' => [
                    'parts' => [['text' => self::label($tone)]],
                    'height' => (string) self::length($at, 'letters'),
                    'align' => 'middle',
                ],
            ],
            fn (mixed $value): bool => $value !== null,
        );
    }
}
