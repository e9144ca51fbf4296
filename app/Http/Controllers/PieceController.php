<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Planning\PieceEditor;
use App\Planning\PieceStarter;
use App\Planning\Planner;
use App\View\FormDrawings;
use App\View\Show;
use App\View\Unit;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Form;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

class PieceController extends Controller
{
    public function __construct(private readonly PieceEditor $editor, private readonly Catalogue $catalogue)
    {
    }

    public function index(Request $request): View
    {
        $state = in_array($request->query('state'), [Piece::DONE, Piece::PUT_AWAY], true) ? (string) $request->query('state') : Piece::WORKING;
        $pieces = $this->workshop($request)->pieces()->where('state', $state)
            ->when($request->string('q')->toString() !== '', fn ($query) => $query->where('name', 'like', '%'.addcslashes($request->string('q')->toString(), '%_\\').'%'))
            ->orderByRaw('due_at is null')->orderBy('due_at')->orderBy('name')
            ->simplePaginate(24, ['id', 'workshop_id', 'name', 'form', 'wood', 'due_at', 'state', 'drawing', 'diameter_mm', 'height_mm', 'ready_at', 'late', 'conflicts'])->withQueryString();
        $next = $this->workshop($request)->plannedSteps()->whereIn('piece_id', $pieces->pluck('id'))->where('is_next', true)->orderBy('start_at')->get(['piece_id', 'title'])->keyBy('piece_id');

        return view('pieces.index', ['pieces' => $pieces, 'next' => $next, 'state' => $state, 'q' => $request->string('q')->toString()]);
    }

    public function create(Request $request, Show $show): View
    {
        return view(
            'pieces.create',
            [
                'forms' => Form::cases(), 'drawings' => FormDrawings::all(),
                'woods' => $this->catalogue->woods()->names(),
                'form' => Form::tryFrom($request->string('form')->toString()) ?? Form::ShallowBowl,
            ],
        );
    }

    public function store(Request $request, PieceStarter $starter, Show $show): RedirectResponse
    {
        $form = Form::tryFrom($request->string('form')->toString());
        $typed = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'form' => ['required', Rule::enum(Form::class)],
            'wood' => ['required', Rule::in($this->catalogue->woods()->names())],
            'grain' => ['required', 'in:side,end'],
            'moisture' => ['required', 'numeric', 'between:0,200'],
            'purpose' => ['required', 'in:display,handled,food'],
            'due' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'diameter' => ['required', 'numeric', $show->between(Unit::Length, 5, 2000)],
            'height' => ['required', 'numeric', $show->between(Unit::Length, 5, 2000)],
            'foot' => ['required', 'numeric', $show->between(Unit::Length, 1, 2000)],
            'wall' => $form === Form::Spindle ? ['exclude'] : [
                'required', 'numeric', $show->between(Unit::Length, 0.5, 200),
            ],
        ]);
        $piece = $this->editor->create(
            $this->workshop($request), $starter->document($typed, $show, $this->user($request)->timeZone()),
            $this->user($request), once: $this->once($request),
        );

        return redirect()->route('pieces.shape', $piece)->with('said', 'Drawn. Drag the nodes, or type them; then look at Surface, Marks and Coats.');
    }

    public function show(Piece $piece): RedirectResponse
    {
        return redirect()->route('pieces.shape', $piece);
    }

    /** Name, wood, grain, moisture, purpose, holding, due date and note. */
    public function update(Request $request, Piece $piece): RedirectResponse
    {
        $typed = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'wood' => ['required', Rule::in($this->catalogue->woods()->names())],
            'grain' => ['required', 'in:side,end'],
            'moisture' => ['required', 'numeric', 'between:0,200'],
            'purpose' => ['required', 'in:display,handled,food'],
            'holding' => ['required', 'in:tenon,recess,between-centres'],
            'due' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'note' => ['nullable', 'string', 'max:2000'],
        ]);

        return $this->changing($request, $piece, fn (int $seen) => $this->editor->change($piece, $seen, [
            'name' => $typed['name'], 'wood' => $typed['wood'], 'grain' => $typed['grain'], 'moisture_percent' => (float) $typed['moisture'],
            'purpose' => $typed['purpose'], 'holding' => $typed['holding'], 'note' => $typed['note'] ?? '',
            'due_at' => PieceStarter::endOfDay($typed['due'] ?? null, $this->user($request)->timeZone()),
        ], 'particulars', $this->user($request)), 'Saved.');
    }

    /** Puts a piece away: it leaves the plan and keeps its record. */
    public function destroy(Request $request, Piece $piece, Planner $planner): RedirectResponse
    {
        $planner->apply($this->workshop($request), function () use ($piece): void {
            $piece->update(['state' => Piece::PUT_AWAY, 'ready_at' => null, 'late' => null]);
            $piece->plannedSteps()->update(['is_next' => false, 'start_at' => null]);
        });

        return redirect()->route('pieces.index')->with('said', "“{$piece->name}” is put away. It is under “Put away” and can come back.");
    }

    public function revive(Request $request, Piece $piece, Planner $planner): RedirectResponse
    {
        $planner->apply($this->workshop($request), fn (): bool => $piece->update(['state' => Piece::WORKING]));

        return redirect()->route('pieces.route', $piece)->with('said', 'Back in work.');
    }

    public function copy(Request $request, Piece $piece): RedirectResponse
    {
        $copy = $this->editor->create(
            $this->workshop($request), [
                'name' => $this->numbered($piece->name, $request), 'due_at' => null,
            ] + $piece->document,
            $this->user($request), 'copied', once: $this->once($request),
        );

        return redirect()->route('pieces.shape', $copy)->with('said', 'A new piece with the same shape, sanding, marks and coats.');
    }

    /** "Ebb bowl" becomes "Ebb bowl 2", and so on with the next number that is free. */
    private function numbered(string $name, Request $request): string
    {
        $stem = mb_substr((string) preg_replace('/ \d{1,3}$/', '', $name), 0, 74);
        $taken = $this->workshop($request)->pieces()->where(
            'name', 'like', addcslashes($stem, '%_\\').' %',
        )->pluck('name')->flip();
        for ($n = 2; $taken->has("$stem $n"); $n++);

        return "$stem $n";
    }

    public function undo(Request $request, Piece $piece): RedirectResponse
    {
        return $this->changing($request, $piece, fn (int $seen) => $this->editor->step($piece, $seen, -1), 'Undone.');
    }

    public function redo(Request $request, Piece $piece): RedirectResponse
    {
        return $this->changing($request, $piece, fn (int $seen) => $this->editor->step($piece, $seen, 1), 'Done again.');
    }
}
