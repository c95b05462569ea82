<?php

declare(strict_types=1);

namespace App\Views;

use App\Pictures\PictureStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Planisher\Imaging\Inspect\Histogram;

/** Histograms before conversion and after. */
final class HistogramView implements View
{
    public function __construct(private readonly PictureStore $pictures, private readonly KeptFigures $figures) {}

    public function of(ViewedLine $shown, Request $request): JsonResponse
    {
        $measure = fn (): array => Histogram::of($shown->plan->shown, $this->pictures->proxiesOf($shown->plan));

        return response()->json($this->figures->of("histogram-{$shown->hash}", $measure));
    }
}
