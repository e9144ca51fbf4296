<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Register;
use App\Models\Kept\Choices;
use App\Models\Role;
use App\Models\Workshop;
use HonestGrain\Route\Bench;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

class RegisterController extends Controller
{
    public function create(): View
    {
        return view('auth.register');
    }

    public function store(Register $request): RedirectResponse
    {
        $typed = $request->validated();
        $user = $this->adding($request, 'email', fn () => DB::transaction(function () use ($typed) {
            $workshop = Workshop::create(['name' => $typed['workshop'], 'time_zone' => $typed['time_zone']]);
            $workshop->abrasives()->createMany(
                array_map(fn (string $grit): array => ['grit' => $grit, 'discs' => 10], Bench::USUAL_GRITS),
            );

            return $workshop->users()->create(
                [
                    'name' => $typed['name'], 'email' => $typed['email'], 'password' => $typed['password'],
                    'role' => Role::Owner, 'preferences' => new Choices(['visit' => '1']),
                ],
            );
        }));
        Auth::login($user);
        $request->session()->regenerate();

        return redirect()->route('pieces.create')->with(
            'said',
            say('http.register.welcome-shop-usual-hours'),
        );
    }
}
