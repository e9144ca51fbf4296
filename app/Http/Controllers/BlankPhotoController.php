<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\KeepPhoto;
use App\Models\Blank;
use App\Pictures\Photos;
use Illuminate\Http\RedirectResponse;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The photograph of a blank. */
class BlankPhotoController extends Controller
{
    public function store(KeepPhoto $request, Blank $blank, Photos $photos): RedirectResponse
    {
        $before = $blank->photo;
        $blank->update(['photo' => $photos->keep($this->workshop($request), $request->photo())]);
        $photos->forget($blank->workshop_id, $before);

        return back()->with('said', say('http.blank-photo.photograph-kept'));
    }

    public function show(Blank $blank, Photos $photos): BinaryFileResponse
    {
        return $this->photograph($photos->file($blank->workshop_id, (string) $blank->photo));
    }
}
