<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Password;

class PreferencesController extends Controller
{
    public function update(Request $request): RedirectResponse
    {
        $rules = array_map(fn (array $values): array => ['required', Rule::in($values)], User::PREFERENCES);
        $typed = $request->validate($rules + ['own_time_zone' => ['nullable', 'timezone:all']]);
        $zone = $typed['own_time_zone'] ?? null;
        unset($typed['own_time_zone']);
        $this->user($request)->update(['preferences' => $typed + ($zone === null ? [] : ['time_zone' => $zone])]);

        return back()->with('said', 'Saved for you.');
    }

    public function password(Request $request): RedirectResponse
    {
        Gate::authorize('change-password');
        $typed = $request->validate(['current_password' => ['required', 'current_password'], 'password' => ['required', 'confirmed', Password::defaults()]]);
        $this->user($request)->update(['password' => $typed['password']]);
        Auth::logoutOtherDevices($typed['password']);
        $request->session()->regenerate();

        return back()->with('said', 'Your password is changed, and every other device is signed out.');
    }
}
