<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Register;
use App\People\Letters;
use App\Planning\NewWorkshop;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;

class RegisterController extends Controller
{
    public function create(): View
    {
        return view('auth.register');
    }

    public function store(Register $request, NewWorkshop $new, Letters $letters): RedirectResponse
    {
        $typed = $request->validated();
        $user = $this->adding($request, 'email', fn () => $new->open(
            name: $typed['workshop'], timeZone: $typed['time_zone'], owner: $typed['name'], email: $typed['email'],
            password: $typed['password'],
        ));
        $letters->confirm($user);
        Auth::login($user);
        $request->session()->regenerate();

        return redirect()->route('pieces.create')->with(
            'said',
            say('http.register.welcome-shop-usual-hours'),
        );
    }
}
