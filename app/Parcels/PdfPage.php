<?php

declare(strict_types=1);

namespace App\Parcels;

use App\Models\Studio;
use Dompdf\Dompdf;
use Dompdf\Options;
use Planisher\Measure\Unit;

/** A view as a PDF, on Letter where the studio measures in inches, else on A4; the margins suit both. Nothing is fetched for it. */
final class PdfPage
{
    private const DOTS_PER_INCH = 96;

    /** @param  array<string, mixed>  $told */
    public static function pdf(string $view, array $told): string
    {
        $options = new Options();
        $options->setIsRemoteEnabled(false)->setIsPhpEnabled(false)->setDefaultFont('DejaVu Sans')->setDpi(self::DOTS_PER_INCH);
        $options
            ->setChroot([storage_path('app/proxies'), storage_path('app/scratch')])
            ->setTempDir(sys_get_temp_dir())
            ->setFontCache(sys_get_temp_dir());
        $pdf = new Dompdf($options);
        $pdf->setPaper(Studio::current()->unit === Unit::Inch ? 'letter' : 'a4');
        $pdf->loadHtml(view($view, $told)->render());
        $pdf->render();

        return (string) $pdf->output();
    }
}
