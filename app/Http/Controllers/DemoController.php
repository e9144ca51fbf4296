<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Demo\Visits;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Opens a demo workshop of the visitor's own, in which anything may be tried. */
class DemoController extends Controller
{
    public function store(Request $request, Visits $visits): RedirectResponse
    {
        Auth::login($visits->begin());
        $request->session()->regenerate();

        return redirect()->route('bench')->with(
            'said', say('http.demo.workshop-yours-alone-try'),
        );
    }
}
