<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\View\AuditPage;
use App\View\Show;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** What was done with who may sign in. */
class AuditController extends Controller
{
    private const A_PAGE = 100;

    public function index(Request $request, Show $show): View
    {
        $workshop = $this->workshop($request);
        $entries = $workshop->audit()->latest('id')->simplePaginate(self::A_PAGE);

        return view('shop.audit', ['page' => new AuditPage($entries, $workshop->is_demo, $show)]);
    }
}
