<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Along\Packer;
use App\Along\Unpacker;
use App\Http\Requests\BringWorkshop;
use App\Models\AuditKind;
use App\People\Audit;
use App\View\DownloadName;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A whole workshop in one file, and back from it. */
class AlongController extends Controller
{
    public function show(Request $request, Unpacker $unpacker): View
    {
        return view('shop.along', ['isEmpty' => $unpacker->isEmpty($this->workshop($request))]);
    }

    public function pack(Request $request, Packer $packer, Audit $audit): BinaryFileResponse
    {
        $workshop = $this->workshop($request);
        $file = (string) tempnam(sys_get_temp_dir(), 'along');
        $packer->pack($workshop, $file);
        $audit->note($this->user($request), AuditKind::TakenAlong);

        return response()->download($file, DownloadName::of([$workshop->name], 'zip'), [
            'Content-Type' => 'application/zip',
        ])->deleteFileAfterSend();
    }

    public function bring(BringWorkshop $request, Unpacker $unpacker): RedirectResponse
    {
        $counts = $unpacker->bring(
            $this->workshop($request), (string) $request->file('archive')?->getRealPath(), Unpacker::ON_A_PAGE,
        );

        return redirect()->route('pieces.index')->with('said', say('http.along.brought', [
            'pieces' => $counts['pieces'], 'entries' => $counts['log_entries'], 'photos' => $counts['photographs'],
        ]));
    }
}
