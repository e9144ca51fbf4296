<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Blank;
use App\Planning\Photos;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The photograph of a blank. */
class BlankPhotoController extends Controller
{
    public function store(Request $request, Blank $blank, Photos $photos): RedirectResponse
    {
        $most = config('photos.most_kilobytes');
        $request->validate(['photo' => ['required', 'file', "max:$most"]], [
            'photo.max' => 'The photograph is too large; it takes up to '.round($most / 1000).' MB.',
        ]);
        $blank->update(['photo' => $photos->keep($this->workshop($request), $request->file('photo'))]);

        return back()->with('said', 'The photograph is kept.');
    }

    public function show(Blank $blank, Photos $photos): BinaryFileResponse
    {
        return response()->file(
            $photos->file($blank->workshop_id, (string) $blank->photo) ?? abort(404),
            ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400'],
        );
    }
}
