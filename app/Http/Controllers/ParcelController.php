<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\CannotKeep;
use App\Files\PrivateFile;
use App\Making\Making;
use App\Models\Line;
use App\Models\Order;
use App\Models\Parcel;
use App\Models\ParcelFile;
use App\Parcels\AskLab;
use App\Parcels\CannotPack;
use App\Parcels\Contents;
use App\Parcels\LabService;
use App\Parcels\Packing;
use App\Parcels\PackParcelZip;
use App\Parcels\ParcelView;
use App\Parcels\ParcelZip;
use App\Parcels\PdfPage;
use App\Parcels\Reprints;
use App\Parcels\Sending;
use App\Views\KeptViews;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Planisher\Colour\ToneCurve;
use Planisher\Imaging\Sources\Proxy;

/** Parcels to the lab: packed, sent, handed over, and where they are. */
final class ParcelController
{
    /** While somebody looks, the lab is asked as often. */
    private const ASK_SECONDS = 3;

    /** Of a file beside the lab's preview, in pixels. */
    private const SEEN = 480;

    public function index(Order $order, ParcelView $view): JsonResponse
    {
        foreach ($order->parcels()->get() as $parcel) {
            $isDue = $parcel->asked_at === null || $parcel->asked_at->addSeconds(self::ASK_SECONDS)->isPast();
            if ($parcel->state->isAwaited() && $isDue && $parcel->handed_over_on === null) {
                $parcel->update(['asked_at' => Carbon::now()]);
                AskLab::dispatch($parcel->id, isOnce: true);
            }
        }

        return response()->json($view->page($order));
    }

    public function store(Request $request, Order $order, Packing $packing, ParcelZip $zip): JsonResponse
    {
        $request->validate(['lines' => ['nullable', 'array', 'max:500'], 'lines.*' => ['integer']]);
        $chosen = $request->has('lines') ? array_map(intval(...), array_values((array) $request->input('lines'))) : null;

        return self::mendable(function () use ($packing, $order, $chosen, $zip): JsonResponse {
            $parcel = $packing->pack($order, $chosen);
            LabService::of($order->lab) === null && PackParcelZip::unlessReady($parcel, $zip); // it is handed over, in a ZIP

            return response()->json(['id' => $parcel->id, 'number' => $parcel->number], 201);
        });
    }

    public function send(Parcel $parcel): JsonResponse|Response
    {
        return self::mendable(function () use ($parcel): Response {
            Sending::begin($parcel);

            return response()->noContent();
        });
    }

    public function stop(Parcel $parcel): Response
    {
        Sending::stop($parcel);

        return response()->noContent();
    }

    /** Handed over by hand on a day, with what the lab gave as a receipt; no day takes it back. */
    public function byHand(Request $request, Parcel $parcel): JsonResponse|Response
    {
        $given = $request->validate(
            ['on' => ['present', 'nullable', 'date_format:Y-m-d'], 'note' => ['nullable', 'string', 'max:2000']],
            ['on.date_format' => 'Write the day as 2026-11-30.', 'note.max' => 'The receipt’s note has 2000 letters at most.'],
        );

        return self::mendable(function () use ($parcel, $given): Response {
            Sending::byHand($parcel, $given['on'], $given['note'] ?? null);

            return response()->noContent();
        });
    }

    public function jobSheet(Parcel $parcel, Packing $packing): JsonResponse|Response
    {
        return self::mendable(function () use ($parcel, $packing): Response {
            $packing->mendPapers($parcel);

            return PrivateFile::download($parcel->path(Packing::JOB_SHEET), 'application/pdf', self::name($parcel).'_job-sheet.pdf');
        });
    }

    /** The lab's receipt, to be printed. */
    public function receipt(Parcel $parcel): Response
    {
        $receipt = $parcel->receipt ?? abort(404, 'The lab hasn’t given a receipt yet.');
        $pdf = PdfPage::pdf('receipt', [
            'parcel' => $parcel->load('lab'),
            'total' => ParcelView::money($receipt['total'], $receipt['currency'] ?? ''),
        ]);

        return response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Cache-Control' => 'private, no-store',
            'Content-Disposition' => 'attachment; filename="'.self::name($parcel).'_receipt.pdf"',
        ]);
    }

    public function zip(Parcel $parcel, ParcelZip $zip): JsonResponse|Response
    {
        return self::mendable(function () use ($parcel, $zip): Response {
            if (! $zip->isReady($parcel)) {
                $zip->mend($parcel); // what can't be packed is told at once
                $why = PackParcelZip::later($parcel->id)->whyNot();
                $why === null || throw CannotKeep::because($why['message']);
                PackParcelZip::unlessReady($parcel, $zip);
                abort(409, 'The parcel is large, and its ZIP is being packed. It is there in a moment.');
            }

            return PrivateFile::download($zip->of($parcel), 'application/zip', self::name($parcel).'.zip');
        });
    }

    /** The file itself, small, to be seen beside what the lab will print of it. */
    public function ours(ParcelFile $parcelFile, KeptViews $kept): Response
    {
        is_file($parcelFile->path()) || abort(404, 'The file isn’t there any more.');
        $small = fn (string $to) => Proxy::smaller($parcelFile->path(), self::SEEN, $to);

        return PrivateFile::inline($kept->file("{$parcelFile->sha256}-small", 'jpg', $small), 'image/jpeg');
    }

    /** The lab's own picture of how it will print a file. */
    public function preview(ParcelFile $parcelFile): Response
    {
        $jpeg =
            LabService::of($parcelFile->parcel->lab)?->preview($parcelFile->sha256) ?? abort(404, 'The lab shows no preview of this file.');

        return response($jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, no-store']);
    }

    /** The newest files of lines once more, to the last byte. */
    public function reprint(Request $request, Order $order, Contents $contents, Making $making): JsonResponse
    {
        $request->validate(['lines' => ['required', 'array', 'max:500'], 'lines.*' => ['integer']]);
        $files = [];
        foreach ($contents->of($order) as $row) {
            if (in_array($row['line']->id, (array) $request->input('lines'), false) && $row['why'] === null) {
                array_push($files, ...$row['files']->all());
            }
        }

        return $files === []
            ? response()->json(['message' => 'Nothing of it is made as it is now. Make its files first.'], 422)
            : response()->json(['id' => $making->reprint($order, $files)->id, 'stopped' => []], 201);
    }

    /** A line once more, to be changed before it is made. */
    public function reprintChanged(Line $line, Reprints $apart): JsonResponse
    {
        $made = $apart->reprint(Order::query()->findOrFail($line->order_id), $line);

        return response()->json(['id' => $made->id], 201);
    }

    /** A strip of the same print at several settings for its paper. */
    public function testStrip(Request $request, Line $line, Reprints $apart): JsonResponse
    {
        $given = $request->validate([
            'settings' => ['required', 'array', 'max:20'],
            'settings.*.open' => ['nullable', 'numeric', 'between:0,1'],
            'settings.*.contrast' => ['nullable', 'numeric', 'between:0,1'],
        ]);
        $settings = array_map(
            fn (array $of): ToneCurve => new ToneCurve((float) ($of['open'] ?? 0), (float) ($of['contrast'] ?? 0)),
            array_values($given['settings']),
        );

        return response()->json(['id' => $apart->testStrip(Order::query()->findOrFail($line->order_id), $line, $settings)->id], 201);
    }

    private static function name(Parcel $parcel): string
    {
        return basename($parcel->folder);
    }

    /**
     * @template T of JsonResponse|Response
     *
     * @param  callable(): T  $do
     * @return T|JsonResponse
     */
    private static function mendable(callable $do): mixed
    {
        try {
            return $do();
        } catch (CannotPack $e) {
            return response()->json(['message' => $e->getMessage(), 'file' => $e->fileId], 422);
        }
    }
}
