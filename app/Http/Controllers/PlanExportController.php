<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Spreadsheet;
use App\View\DownloadName;
use App\View\PlanDocument;
use App\View\Show;
use App\View\WeekDay;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The plan for other programs: all of it as a document, a week of it as a table. */
class PlanExportController extends Controller
{
    public function json(Request $request, Show $show): JsonResponse
    {
        $workshop = $this->workshop($request);
        $name = DownloadName::of([$workshop->name, 'plan'], 'json');

        return response()->json(
            PlanDocument::of($workshop, $show), 200, ['Content-Disposition' => "attachment; filename=\"$name\""],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    public function csv(Request $request, Show $show): StreamedResponse
    {
        $workshop = $this->workshop($request);
        $week = WeekDay::week($workshop, $request->integer('week'));
        $rows = function () use ($week, $show): iterable {
            foreach ($week as $day) {
                foreach ($day->steps as $step) {
                    yield [
                        $day->day->toDateString(), $step->start_at?->toIso8601ZuluString(),
                        $step->end_at?->toIso8601ZuluString(), $step->piece->name, $show->said($step->title),
                        $step->minutes, $day->who($step), $step->closes_at?->toIso8601ZuluString(),
                        $step->must_at?->toIso8601ZuluString(),
                    ];
                }
            }
        };

        return Spreadsheet::download(DownloadName::of([$workshop->name, 'week'], 'csv'), [
            'day', 'start_utc', 'end_utc', 'piece', 'step', 'minutes', 'who', 'window_closes_utc', 'must_start_utc',
        ], $rows());
    }
}
