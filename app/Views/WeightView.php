<?php

declare(strict_types=1);

namespace App\Views;

use App\Pictures\PictureStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Planisher\Imaging\Child\Child;
use Planisher\Imaging\Child\Limits;
use Planisher\Imaging\Child\Task;
use Planisher\Imaging\Look\Weight;
use Planisher\Telling\WeightTold;

/** How large the files will be, before they are made. */
final class WeightView implements View
{
    public function __construct(private readonly PictureStore $pictures) {}

    public function of(Shown $shown, Request $request): JsonResponse
    {
        return response()->json(['note' => $this->note($shown)]);
    }

    private function note(Shown $shown): string
    {
        $plan = $shown->plan;
        $known = WeightTold::beforeMeasuring($plan, Weight::canBeEstimated($plan->shown));
        if ($known !== null) {
            return $known;
        }
        $originals = $this->pictures->originalsOf($plan);
        $given = [
            'file' => $plan->shown,
            'paths' => $originals,
            'profiles' => $this->pictures->profiles->pathsOf($plan->shown->encoding->target()),
        ];
        $weight = KeptFigures::of("weight-{$shown->hash}", fn (): array => Child::run(Task::Weight, $given, Limits::asked()));

        return WeightTold::measured($plan, $weight['bytes'], $weight['mean'], $weight['most']);
    }
}
