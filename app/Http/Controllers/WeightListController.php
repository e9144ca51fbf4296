<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Planning\Planner;
use App\Planning\Rack;
use App\Planning\WeightList;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Many weights at once from a file: looked at first, then brought in, and taken back together. */
class WeightListController extends Controller
{
    private const MOST_CHARACTERS = 200_000;

    public function __construct(private readonly Planner $planner)
    {
    }

    public function create(Request $request): View
    {
        return view('rack.import', ['list' => null, 'text' => '']);
    }

    /** Reads the file and shows every row of it; nothing is kept yet. */
    public function preview(Request $request): View
    {
        $request->validate([
            'file' => ['required_without:rows', 'file', 'max:1000'],
            'rows' => ['nullable', 'string', 'max:'.self::MOST_CHARACTERS],
        ], ['file.required_without' => say('http.weight-list.choose-file-or-type')]);
        $file = $request->file('file');
        $text = $file === null ? (string) $request->input('rows') : (string) file_get_contents($file->getPathname());
        $text = mb_substr(mb_scrub($text), 0, self::MOST_CHARACTERS);

        return view('rack.import', ['list' => WeightList::read($text, $this->workshop($request)), 'text' => $text]);
    }

    public function store(Request $request, Rack $rack): RedirectResponse
    {
        $request->validate(['rows' => ['required', 'string', 'max:'.self::MOST_CHARACTERS]]);
        $workshop = $this->workshop($request);
        $list = WeightList::read((string) $request->input('rows'), $workshop);
        $batch = Str::lower(Str::random(24));
        $weights = $list->weights();
        $blanks = $workshop->blanks()->onRack()->whereIn('number', array_keys($weights))->with('air')->get();
        DB::transaction(function () use ($weights, $blanks, $workshop, $rack, $batch, $request): void {
            $workshop->lock();
            foreach ($blanks as $blank) {
                $rack->write(
                    $blank, $weights[$blank->number], $this->user($request), ['source' => 'file', 'batch' => $batch],
                );
            }
        });
        foreach ($blanks as $blank) {
            $rack->derive($blank, $workshop);
        }
        $this->planner->apply($workshop, fn (): bool => true);

        return redirect()->route('rack')->with([
            'said' => say('http.weight-list.came-left-out', [
                'good' => self::counted(count($list->good()), 'weight'),
                'bad' => self::counted(count($list->bad()), 'row'),
            ]),
            'batch' => $batch,
        ]);
    }

    public function destroy(Request $request, string $batch, Rack $rack): RedirectResponse
    {
        $count = $rack->strike($this->workshop($request), fn ($query) => $query->where('batch', $batch));

        $this->planner->apply($this->workshop($request), fn (): bool => true);

        return redirect()->route('rack')->with('said', say('http.weight-list.taken-back', [
            'counted' => self::counted($count, 'weight'),
        ]));
    }

    private static function counted(int $count, string $what): string
    {
        return "$count ".Str::plural($what, $count);
    }
}
