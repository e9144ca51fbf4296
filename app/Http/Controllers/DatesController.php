<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\PieceState;
use App\View\DatesPage;
use App\View\PieceShelf;
use App\View\Show;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;

/** What is ready when, and nothing else: for a gallery, or for whoever waits. */
class DatesController extends Controller
{
    public function show(Request $request, Show $show): View
    {
        $pieces = $this->workshop($request)->pieces()->whereIn('state', [PieceState::Working, PieceState::Done])
            ->orderByRaw('isnull(ready_at)')->orderBy('ready_at')->orderBy('name')->orderBy('id')
            ->simplePaginate(DatesPage::PIECES, [
                'id', 'name', 'wood', 'state', 'ready_at', 'drawing', 'diameter_mm', 'height_mm',
            ]);
        $shelf = new PieceShelf($pieces->items(), new Collection, $show);

        return view('dates', ['page' => new DatesPage($pieces, $shelf, $show)]);
    }
}
