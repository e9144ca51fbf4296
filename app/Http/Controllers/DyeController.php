<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveDye;
use App\Models\Dye;
use Illuminate\Http\RedirectResponse;

/** The dyes on the shelf, whose mixtures the wheel shows. */
class DyeController extends Controller
{
    private const MOST = 24;

    public function store(SaveDye $request): RedirectResponse
    {
        $workshop = $this->workshop($request);
        $name = $request->validated('dye_name');
        $isNew = ! $workshop->dyes()->where('name', $name)->exists();
        if ($isNew && $workshop->dyes()->count() >= self::MOST) {
            return back()->withInput()->withErrors(['dye_name' => say('http.dye.wheel-takes-up-dyes', [
                'most' => self::MOST,
            ])]);
        }
        $workshop->dyes()->updateOrCreate(['name' => $name], $request->dye());

        return back()->with('said', $isNew ? say('http.dye.wheel', ['name' => $name]) : say('http.dye.changed', [
            'name' => $name,
        ]));
    }

    public function destroy(Dye $dye): RedirectResponse
    {
        $dye->delete();

        return back()->with('said', say('http.dye.no-longer-wheel', ['dye' => $dye->name]));
    }
}
