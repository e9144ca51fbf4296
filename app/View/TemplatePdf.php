<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Drawing\Tiling;
use TCPDF;

/**
 * A template as pages to print at true size: tiled where it is larger than a sheet, each tile lapping over the next.
 */
final class TemplatePdf
{
    private const MARK_MM = 4.0;

    /** @param  string  $paper  a4 or letter */
    public static function of(string $svg, string $title, string $paper): string
    {
        $tiling = Tiling::ofSvg($svg, $paper);
        $pdf = new TCPDF($tiling->orientation(), 'mm', strtoupper($paper), true, 'UTF-8');
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->SetAutoPageBreak(false);
        $pdf->SetMargins(0, 0, 0);
        $pdf->SetTitle($title);
        $pdf->SetFont('helvetica', '', 8);
        foreach ($tiling->tiles() as $n => [$column, $row, $x, $y]) {
            $pdf->AddPage();
            [$left, $top, $wide, $high] = $tiling->window();
            $pdf->StartTransform();
            $pdf->Rect($left, $top, $wide, $high, 'CNZ');
            $pdf->ImageSVG('@'.$svg, $left - $x, $top - $y, $tiling->widthMm, $tiling->heightMm);
            $pdf->StopTransform();
            self::frame($pdf, $tiling, $column, $row);
            $pdf->Text($left, $top + $high + 3, sprintf(
                '%s. Page %d of %d: column %d, row %d. Print at 100 %%.', $title, $n + 1, count($tiling->tiles()),
                $column + 1, $row + 1,
            ));
            self::check($pdf, $left + $wide - Tiling::CHECK_MM, $top + $high + 8);
        }

        return $pdf->Output('', 'S');
    }

    /** Corners of the window, and lines where the next tile laps over this one. */
    private static function frame(TCPDF $pdf, Tiling $tiling, int $column, int $row): void
    {
        [$left, $top, $wide, $high] = $tiling->window();
        $pdf->SetLineStyle(['width' => 0.15, 'dash' => 0, 'color' => [0, 0, 0]]);
        foreach ([$left, $left + $wide] as $x) {
            foreach ([$top, $top + $high] as $y) {
                $pdf->Line($x - self::MARK_MM / 2, $y, $x + self::MARK_MM / 2, $y);
                $pdf->Line($x, $y - self::MARK_MM / 2, $x, $y + self::MARK_MM / 2);
            }
        }
        $pdf->SetLineStyle(['width' => 0.15, 'dash' => '1,2', 'color' => [120, 120, 120]]);
        if ($column < $tiling->columns - 1) {
            $pdf->Line($left + $wide - Tiling::LAP_MM, $top, $left + $wide - Tiling::LAP_MM, $top + $high);
        }
        if ($row < $tiling->rows - 1) {
            $pdf->Line($left, $top + $high - Tiling::LAP_MM, $left + $wide, $top + $high - Tiling::LAP_MM);
        }
    }

    private static function check(TCPDF $pdf, float $x, float $y): void
    {
        $pdf->SetLineStyle(['width' => 0.2, 'dash' => 0, 'color' => [0, 0, 0]]);
        $pdf->Line($x, $y, $x + Tiling::CHECK_MM, $y);
        $pdf->Line($x, $y - 1.5, $x, $y + 1.5);
        $pdf->Line($x + Tiling::CHECK_MM, $y - 1.5, $x + Tiling::CHECK_MM, $y + 1.5);
        $pdf->Text($x - 32, $y - 2, 'This line is 50 mm long');
    }
}
