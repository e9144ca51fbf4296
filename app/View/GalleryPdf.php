<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use App\Models\Workshop;
use Dompdf\Dompdf;
use Dompdf\Options;

/** A list of finished pieces on paper, for whoever sells them. */
final class GalleryPdf
{
    /** @param  list<array{Piece, OwnerCard}>  $pieces */
    public static function of(Workshop $workshop, array $pieces, Show $show): string
    {
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setDefaultFont('DejaVu Sans');
        $options->setIsFontSubsettingEnabled(true);
        $pdf = new Dompdf($options);
        $pdf->setPaper('a4');
        $pdf->addInfo('Title', $workshop->name);
        $pdf->loadHtml(view('print.gallery', [
            'workshop' => $workshop, 'pieces' => $pieces, 'show' => $show,
        ])->render(), 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }
}
