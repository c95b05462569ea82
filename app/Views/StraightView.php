<?php

declare(strict_types=1);

namespace App\Views;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Planisher\Line\LineChange;

/** The line as it would be with nothing lifted for its paper, on that paper where the lab card has its profile: tone before and after. */
final class StraightView implements View
{
    public function __construct(private readonly PreviewView $preview, private readonly ProofView $proof) {}

    public function of(ViewedLine $shown, Request $request): Response
    {
        $straight = $shown->changedBy(LineChange::without('forPaper'));

        return $straight->paper === null ? $this->preview->of($straight, $request) : $this->proof->of($straight, $request);
    }
}
