<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ConfirmSecond;
use App\Http\Requests\WithPassword;
use App\Models\AuditKind;
use App\People\Audit;
use App\People\SecondStep;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** A second step of signing in, for whoever wants one. */
class SecondStepController extends Controller
{
    public function __construct(private readonly SecondStep $step, private readonly Audit $audit)
    {
    }

    public function store(WithPassword $request): RedirectResponse
    {
        $user = $this->user($request);
        if (! $user->hasSecondStep()) {
            $this->step->begin($user);
        }

        return redirect()->to(route('account').'#second-step');
    }

    public function confirm(ConfirmSecond $request): RedirectResponse
    {
        $user = $this->user($request);
        $typed = (string) preg_replace('/\s+/', '', (string) $request->validated('code'));
        $codes = $this->step->confirm($user, $typed);
        if ($codes === null) {
            throw ValidationException::withMessages(['code' => say('http.second.not-that')]);
        }
        $this->audit->note($user, AuditKind::SecondOn);

        return redirect()->to(route('account').'#second-step')
            ->with(['said' => say('http.second.on'), 'codes' => $codes]);
    }

    /** New codes on paper. */
    public function renew(WithPassword $request): RedirectResponse
    {
        $user = $this->user($request);
        abort_unless($user->hasSecondStep(), 404);
        $this->audit->note($user, AuditKind::RecoveryRenewed);

        return redirect()->to(route('account').'#second-step')
            ->with(['said' => say('http.second.renewed'), 'codes' => $this->step->renew($user)]);
    }

    public function destroy(WithPassword $request): RedirectResponse
    {
        $user = $this->user($request);
        $was = $user->hasSecondStep();
        $this->step->end($user);
        $was ? $this->audit->note($user, AuditKind::SecondOff) : null;

        return redirect()->to(route('account').'#second-step')->with('said', say('http.second.off'));
    }
}
