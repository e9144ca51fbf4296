<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\AuditKind;
use App\Models\User;
use App\People\Audit;
use App\People\Letters;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Whether an address is whose it is said to be. */
class ConfirmController extends Controller
{
    /** By the link of the letter, wherever it is opened. */
    public function show(Request $request, int $user, string $mark, Audit $audit): RedirectResponse
    {
        $of = $request->hasValidSignature() ? User::query()->find($user) : null;
        if ($of === null || ! hash_equals(Letters::mark($of->email), $mark)) {
            return redirect()->route('bench')->with('said', say('http.account.link-no-more'));
        }
        if ($of->email_verified_at === null) {
            $of->forceFill(['email_verified_at' => now()])->save();
            $audit->note($of, AuditKind::AddressConfirmed, $of->email);
        }

        return redirect()->route('bench')->with('said', say('http.account.confirmed', ['email' => $of->email]));
    }

    public function store(Request $request, Letters $letters): RedirectResponse
    {
        $letters->confirm($this->user($request));

        return back()->with('said', say('http.account.letter-sent', ['email' => $this->user($request)->email]));
    }
}
