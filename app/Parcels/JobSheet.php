<?php

declare(strict_types=1);

namespace App\Parcels;

use App\Models\Studio;
use App\Pictures\PictureStore;
use Planisher\Measure\Figure;
use Planisher\Measure\Unit;
use Planisher\Parcel\Manifest;
use Planisher\Parcel\ParcelItem;

/** The sheet of paper that goes with a parcel: what it is, how often, on what, what is left to do by hand. It needs no colour. */
final class JobSheet
{
    public function __construct(private readonly PictureStore $pictures) {}

    public function pdf(Manifest $manifest): string
    {
        $unit = Studio::current()->unit;

        return PdfPage::pdf('job-sheet', [
            'manifest' => $manifest,
            'rows' => array_map(fn (ParcelItem $item): array => $this->row($item, $unit), $manifest->items),
            'pieces' => array_sum(array_map(fn (ParcelItem $item): int => $item->worked->line->copies, $manifest->items)),
            'total' => $manifest->total()?->label(),
        ]);
    }

    /** @return array<string, mixed> what is told of a file */
    private function row(ParcelItem $item, Unit $unit): array
    {
        $line = $item->worked->line;
        $told = $item->toArray();
        $picture = $item->worked->facts()[0] ?? null;
        $other = $unit === Unit::Inch ? 'centimetres' : 'inches';
        $side = fn (array $of): string => round($of['width'], 2).' × '.round($of['height'], 2);

        return [
            'thumb' => $picture === null ? null : $this->pictures->proxy($picture->sha256, 'thumb'),
            'name' => $item->name,
            'subject' => $item->title().($item->of > 1 ? ", file {$item->place} of {$item->of}" : ''),
            'copies' => $line->copies,
            'size' => $item->sheet->label(),
            'both' => $side($told[$other]).($other === 'inches' ? ' in' : ' cm'),
            'pixels' => Figure::pixels($item->file->width, $item->file->height).', '.$item->file->resolution->label(),
            'on' => implode(', ', array_filter([$told['product'] ?? null, $told['paper'] ?? null])),
            'extras' => implode(', ', array_filter([isset($line->mount) ? "mounted on {$line->mount}" : null, ...$line->options])),
            'byHand' => $item->byHand,
            'remark' => $item->remark,
            'price' => $item->price()?->label(),
        ];
    }
}
