<?php

declare(strict_types=1);

namespace App\Parcels;

use App\History\History;
use App\Models\Line;
use App\Models\Parcel;
use App\States\Moves;
use Illuminate\Support\Facades\DB;
use Planisher\Parcel\AnswerRefused;
use Planisher\Parcel\LabAnswer;
use Planisher\Parcel\Manifest;
use Planisher\Parcel\ParcelState;
use Planisher\Parcel\Receipt;
use Planisher\State\LineState;

/** Takes what a lab says of a parcel: its receipt, where it is, and what it sends back. */
final class Answered
{
    public static function take(Parcel $parcel, LabAnswer $answer): void
    {
        DB::transaction(function () use ($parcel, $answer): void {
            /** @var Parcel $now */
            $now = Parcel::query()->with('files', 'lab')->whereKey($parcel->id)->lockForUpdate()->firstOrFail();
            $state = $answer->state();
            if ($state === null || ! $now->state->isAwaited()) {
                return;
            }
            try {
                $receipt = self::receipt($now, $answer);
            } catch (AnswerRefused $e) {
                $now->update(['trouble' => $e->getMessage()]);

                return;
            }
            self::compare($now, $answer);
            if (! $state->mayFollow($now->state) || ($state !== ParcelState::Back && $receipt === null)) {
                return;
            }
            $isOther = $state !== $now->state;
            $first = $now->receipt['number'] ?? null;
            $trouble =
                $first === null || $receipt === null || $first === $receipt->number
                    ? null
                    : "The lab gave two receipts, {$first} and {$receipt->number}. The first is kept. Ask the lab.";
            Moves::one($now, $state);
            $now->update([
                'receipt' => $now->receipt ?? ($receipt === null ? null : get_object_vars($receipt)),
                'lab_said' => $answer->reason,
                'trouble' => $trouble,
                'asks' => $isOther ? 0 : $now->asks,
            ]);
            if ($isOther) {
                History::note($now->order_id, "said of parcel {$now->number}: {$state->label()}", who: $now->lab->name);
                $state === ParcelState::Back && self::back($now, $answer);
            }
        });
    }

    /** @throws AnswerRefused */
    private static function receipt(Parcel $parcel, LabAnswer $answer): ?Receipt
    {
        return $answer->receipt === null
            ? null
            : Receipt::read(
                $answer->receipt,
                (string) $answer->seal,
                (string) $parcel->lab->service_key,
                $parcel->key,
                hash('sha256', (string) file_get_contents($parcel->path(Manifest::FILE))),
                count($parcel->files),
            );
    }

    /** What the lab would print of each file beside the file itself. */
    private static function compare(Parcel $parcel, LabAnswer $answer): void
    {
        $pixels = array_column($parcel->manifest['files'], 'pixels', 'name');
        foreach ($parcel->files as $file) {
            ['width' => $width, 'height' => $height] = $pixels[$file->name];
            $file->update([
                'reasons' => $answer->reasons[$file->sha256] ?? null,
                'difference' => $answer->difference($file->sha256, $width, $height),
            ]);
        }
    }

    /** Lines that the lab doesn't print are opened again with its words: those it names, or all where it names none. */
    private static function back(Parcel $parcel, LabAnswer $answer): void
    {
        foreach ($parcel->files->groupBy('line_id') as $lineId => $files) {
            $reasons = array_merge(...$files->map(fn ($file): array => $file->reasons ?? [])->all());
            if ($answer->reasons !== [] && $reasons === []) {
                continue;
            }
            $words = implode(' ', array_unique($reasons)) ?: $answer->reason ?? 'The lab didn’t say why.';
            $line = Line::query()->whereKey($lineId)->lockForUpdate()->first();
            // What was changed meanwhile is open already, or made anew; it isn't what came back.
            if ($line instanceof Line && $line->state === LineState::Made) {
                Moves::one($line, LineState::Open);
                $line->update(['passed_with' => null, 'lab_said' => $words, 'version' => $line->version + 1]);
                History::note($line->order_id, 'sent it back', $line, $parcel->lab->name);
            }
        }
    }
}
