<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\LogEntry;
use App\Pictures\Photos;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The photograph of an entry, to those of its workshop. */
class PhotoController extends Controller
{
    public function show(LogEntry $entry, Photos $photos): BinaryFileResponse
    {
        return $this->photograph($photos->of($entry));
    }
}
