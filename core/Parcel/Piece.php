<?php

declare(strict_types=1);

namespace Planisher\Parcel;

use Planisher\Lab\LabCard;
use Planisher\Lab\Price;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Order\WorkedLine;
use Planisher\Plan\PlannedFile;

/** What the lab prints of one file: on which size, and what that costs. */
final readonly class Piece
{
    /**
     * @param  Size  $sheet  what the lab prints on, bleed not counted, as it lists it where it does
     * @param  ?Price  $cost  of one, mount and options included; null where the card doesn't say
     */
    private function __construct(public Size $sheet, public ?Price $cost) {}

    /** @throws \LogicException where the line has no plan that the file could be of */
    public static function of(WorkedLine $worked, PlannedFile $file): self
    {
        $plan = $worked->plan ?? throw new \LogicException('A file is of a plan.');
        $printed = self::printed($file, $worked->lab, $plan->layout->bleed);
        $sheet = $worked->lab->lists($printed) ?? $printed;
        $price = $worked->lab->priceOf($sheet) ?? (count($plan->files) === 1 ? $worked->lab->priceOf($plan->size()) : null);

        return new self($sheet, self::withExtras($worked, $price));
    }

    /** What is printed, without the bleed that is cut away. */
    private static function printed(PlannedFile $file, LabCard $lab, int $bleed): Size
    {
        $side = fn (int $pixels): int => $file->resolution->lengthOf($pixels) - 2 * $bleed;
        $unit = $lab->sizes[0]->unit();
        $pixel = $file->resolution->lengthOf(1);
        [$width, $height] = [$side($file->width), $side($file->height)];
        // A side is as near to what it is meant to be as whole pixels come.
        foreach ($lab->sizes as $size) {
            foreach ([$size, $size->turned()] as $way) {
                if (abs($way->width->nanometres - $width) <= $pixel && abs($way->height->nanometres - $height) <= $pixel) {
                    return $way;
                }
            }
        }

        return Size::of(Length::ofNanometres(max(1, $width), $unit), Length::ofNanometres(max(1, $height), $unit));
    }

    private static function withExtras(WorkedLine $worked, ?Price $print): ?Price
    {
        $product = $worked->lab->product($worked->line->printedOn());
        $all = $print;
        foreach (array_filter([$worked->line->mount, ...$worked->line->options]) as $name) {
            $cost = ($product?->mount($name) ?? $product?->option($name))?->cost($worked->lab->currency);
            $all = $all === null || $cost === null ? $all : new Price($all->hundredths + $cost->hundredths, $all->currency);
        }

        return $all;
    }
}
