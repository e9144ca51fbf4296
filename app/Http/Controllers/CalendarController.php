<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Workshop;
use App\Planning\CalendarFeed;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

class CalendarController extends Controller
{
    public function file(Request $request, CalendarFeed $feed): Response
    {
        return $this->calendar($feed->of($this->workshop($request)), true);
    }

    /** For a calendar program: the address itself is the key, and can be renewed under Shop. */
    public function subscription(string $token, CalendarFeed $feed): Response
    {
        $workshop = Workshop::query()->where('calendar_token', $token)->first();
        abort_if($workshop === null || ! hash_equals($workshop->calendar_token, $token), 404);

        return $this->calendar($feed->of($workshop), false);
    }

    private function calendar(string $text, bool $download): Response
    {
        return response($text, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, max-age=300',
        ]
            + ($download ? ['Content-Disposition' => 'attachment; filename="honest-grain.ics"'] : []));
    }
}
