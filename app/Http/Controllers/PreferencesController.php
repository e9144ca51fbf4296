<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangePassword;
use App\Http\Requests\SavePreferences;
use App\Models\Kept\Choices;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;

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
        $more += ['tone' => $this->user($request)->prefers('tone')];
        $this->user($request)->update(['preferences' => new Choices($typed + $more)]);

        return back()->with('said', say('http.preferences.saved-you'));
    }

    public function password(ChangePassword $request): RedirectResponse
    {
        $typed = $request->validated();
        $this->user($request)->update(['password' => $typed['password']]);
        Auth::logoutOtherDevices($typed['password']);
        $request->session()->regenerate();

        return back()->with('said', say('http.preferences.your-password-changed-every'));
    }
}
