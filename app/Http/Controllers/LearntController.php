<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\UseLearnt;
use App\Planning\Learner;
use App\Planning\Planner;
use App\View\LearntPage;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What the bench has taught: factors beside the model's, each of which can be left out again. */
class LearntController extends Controller
{
    public function show(Request $request, Learner $learner, Catalogue $catalogue, Show $show): View
    {
        $workshop = $this->workshop($request);

        return view('shop.learnt', ['page' => new LearntPage(
            $workshop, $learner->records($workshop), $catalogue->calibration(), $show,
        )]);
    }

    public function update(UseLearnt $request, Learner $learner, Planner $planner): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $planner->apply($workshop, fn () => $learner->use(
            $workshop, $request->sandingMethod(), $request->family(), $request->boolean('use'),
        ));

        return back()->with('said', $request->boolean('use') ? say('http.learnt.counts-again-every-plan')
            : say('http.learnt.left-out-model-stands'));
    }
}
