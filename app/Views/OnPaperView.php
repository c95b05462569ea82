<?php

declare(strict_types=1);

namespace App\Views;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Planisher\Finding\PaperChange;

/** What changes on paper, in words, and a remedy where the shadows lose by it. */
final class OnPaperView implements View
{
    public function __construct(private readonly KeptLosses $losses, private readonly FailureCache $failures) {}

    public function of(ViewedLine $shown, Request $request): JsonResponse
    {
        $worked = $shown->worked;
        ['seen' => $seen, 'tones' => $tones] = $this->failures->try(
            "seen-{$shown->onPaper()}",
            fn (): array => $this->losses->measure($shown->plan, $shown->paper),
        );

        return response()->json([
            'paper' => $worked->lab->paper($worked->line->paper)?->name,
            'profile' => $shown->paper?->description,
            ...PaperChange::told($tones, $seen['outOfGamut'], $seen['hues'], $worked->line),
        ]);
    }
}
