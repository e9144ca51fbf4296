<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Spreadsheet;
use App\Models\OwnMix;
use App\Models\OwnWood;
use App\Models\Piece;
use App\Planning\ShopMapper;
use App\View\DownloadName;
use App\View\Show;
use HonestGrain\Drawing\Elevation;
use HonestGrain\Piece\Coat;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

class PieceExportController extends Controller
{
    public function json(Request $request, Piece $piece, ShopMapper $mapper): Response
    {
        $core = $mapper->piece($piece->workshop, $piece->document);
        $document = $core->toArray() + $this->woods($piece, $core) + $this->mixes($piece, $core);

        return $this->download(
            json_encode(
                $document, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            )."\n",
            'application/json; charset=UTF-8', 'json', $piece->name,
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
        $woods = $piece->workshop->woods->whereIn('name', $used)
            ->map(fn (OwnWood $own): array => $own->typed->fields())->values()->all();

        return $woods === [] ? [] : ['woods' => $woods];
    }

    /**
     * The mixes of the workshop's own that it is coated with.
     *
     * @return array<string, mixed>
     */
    private function mixes(Piece $piece, CorePiece $core): array
    {
        $used = [];
        foreach ($core->parts as $part) {
            foreach ($part->coatPlans as $plan) {
                $used = [...$used, ...array_map(fn (Coat $coat): string => $coat->coating->class, $plan->coats)];
            }
        }
        $mixes = $piece->workshop->mixes->whereIn('name', $used)
            ->map(fn (OwnMix $own): array => $own->typed->fields())->values()->all();

        return $mixes === [] ? [] : ['mixes' => $mixes];
    }

    public function svg(Request $request, Piece $piece, ShopMapper $mapper, Show $show): Response
    {
        $core = $mapper->piece($piece->workshop, $piece->document);

        $part = $this->part($request, $core);
        $name = $core->hasParts() ? "$core->name, ".mb_lcfirst($part->name) : $core->name;

        return $this->download(
            $show->drawn(Elevation::of($part, $name)->trueSize()), 'image/svg+xml; charset=UTF-8', 'svg',
            ...[$piece->name, ...$core->hasParts() ? [$part->name] : [], 'drawing'],
        );
    }

    public function csv(Request $request, Piece $piece, Show $show): StreamedResponse
    {
        $rows = function () use ($piece, $show): iterable {
            foreach ($piece->plannedSteps as $step) {
                $d = $step->details;
                yield [
                    $step->position + 1, $step->step, $step->part, $show->said($step->title), $step->minutes,
                    $step->state->value,
                    $step->start_at?->toIso8601ZuluString(), $step->end_at?->toIso8601ZuluString(),
                    $d->wait['min_hours'] ?? 0, $d->wait['max_hours'] ?? null, $step->product, $d->amount?->ml(),
                    $show->said($d->hold), $d->speedRpm, $show->said($d->because),
                ];
            }
        };

        return Spreadsheet::download(DownloadName::of([$piece->name, 'route'], 'csv'), [
            'position', 'step', 'part', 'title', 'minutes', 'state', 'start_utc', 'end_utc',
            'wait_min_reference_hours', 'wait_max_reference_hours', 'product', 'amount_ml', 'hold', 'speed_rpm',
            'because',
        ], $rows());
    }
}
