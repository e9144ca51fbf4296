<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Planning\ShopMapper;
use HonestGrain\Drawing\Elevation;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;

class PieceExportController extends Controller
{
    public function json(Request $request, Piece $piece, ShopMapper $mapper): Response
    {
        $core = $mapper->piece($piece->workshop, $piece->document);
        $document = $core->toArray() + $this->woods($piece, $core);

        return $this->file(
            json_encode(
                $document, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            )."\n",
            'application/json', $piece, 'json',
        );
    }

    /**
     * The workshop's own woods that it is made of, so that the document can be read elsewhere.
     *
     * @return array<string, mixed>
     */
    private function woods(Piece $piece, CorePiece $core): array
    {
        $used = array_map(fn (Part $part): string => $part->wood->name, $core->parts);
        $woods = $piece->workshop->woods->whereIn('name', $used)->pluck('typed')->values()->all();

        return $woods === [] ? [] : ['woods' => $woods];
    }

    public function svg(Request $request, Piece $piece, ShopMapper $mapper): Response
    {
        $core = $mapper->piece($piece->workshop, $piece->document);

        $part = $this->part($request, $core);
        $name = $core->hasParts() ? "$core->name, ".lcfirst($part->name) : $core->name;

        return $this->file(Elevation::of($part, $name)->trueSize(), 'image/svg+xml', $piece, 'svg');
    }

    public function csv(Request $request, Piece $piece): StreamedResponse
    {
        return response()->streamDownload(function () use ($piece): void {
            $out = fopen('php://output', 'w');
            if ($out === false) {
                return;
            }
            $write = fn (array $cells) => fputcsv($out, array_map($this->plain(...), $cells), ',', '"', '', "\r\n");
            $write([
                'position', 'step', 'part', 'title', 'minutes', 'state', 'start_utc', 'end_utc',
                'wait_min_reference_hours', 'wait_max_reference_hours', 'product', 'amount_ml', 'hold', 'speed_rpm',
                'because',
            ]);
            foreach ($piece->plannedSteps as $step) {
                $d = $step->details;
                $write([
                    $step->position + 1, $step->step, $step->part, $step->title, $step->minutes, $step->state,
                    $step->start_at?->toIso8601ZuluString(), $step->end_at?->toIso8601ZuluString(),
                    $d->wait['min_hours'] ?? 0, $d->wait['max_hours'] ?? null, $step->product, $d->amount?->ml(),
                    $d->hold, $d->speedRpm, $d->because,
                ]);
            }
        }, $this->name($piece, 'csv'), ['Content-Type' => 'text/csv; charset=UTF-8']);
    }

    /** A cell that a spreadsheet would run as a formula is made plain text. */
    private function plain(mixed $cell): string
    {
        $text = (string) $cell;

        return preg_match('/^[=+\-@\t\r]/', $text) === 1 && ! is_numeric($text) ? "'$text" : $text;
    }

    private function file(string $content, string $type, Piece $piece, string $extension): Response
    {
        return response(
            $content, 200,
            [
                'Content-Type' => "$type; charset=UTF-8",
                'Content-Disposition' => 'attachment; filename="'.$this->name($piece, $extension).'"',
            ],
        );
    }

    private function name(Piece $piece, string $extension): string
    {
        return (Str::slug($piece->name) ?: 'piece').".$extension";
    }
}
