<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\LogEntry;
use App\Planning\Photos;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The photograph of an entry, to those of its workshop. */
class PhotoController extends Controller
{
    public function show(LogEntry $entry, Photos $photos): BinaryFileResponse
    {
        return response()->file($photos->of($entry) ?? abort(404), [
            'Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400',
        ]);
    }
}
