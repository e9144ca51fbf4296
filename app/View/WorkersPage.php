<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Invitation;
use App\Models\User;
use App\Models\Worker;
use App\Models\Workshop;
use HonestGrain\Route\Skill;
use Illuminate\Database\Eloquent\Collection;

/** The people of a shop as its page has them in fields. */
final readonly class WorkersPage
{
    /** @var Collection<int, Worker> */
    public Collection $workers;

    /** @var Collection<int, User> */
    public Collection $users;

    /** @var Collection<int, Invitation> that nobody has followed yet */
    public Collection $invitations;

    public function __construct(private Workshop $workshop)
    {
        $this->invitations = $workshop->invitations()->get();
        $this->workers = $workshop->workers;
        $this->users = $workshop->users()->orderBy('id')->get();
    }

    /** "08:00-12:00, 13:00-17:00"; the shop's own where they have none. */
    public function hours(?Worker $worker, string $day): string
    {
        return self::stretches(($worker->hours ?? $this->workshop->hours)->on($day));
    }

    /** "until Tue 8 Dec" */
    public function until(Invitation $invitation, Show $show): string
    {
        return $invitation->hasEnded() ? say('view.workers-page.ended')
            : say('view.workers-page.until', ['day' => $show->day($invitation->ends_at)]);
    }

    /** "Idris Pell: in hours of their own; sanding, coats and buffing" */
    public function line(Worker $worker): string
    {
        return say('view.workers-page.line', [
            'name' => $worker->name,
            'hours' => say($worker->hours === null ? 'view.workers-page.shops-hours' : 'view.workers-page.own-hours'),
            'skills' => $worker->skills === [] ? say('view.workers-page.everything') : implode(', ', array_map(
                fn (string $skill): string => $this->skills()[$skill] ?? $skill, $worker->skills,
            )),
        ]);
    }

    public function also(?Worker $worker): string
    {
        $days = [];
        foreach ($worker->also->dates ?? [] as $date => $stretches) {
            $days[] = "$date ".self::stretches($stretches);
        }

        return implode('; ', $days);
    }

    /** @return array<string, string> skill => its word */
    public function skills(): array
    {
        return array_combine(Skill::names(), array_map(
            fn (string $skill): string => say("view.workers-page.skill.$skill"), Skill::names(),
        ));
    }

    /** Whether somebody does that work, as their form has it ticked; whoever is new does everything. */
    public function does(?Worker $worker, string $skill): bool
    {
        return $this->isAsked($worker) ? in_array($skill, (array) old('skills', []), true)
            : $worker === null || $worker->canDo(Skill::from($skill));
    }

    /** Whether the form that was refused is theirs; that of somebody new where nobody is given. */
    public function isAsked(?Worker $worker): bool
    {
        return old('keeps') !== null && old('whose') === ($worker === null ? null : (string) $worker->id);
    }

    /** What nobody here has learnt. */
    public function missing(): string
    {
        $missing = array_filter($this->skills(), fn (string $skill): bool => $this->workers->isNotEmpty()
            && ! $this->workers->contains(fn (Worker $worker): bool => $worker->canDo(Skill::from($skill))),
            ARRAY_FILTER_USE_KEY);

        return $missing === [] ? '' : say('view.workers-page.missing', [
            'skills' => implode(', ', $missing),
        ]);
    }

    /** @param  list<array{string, string}>  $stretches */
    private static function stretches(array $stretches): string
    {
        return implode(', ', array_map(fn (array $one): string => "$one[0]-$one[1]", $stretches));
    }
}
