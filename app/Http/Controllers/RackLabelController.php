<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\View\RackShelf;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Labels for the wood, to print. */
class RackLabelController extends Controller
{
    private const MOST = 40;

    public function index(Request $request, Show $show, Catalogue $catalogue): View
    {
        $numbers = array_filter(array_map(intval(...), preg_split(
            '/[\s,;]+/', $request->string('numbers')->toString(),
        ) ?: []));
        $blanks = $this->workshop($request)->blanks()->onRack()
            ->when($numbers !== [], fn ($query) => $query->whereIn('number', $numbers))
            ->orderBy('number')->limit(self::MOST)->get();

        return view('rack.labels', [
            'blanks' => $blanks, 'shelf' => new RackShelf(
                $blanks->all(), $catalogue->calibration()->drying, $show,
            ), 'numbers' => implode(', ', $numbers),
            'paper' => $request->query('paper') === 'letter' ? 'letter' : 'A4',
        ]);
    }
}
