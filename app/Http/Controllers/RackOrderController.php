<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FindBlank;
use App\Planning\Airs;
use App\Planning\ShopMapper;
use App\View\RackShelf;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Form;
use HonestGrain\Rack\DryingState;
use HonestGrain\Rack\Largest;
use Illuminate\Contracts\View\View;

/** What can be made for an order from what is ready. */
class RackOrderController extends Controller
{
    private const MOST_LOOKED_AT = 200;

    /** What is ready for an order: the blanks that a form and its sizes come out of, sound ones first. */
    public function index(FindBlank $request, ShopMapper $mapper, Airs $airs, Catalogue $catalogue, Show $show): View
    {
        $workshop = $this->workshop($request);
        $form = Form::tryFrom($request->string('form')->toString()) ?? Form::DeepBowl;
        $wanted = $request->wanted($show, $form);
        $found = $settles = [];
        $woods = $mapper->tables($workshop)->woods;
        if ($wanted !== null) {
            $ready = $workshop->blanks()->onRack()->where('drying', DryingState::Ready)->with('air')
                ->whereNull('piece_id')->limit(self::MOST_LOOKED_AT);
            foreach ($ready->get() as $blank) {
                $core = $blank->core();
                $emc = $settles[$blank->air_id ?? 0] ??= $airs->equilibriumPercent($workshop, $blank->air);
                $largest = Largest::outOf($core, $woods->named($core->wood), $catalogue->calibration(), $emc);
                if ($largest->fits($wanted->diameterMm(), $wanted->heightMm(), $request->wallMm($show))
                    && $largest->coversOutside($wanted)) {
                    $found[] = [$blank, $largest, $largest->wasted($wanted), $core->flaws];
                }
            }
        }
        usort($found, fn (array $a, array $b): int => [$a[3] !== [], $a[2]] <=> [$b[3] !== [], $b[2]]);

        return view('rack.for', [
            'form' => $form, 'wanted' => $wanted, 'found' => $found, 'forms' => Form::cases(),
            'shelf' => new RackShelf(array_column($found, 0), $catalogue->calibration()->drying, $show),
        ]);
    }
}
