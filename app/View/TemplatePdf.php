<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Drawing\Tiling;

/**
 * A template as pages to print at true size: tiled where it is larger than a sheet, each tile lapping over the next.
 */
final class TemplatePdf
{
    /** @param  string  $paper  a4 or letter */
    public static function of(string $svg, string $title, string $paper): string
    {
        $tiling = Tiling::ofSvg($svg, $paper);
        $html = view('print.template', [
            'title' => $title, 'tiling' => $tiling,
            'where' => fn (int $n, int $column, int $row): string => say('view.template-pdf.where', [
                'page' => $n + 1, 'pages' => count($tiling->tiles()), 'column' => $column + 1, 'row' => $row + 1,
            ]),
            'box' => fn (float ...$mm): string => vsprintf('left:%Fmm;top:%Fmm;width:%Fmm;height:%Fmm', $mm),
            'drawing' => fn (float $x, float $y): string => 'data:image/'
                .'svg+xml;base64,'.base64_encode(self::unitless($tiling->onSheet($svg, $x, $y))),
        ])->render();

        return PdfPages::of($html, $title, $paper, $tiling->orientation() === 'L' ? 'landscape' : 'portrait');
    }

    /** The page says how many mm it is wide; a size of its own in mm would be taken twice. Its letters are embedded. */
    private static function unitless(string $svg): string
    {
        return (string) preg_replace(
            ['/ width="([\d.]+)mm" height="([\d.]+)mm"/', '/ font-family="[^"]*"/', '/<text /'],
            [' width="$1" height="$2"', '', '<text font-family="DejaVu Sans" '], $svg,
        );
    }
}
