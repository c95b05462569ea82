<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Colour\ToneCurve;
use Planisher\Finish\CombinesPrints;
use Planisher\Lab\LabCard;
use Planisher\Line\ForPaper;
use Planisher\Line\LineKeys;
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

    private const LONG_SIDE_MM = 90;

    private const BAND_MM = 8;

    private const GAP_MM = 2;

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
            count($settings) <= self::MOST &&
            count(array_unique($settings, SORT_REGULAR)) === count($settings);
        if (! $sound) {
            throw new OrderFileError(
                'settings',
                count($settings).' settings',
                self::FEWEST.' to '.self::MOST.' that differ',
                'A test strip has three to five settings that differ.',
            );
        }
        if ($part === null || $at->plan === null || ! $at->line->isPrinted()) {
            throw new OrderFileError('line', 'no print of one picture', 'one', 'A test strip is made of a print of one picture.');
        }
        [$width, $height] = self::print($at);
        [$sheet, $places] = self::laid($width, $height, count($settings), $at->lab);
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

    /** @return array{Length, Length} a print of the strip, the band for its caption below it included */
    private static function print(LineContext $at): array
    {
        $image = $at->plan->layout->image ?? throw new \LogicException('It has a plan.');
        $scale = (self::LONG_SIDE_MM * Unit::Millimetre->nanometres()) / max($image->width, $image->height);
        $side = fn (int $nanometres): int => (int) round($nanometres * $scale);

        return [self::mm($side($image->width)), self::mm($side($image->height) + self::BAND_MM * Unit::Millimetre->nanometres())];
    }

    /**
     * The cheapest sheet of the lab that holds all of them in rows, each the same way up: they are compared by eye.
     *
     * @return array{Size, list<array{sheet: int, x: string, y: string, turned: bool}>}
     */
    private static function laid(Length $width, Length $height, int $many, LabCard $lab): array
    {
        $gap = self::GAP_MM * Unit::Millimetre->nanometres();
        $sizes = $lab->sizes;
        $cost = fn (Size $size): array => [$lab->priceOf($size)->hundredths ?? PHP_INT_MAX, $size->areaSquareInches()];
        usort($sizes, fn (Size $one, Size $other): int => $cost($one) <=> $cost($other));
        foreach ($sizes as $size) {
            foreach ([$size->portrait(), $size->landscape()] as $sheet) {
                $columns = intdiv($sheet->width->nanometres + $gap, $width->nanometres + $gap);
                $rows = intdiv($sheet->height->nanometres + $gap, $height->nanometres + $gap);
                if ($columns * $rows >= $many) {
                    $place = fn (int $n): array => [
                        'sheet' => 1,
                        'x' => (string) self::mm(($n % $columns) * ($width->nanometres + $gap)),
                        'y' => (string) self::mm(intdiv($n, $columns) * ($height->nanometres + $gap)),
                        'turned' => false,
                    ];

                    return [$sheet, array_map($place, range(0, $many - 1))];
                }
            }
        }
        throw new OrderFileError('sheet', 'none', 'a sheet of the lab', 'No sheet that the lab lists holds the strip.');
    }

    private static function mm(int $nanometres): Length
    {
        return Length::ofNanometres($nanometres, Unit::Millimetre);
    }

    /** @return array<string, mixed> the print at a setting, its caption below it; it is never framed */
    private static function cell(LineContext $at, ToneCurve $tone): array
    {
        return array_filter(
            [
                'picture' => $at->line->picture,
                'subject' => $at->line->subject,
                'turn' => self::print($at)[0]->nanometres > self::print($at)[1]->nanometres ? 'landscape' : 'portrait',
                'window' => $at->plan?->only()?->wanted->toArray(),
                'border' => ['top' => '0 mm', 'right' => '0 mm', 'bottom' => self::BAND_MM.' mm', 'left' => '0 mm'],
                'frameCover' => '0 mm',
                'forPaper' => ForPaper::toArray($tone) ?: null,
                'caption' => ['parts' => [['text' => self::label($tone)]], 'height' => '3 mm', 'align' => 'middle'],
            ],
            fn (mixed $value): bool => $value !== null,
        );
    }
}
