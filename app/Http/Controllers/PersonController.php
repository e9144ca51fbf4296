<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRole;
use App\Models\AuditKind;
use App\Models\Role;
use App\Models\User;
use App\People\Audit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** Who may sign in at a workshop, and what they may do there. */
class PersonController extends Controller
{
    public function __construct(private readonly Audit $audit)
    {
    }

    public function update(ChangeRole $request, User $person): RedirectResponse
    {
        if ($person->is($request->user())) {
            throw ValidationException::withMessages(['role' => say('http.shop.not-your-own-role')]);
        }
        $role = Role::from((string) $request->validated('role'));
        $this->asOwner($request, 'role', function () use ($request, $person, $role): void {
            $person->update(['role' => $role]);
            $this->audit->note($this->user($request), AuditKind::RoleChanged, "$person->name: $role->value");
        });

        return back()->with('said', say('http.shop.role-changed', [
            'name' => $person->name, 'role' => say("models.role.$role->value"),
        ]));
    }

    public function destroy(Request $request, User $person): RedirectResponse
    {
        Gate::authorize('change-people');
        if ($person->is($request->user())) {
            throw ValidationException::withMessages(['person' => say('http.shop.you-cannot-take-yourself')]);
        }
        $this->asOwner($request, 'person', function () use ($request, $person): void {
            $person->delete();
            $this->audit->note($this->user($request), AuditKind::Removed, $person->email);
        });

        return back()->with('said', say('http.shop.can-no-longer-sign', ['person' => $person->name]));
    }

    /** Two owners may take each other out at once: the second is one no more. */
    private function asOwner(Request $request, string $field, \Closure $change): void
    {
        $workshop = $this->workshop($request);
        DB::transaction(function () use ($request, $workshop, $field, $change): void {
            $workshop->lock();
            $stays = $workshop->users()->whereKey($this->user($request)->id)->where('role', Role::Owner)->exists();
            if (! $stays) {
                throw ValidationException::withMessages([$field => say('http.shop.you-no-longer-owner')]);
            }
            $change();
        });
    }
}
