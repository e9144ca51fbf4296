<?php

declare(strict_types=1);

namespace App\View;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A page of words and drawings as a PDF: nothing is fetched for it, and its letters are within it. */
final class PdfPages
{
    /** @param  string  $paper  a4 or letter */
    public static function of(string $html, string $title, string $paper, string $orientation = 'portrait'): string
    {
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setDefaultFont('DejaVu Sans');
        $options->setIsFontSubsettingEnabled(true);
        $pdf = new Dompdf($options);
        $pdf->setPaper($paper, $orientation);
        $pdf->addInfo('Title', $title);
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }
}
