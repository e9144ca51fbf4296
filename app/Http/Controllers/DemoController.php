<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Workshop;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

class DemoController extends Controller
{
    public function store(Request $request): RedirectResponse
    {
        $user = Workshop::query()->where('is_demo', true)->first()?->users()->orderBy('id')->first();
        if ($user === null) {
            return back()->withErrors(['demo' => 'The demo workshop has not been made on this machine. Run bin/start --fresh, or register a workshop of your own.']);
        }
        Auth::login($user);
        $request->session()->regenerate();

        return redirect('/bench');
    }
}
