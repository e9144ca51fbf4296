<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Models\User;
use App\Models\Workshop;
use App\Planning\VersionConflict;
use App\View\Show;
use Carbon\CarbonInterface;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

abstract class Controller
{
    /** Dates that differ by less are the same to a maker. */
    private const SAME_MINUTES = 10;

    protected function user(Request $request): User
    {
        /** @var User */
        return $request->user();
    }

    protected function workshop(Request $request): Workshop
    {
        return $this->user($request)->workshop;
    }

    /** The key of a form that makes something, so that sending it twice makes one. */
    protected function once(Request $request): ?string
    {
        return $request->validate(['once' => ['nullable', 'string', 'alpha_num', 'max:40']])['once'] ?? null;
    }

    /**
     * Runs a change to a piece, and says what it does to the date; where another tab was faster, nothing
     * is written and the typed values stay.
     *
     * @param  Closure(int): mixed  $change  given the version the page was made from
     */
    protected function changing(Request $request, Piece $piece, Closure $change, string $said): RedirectResponse
    {
        $before = $piece->ready_at;
        $seen = $request->validate(['version' => ['required', 'integer', 'min:1']])['version'];
        try {
            $change((int) $seen);
        } catch (VersionConflict) {
            return back()->withInput()->withErrors(['version' => 'This piece has been changed since you opened the page, in another tab or by someone else. Your change was not saved; the page now shows the piece as it is. Make your change again.']);
        }

        return back()->with('said', $said.$this->moved($before, $piece->refresh()->ready_at));
    }

    /** What a change did to the date of a piece, where a maker would notice. */
    protected function moved(?CarbonInterface $before, ?CarbonInterface $after, string $name = 'It'): string
    {
        if ($before === null || $after === null || abs($before->diffInMinutes($after)) < self::SAME_MINUTES) {
            return '';
        }
        $show = app(Show::class);

        return sprintf(' %s will be ready %s %s than before: %s.', $name, $show->hours(abs($before->diffInMinutes($after)) / 60), $after->gt($before) ? 'later' : 'sooner', $show->dayTime($after));
    }
}
