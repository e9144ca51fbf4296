<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\View\CalendarFeed;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

class CalendarController extends Controller
{
    public function file(Request $request, CalendarFeed $feed): Response
    {
        return $this->calendar($feed->of($this->user($request)), true);
    }

    /** For a calendar program: the address is one person's key, and ends with them; it can be renewed under Shop. */
    public function subscription(string $token, CalendarFeed $feed): Response
    {
        $user = User::query()->where('calendar_token', $token)->first();
        abort_if($user === null || $user->isReader() || ! hash_equals($user->calendar_token, $token), 404);

        return $this->calendar($feed->of($user), false);
    }

    private function calendar(string $text, bool $download): Response
    {
        return response($text, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, max-age=300',
        ]
            + ($download ? ['Content-Disposition' => 'attachment; filename="honest-grain.ics"'] : []));
    }
}
