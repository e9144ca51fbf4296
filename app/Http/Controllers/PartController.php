<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AddPart;
use App\Http\Requests\SaveJoint;
use App\Http\Requests\TakeAway;
use App\Http\Requests\UpdatePart;
use App\Models\Piece;
use App\Planning\FreshId;
use App\Planning\PieceEditor;
use App\Planning\ShopMapper;
use App\View\Show;
use HonestGrain\Piece\PartKind;
use HonestGrain\Piece\Starter;
use Illuminate\Http\RedirectResponse;

/** The parts of a piece, and how they meet. */
class PartController extends Controller
{
    public function __construct(private readonly PieceEditor $editor, private readonly Show $show)
    {
    }

    public function store(AddPart $request, Piece $piece, ShopMapper $mapper): RedirectResponse
    {
        $core = $mapper->piece($piece->workshop, $piece->document);
        $kind = PartKind::from($request->validated('kind'));
        $with = Starter::with(
            $mapper->tables($piece->workshop)->calibration->joints, $kind, $core->part(
                $request->part(),
            ) ?? $core->body(),
            FreshId::of($kind->value),
        );
        $fields = [
            'parts' => [...$piece->document['parts'], $with['part']],
            'joints' => [...$piece->document['joints'] ?? [], ['id' => FreshId::of('joint')] + $with['joint']],
        ];
        $back = $this->changing(
            $request, $piece, fn ($edit) => $this->editor->change($piece, $edit, $fields),
            ['part added', $kind->label().' is drawn. Its shape, marks and coats are its own.'],
        );

        return $back->getSession()?->has('errors') === true ? $back
            : $back->setTargetUrl(route('pieces.shape', [$piece, 'part' => $with['part']['id']]));
    }

    public function update(UpdatePart $request, Piece $piece): RedirectResponse
    {
        $part = $request->part();
        $fields = [
            'name' => $request->validated('part_name'), 'wood' => $request->validated('wood'),
            'grain' => $request->validated('grain'), 'moisture_percent' => (float) $request->validated('moisture'),
            'holding' => $request->validated('holding'),
            'shape' => ['bore' => $request->bore($this->show)] + $this->shape($piece, $part),
        ];

        return $this->changing(
            $request, $piece, fn ($edit) => $this->editor->changePart($piece, $edit, $part, $fields),
            ['particulars', 'Saved.'],
        );
    }

    /** Takes a part away, with its joints and the maker's own steps on it; Undo brings it back. */
    public function destroy(TakeAway $request, Piece $piece): RedirectResponse
    {
        $part = $request->part();
        $without = fn (string $list, string $key): array => array_values(array_filter(
            $piece->document[$list] ?? [], fn (array $one): bool => ! in_array($part, (array) ($one[$key] ?? []), true),
        ));
        $fields = [
            'parts' => $without('parts', 'id'), 'joints' => $without('joints', 'parts'),
            'steps' => $without('steps', 'part'),
        ];

        return $this->changing(
            $request, $piece, fn ($edit) => $this->editor->change($piece, $edit, $fields),
            ['part taken away', 'Taken away. Undo brings it back.'],
        )->setTargetUrl(route('pieces.shape', $piece));
    }

    public function joint(SaveJoint $request, Piece $piece, string $joint): RedirectResponse
    {
        $joints = array_map(
            fn (array $one): array => $one['id'] === $joint ? $request->joint($this->show) + $one : $one,
            $piece->document['joints'] ?? [],
        );

        return $this->changing(
            $request, $piece, fn ($edit) => $this->editor->change($piece, $edit, ['joints' => $joints]),
            ['joint', 'Joint saved.'],
        );
    }

    /** @return array<string, mixed> */
    private function shape(Piece $piece, string $part): array
    {
        return array_column($piece->document['parts'], 'shape', 'id')[$part];
    }
}
