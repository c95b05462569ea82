<?php

declare(strict_types=1);

namespace App\Views;

/** The register of views: a new one is named here and nowhere else. */
final class Views
{
    /** @var array<string, class-string<View>> by what stands in the address */
    public const ALL = [
        'preview' => PreviewView::class,
        'proof' => ProofView::class,
        'straight' => StraightView::class,
        'gamut' => GamutView::class,
        'seen' => OnPaperView::class,
        'histogram' => HistogramView::class,
        'pixels' => PixelsView::class,
        'weight' => WeightView::class,
    ];

    /** @var array<string, string> what those answer that are no pictures: shapes of core/OrderFile/answers.schema.json */
    public const ANSWERS = ['seen' => 'OnPaper', 'histogram' => 'Histograms', 'weight' => 'Note'];
}
