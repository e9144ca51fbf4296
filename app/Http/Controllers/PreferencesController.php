<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SavePreferences;
use App\Models\Kept\Choices;
use App\View\FirstVisit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

class PreferencesController extends Controller
{
    public function update(SavePreferences $request): RedirectResponse
    {
        $typed = $request->validated();
        $more = array_filter([
            'time_zone' => $typed['own_time_zone'] ?? null,
            'quiet' => isset($typed['quiet_from']) ? "$typed[quiet_from]-$typed[quiet_until]" : null,
        ]);
        unset($typed['own_time_zone'], $typed['quiet_from'], $typed['quiet_until']);
        $had = $this->user($request)->preferences;
        $more += array_filter(
            ['tone' => $had->of('tone'), 'letters' => $had->of('letters'), 'visit' => $had->of('visit')],
        );
        $this->user($request)->update(['preferences' => new Choices($typed + $more)]);

        return back()->with('said', say('http.preferences.saved-you'));
    }

    /** On to the next of the first steps, or away from them. */
    public function visit(Request $request): RedirectResponse
    {
        $steps = [...range(1, count(FirstVisit::STEPS) + 1), 'left'];
        $typed = $request->validate(['visit' => ['required', Rule::in($steps)]]);
        $user = $this->user($request);
        $user->update(['preferences' => $user->preferences->with(['visit' => (string) $typed['visit']])]);

        return FirstVisit::of($user) === null
            ? back()->with('said', say('http.preferences.visit-over')) : back();
    }
}
