<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Models\Workshop;
use App\Planning\VersionConflict;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

abstract class Controller
{
    protected function user(Request $request): User
    {
        /** @var User */
        return $request->user();
    }

    protected function workshop(Request $request): Workshop
    {
        return $this->user($request)->workshop;
    }

    /**
     * Runs a change to a piece; where another tab was faster, nothing is written and the typed values stay.
     *
     * @param  Closure(int): mixed  $change  given the version the page was made from
     */
    protected function changing(Request $request, Closure $change, string $said): RedirectResponse
    {
        $seen = $request->validate(['version' => ['required', 'integer', 'min:1']])['version'];
        try {
            $change((int) $seen);
        } catch (VersionConflict) {
            return back()->withInput()->withErrors(['version' => 'This piece has been changed since you opened the page, in another tab or by someone else. Your change was not saved; the page now shows the piece as it is. Make your change again.']);
        }

        return back()->with('said', $said);
    }
}
