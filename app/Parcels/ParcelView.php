<?php

declare(strict_types=1);

namespace App\Parcels;

use App\Lines\LeftOut;
use App\Lines\OrderTitle;
use App\Making\Ticket;
use App\Models\MadeFile;
use App\Models\Order;
use App\Models\Parcel;
use App\Models\ParcelFile;
use Planisher\Lab\Price;
use Planisher\Measure\Figure;

/**
 * An order's parcels, and what may go, as their page gets it.
 *
 * @phpstan-import-type Row from Contents
 */
final class ParcelView
{
    public function __construct(private readonly Contents $contents, private readonly ParcelZip $zip) {}

    /** @return ParcelsShape */
    public function page(Order $order): array
    {
        $parcels = $order->parcels()->with('files.madeFile', 'lab')->get();
        $rows = $this->contents->of($order);
        $ids = array_map(fn (array $row): int => $row['line']->id, $rows);

        return [
            'order' => OrderTitle::of($order),
            'lab' => ['id' => $order->lab_id, 'name' => $order->lab->name, 'hasService' => LabService::of($order->lab) !== null],
            'lines' => array_map(self::line(...), $rows),
            'parcels' => array_map($this->parcel(...), array_values($parcels->all())),
            'leftOut' => LeftOut::among($order->lines, array_combine($ids, $rows)),
        ];
    }

    /**
     * @param  Row  $row
     * @return ParcelLineShape
     */
    private static function line(array $row): array
    {
        return [
            'id' => $row['line']->id,
            'number' => $row['line']->number,
            'short' => $row['short'],
            'goes' => $row['goes'],
            'files' => array_map(fn (MadeFile $file): string => $file->name, array_values($row['files']->all())),
            'why' => $row['why'],
            'parcel' => $row['parcel']?->number,
        ];
    }

    /** @return ParcelShape */
    private function parcel(Parcel $parcel): array
    {
        $told = array_column($parcel->manifest['files'], null, 'name');
        $total = $parcel->manifest['total'] ?? null;
        $currency = $total['currency'] ?? '';

        return [
            'id' => $parcel->id,
            'number' => $parcel->number,
            'state' => $parcel->handed_over_on !== null && ! $parcel->state->isAway() ? 'sent' : $parcel->state->value,
            'stateLabel' => $parcel->handed_over_on !== null ? 'handed over' : $parcel->state->label(),
            'lab' => $parcel->lab->name,
            'packedAt' => $parcel->created_at->toIso8601String(),
            'bytes' => $parcel->bytes,
            'sent' => (int) $parcel->files->sum('sent'),
            'size' => Figure::bytes($parcel->bytes),
            'isZipUnderWay' => ! $this->zip->isReady($parcel) && PackParcelZip::later($parcel->id)->isUnderWay(),
            'trouble' => $parcel->trouble,
            'secondsToNextTry' => $parcel->next_try_at === null ? null : max(0, (int) now()->diffInSeconds($parcel->next_try_at)),
            'labSaid' => $parcel->lab_said,
            'handedOverOn' => $parcel->handed_over_on?->format('Y-m-d'),
            'receiptNote' => $parcel->receipt_note,
            'total' => self::money($total['price'] ?? null, $currency),
            'isPriced' => $total['isComplete'] ?? false,
            'receipt' => $parcel->receipt === null
                    ? null
                    : [
                        'number' => $parcel->receipt['number'],
                        'files' => $parcel->receipt['files'],
                        'pieces' => $parcel->receipt['pieces'],
                        'total' => self::money($parcel->receipt['total'], $parcel->receipt['currency'] ?? $currency),
                        'at' => $parcel->receipt['at'],
                    ],
            'files' => array_map(
                fn (ParcelFile $file): array => self::file($file, $told[$file->name], fn (?float $of) => self::money($of, $currency)),
                array_values($parcel->files->all()),
            ),
        ];
    }

    /** “23.90 €”; null where no price is said */
    public static function money(?float $price, string $currency): ?string
    {
        return $price === null ? null : (new Price((int) round($price * 100), $currency))->label();
    }

    /**
     * @param  value-of<ManifestShape['files']>  $told  of it in the manifest
     * @param  callable(?float): ?string  $money
     * @return ParcelFileShape
     */
    private static function file(ParcelFile $file, array $told, callable $money): array
    {
        return [
            'id' => $file->id,
            'madeFileId' => $file->made_file_id,
            'lineId' => $file->line_id,
            'lineNumber' => $told['line'],
            'name' => $file->name,
            'copies' => $told['copies'],
            'sheet' => str_replace(' x ', ' × ', $told['sheet']),
            'on' => implode(', ', array_filter([$told['product'] ?? null, $told['paper'] ?? null])),
            'extras' => [...isset($told['mount']) ? ["mounted on {$told['mount']}"] : [], ...$told['options'] ?? []],
            'byHand' => $told['byHand'] ?? [],
            'price' => $money(isset($told['price']) ? $told['price'] * $told['copies'] : null),
            'bytes' => $file->bytes,
            'sent' => $file->sent,
            'reasons' => $file->reasons ?? [],
            'difference' => $file->difference,
            'picture' => Ticket::pictures($file->madeFile->ticket)[0]['sha256'],
            'shows' => $file->madeFile->ticket['shows'] ?? null,
        ];
    }
}
