<?php

declare(strict_types=1);

namespace App\Views;

use App\Pictures\PictureStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Planisher\Description\WeightDescription;
use Planisher\Imaging\Child\Child;
use Planisher\Imaging\Child\Limits;
use Planisher\Imaging\Inspect\Weight;
use Planisher\Imaging\ReadingTask;

/** How large the files will be, before they are made. */
final class WeightView implements View
{
    public function __construct(private readonly PictureStore $pictures, private readonly KeptFigures $figures) {}

    public function of(ViewedLine $shown, Request $request): JsonResponse
    {
        return response()->json(['note' => $this->note($shown)]);
    }

    private function note(ViewedLine $shown): string
    {
        $plan = $shown->plan;
        $known = WeightDescription::beforeMeasuring($plan, Weight::canBeEstimated($plan->shown));
        if ($known !== null) {
            return $known;
        }
        $originals = $this->pictures->originalsOf($plan);
        $given = [
            'file' => $plan->shown,
            'paths' => $originals,
            'profiles' => $this->pictures->profiles->pathsOf($plan->shown->encoding->target()),
        ];
        $weight = $this->figures->of("weight-{$shown->hash}", fn (): array => Child::run(ReadingTask::Weight, $given, Limits::asked()));

        return WeightDescription::measured($plan, $weight['bytes'], $weight['mean'], $weight['most']);
    }
}
