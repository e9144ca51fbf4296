<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;
use App\Models\Kept\KeptCast;
use App\Models\Kept\OpenDays;
use App\Models\Kept\OpenHours;
use App\Models\Kept\Texts;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Skill;
use HonestGrain\Schedule\Person;
use HonestGrain\Schedule\WorkingHours;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A pair of hands in a shop: when they are there, and what they have learnt. Where a shop names nobody, there is one
 * pair, in the shop's hours, that does everything.
 *
 * @property int $id
 * @property int $workshop_id
 * @property int|null $user_id  who signs in as that person, if anybody does
 * @property string $name
 * @property OpenHours|null $hours  null: the shop's
 * @property OpenDays $also  single days on which they come besides
 * @property list<string> $away  dates
 * @property list<string> $skills  none: everything
 * @property Workshop $workshop
 */
class Worker extends Keeping
{
    protected $attributes = ['also' => '{}', 'away' => '[]'];

    protected $fillable = ['user_id', 'name', 'hours', 'also', 'away', 'skills'];

    protected function casts(): array
    {
        return [
            'hours' => KeptCast::of(OpenHours::class), 'also' => KeptCast::of(OpenDays::class),
            'away' => Texts::class, 'skills' => Texts::class,
        ];
    }

    /** @return BelongsTo<Workshop, $this> */
    public function workshop(): BelongsTo
    {
        return $this->belongsTo(Workshop::class);
    }

    /** Whether a step that asks for a skill may be theirs. */
    public function canDo(Skill $skill): bool
    {
        return $this->skills === [] || in_array($skill->value, $this->skills, true);
    }

    /** Whether they came on single dates alone, and the last of those is past. */
    public function isGone(Workshop $workshop): bool
    {
        $hours = $this->person($workshop)->hours;

        return ! $hours->goesOn() && $hours->lastDate() < now($workshop->time_zone)->toDateString();
    }

    /** As the scheduler takes them, in a shop's hours and closures. */
    public function person(Workshop $workshop): Person
    {
        $own = $this->hours === null ? $workshop->also->dates : [];
        $hours = WorkingHours::read(Document::of([
            'hours' => ($this->hours ?? $workshop->hours)->stretches,
            'closed' => [...$workshop->closed, ...$this->away],
            'also' => array_diff_key($this->also->dates + $own, array_flip($this->away)),
        ]), new \DateTimeZone($workshop->time_zone));

        return new Person((string) $this->id, $hours, $this->skills === [] ? Skill::names() : $this->skills);
    }
}
