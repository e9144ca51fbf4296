<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CloseWorkshop;
use App\Http\Requests\LeaveAccount;
use App\Models\AuditKind;
use App\People\Audit;
use App\People\Leaving;
use App\People\Letters;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** The end of an account, and of a workshop: after two weeks in which either can be kept. */
class LeavingController extends Controller
{
    public function __construct(
        private readonly Leaving $leaving, private readonly Audit $audit, private readonly Letters $letters,
    ) {
    }

    public function leave(LeaveAccount $request): RedirectResponse
    {
        $user = $this->user($request);
        if ($this->leaving->isLastOwner($user)) {
            throw ValidationException::withMessages(['leave_password' => say('http.leaving.last-owner')]);
        }
        $this->leaving->leave($user);
        $this->audit->note($user, AuditKind::AccountLeaves);

        return back()->with('said', say('http.leaving.leaves', ['days' => Leaving::DAYS]));
    }

    public function stay(Request $request): RedirectResponse
    {
        $user = $this->user($request);
        $this->leaving->stay($user);
        $this->audit->note($user, AuditKind::AccountStays);

        return back()->with('said', say('http.leaving.stays'));
    }

    public function close(CloseWorkshop $request): RedirectResponse
    {
        $user = $this->user($request);
        $at = $this->leaving->close($user->workshop);
        $this->audit->note($user, AuditKind::WorkshopCloses);
        foreach ($user->workshop->users as $one) {
            $this->letters->closes($one->setRelation('workshop', $user->workshop), $user->name, $at);
        }

        return back()->with('said', say('http.leaving.closes', ['days' => Leaving::DAYS]));
    }

    public function keep(Request $request): RedirectResponse
    {
        Gate::authorize('change-people');
        $user = $this->user($request);
        $this->leaving->keep($user->workshop);
        $this->audit->note($user, AuditKind::WorkshopStays);

        return back()->with('said', say('http.leaving.kept', ['workshop' => $user->workshop->name]));
    }
}
