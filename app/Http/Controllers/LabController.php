<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LookInLab;
use App\Planning\ShopMapper;
use App\View\LabPlan;
use App\View\Show;
use HonestGrain\Abrasive\AskedSurface;
use HonestGrain\Abrasive\Exception\Unreachable;
use HonestGrain\Abrasive\Finish;
use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\Method;
use HonestGrain\Abrasive\Progression;
use HonestGrain\Abrasive\SandingJob;
use HonestGrain\Abrasive\SandingRates;
use HonestGrain\Abrasive\ScratchModel;
use HonestGrain\Abrasive\ToolMark;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Contracts\View\View;

/** The grit lab: two plans side by side on a piece of wood that nobody has to spend. */
class LabController extends Controller
{
    public function show(LookInLab $request, ShopMapper $mapper, Catalogue $catalogue, Show $show): View
    {
        $workshop = $this->workshop($request);
        $table = $catalogue->abrasives();
        $calibration = $catalogue->calibration();
        $question = $request->question($table, $show);
        $woods = $mapper->tables($workshop)->woods;
        $wood = $woods->named($question->wood);
        $figures = $calibration->sanding;
        $model = ScratchModel::on(
            $figures, $wood->figures->jankaN ?? $figures->referenceHardnessN, $question->speedMPerS,
        );
        $asked = AskedSurface::under($question->finish, $wood, $calibration->asked);
        $job = SandingJob::of(
            $question->cut->tornUm($figures) ?? $question->cut->um($figures), $model->valleyOf($asked->limitMicron),
            null, $question->areaCm2 * 100, $model, SandingRates::of(
                $figures, Method::Hand->padMm2($figures),
                alongGrainMinutesPer100Cm2: $figures->alongGrainMinutesPer100Cm2,
            ),
        );
        $shelf = $table->allNamed($workshop->grits(), 'abrasives');
        usort($shelf, fn ($a, $b): int => $b->micron <=> $a->micron);
        try {
            $least = Progression::shortest(
                $job, array_values(array_filter($shelf, fn (Grit $grit): bool => $grit->kind === null)), $table,
            )->gritNames();
        } catch (Unreachable) {
            $least = [];
        }

        return view('lab', [
            'question' => $question, 'woods' => $woods->names(), 'cuts' => ToolMark::cases(),
            'finishes' => Finish::cases(), 'shelf' => $shelf, 'least' => $least, 'job' => $job,
            'told' => say('http.lab.asked', [
                'um' => $show->plain($asked->limitMicron), 'because' => $asked->because,
            ]),
            'hardness' => $wood->figures->jankaN === null ? say('http.lab.no-hardness-known-reckoned')
                : number_format($wood->figures->jankaN).' N', 'rgb' => $wood->nature->rgb, 'plans' => array_map(
                    fn (string $key): LabPlan => new LabPlan(
                        $key, $question->plans[$key], $job, $question->seed, $question->pass, $show,
                    ), ['a', 'b'],
                ),
        ]);
    }
}
