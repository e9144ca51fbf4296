<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Abrasive\AbrasiveTable;
use HonestGrain\Abrasive\Lubricant;
use HonestGrain\Abrasive\Method;
use HonestGrain\Abrasive\ToolMark;
use HonestGrain\Abrasive\Wiping;
use HonestGrain\Geometry\Face;
use HonestGrain\Piece\FaceUse;
use HonestGrain\Piece\SurfacePlan;
use HonestGrain\Reading\Document;
use Illuminate\Validation\Rule;

/** How the faces of a part are sanded. */
class SaveSurface extends PieceChange implements TakesLists
{
    public static function lists(): array
    {
        return [
            'tool_mark_um', 'cut', 'method', 'wet', 'uses', 'for_use', 'own', 'stop_at', 'wiped', 'sanded', 'shown',
        ];
    }

    protected function fields(Show $show): array
    {
        return [
            'tool_mark_um' => ['array'],
            'tool_mark_um.*' => ['nullable', 'numeric', 'between:'.implode(',', SurfacePlan::TOOL_MARK_UM)],
            'cut' => ['array'],
            'cut.*' => ['nullable', Rule::enum(ToolMark::class)],
            'method' => ['array'],
            'method.*' => ['nullable', Rule::enum(Method::class)],
            'wet' => ['array'],
            'wet.*' => ['nullable', Rule::enum(Lubricant::class)],
            'uses' => ['array'],
            'uses.*' => ['nullable', Rule::enum(FaceUse::class)],
            'for_use' => ['array'],
            'for_use.*' => [Rule::in(Face::names())],
            'own' => ['array'],
            'own.*' => ['nullable', 'string', 'max:300'],
            'stop_at' => ['array'],
            'stop_at.*' => ['nullable', 'string', 'max:20'],
            'wiped' => ['array'],
            'wiped.*' => ['nullable', Rule::enum(Wiping::class)],
            'sanded' => ['array'],
            'sanded.*' => [Rule::in(Face::names())],
            'shown' => ['array'],
            'shown.*' => [Rule::in(Face::names())],
        ];
    }

    /**
     * The surface with what the page showed put in: what is empty stands for the usual, a face that is not ticked is
     * left unsanded, and faces that the page did not show keep what they had.
     */
    public function surface(SurfacePlan $plan, AbrasiveTable $table, Show $show): SurfacePlan
    {
        $kept = array_map(fn (mixed $of): mixed => is_object($of) ? (array) $of : $of, $plan->toArray());

        return SurfacePlan::read(Document::of($this->put($kept, $show), 'surface'), $table);
    }

    /**
     * @param  array<string, mixed>  $kept  as in the document
     * @return array<string, mixed>
     */
    private function put(array $kept, Show $show): array
    {
        $shown = $this->validated('shown') ?? [];
        $left = array_diff($shown, $this->validated('sanded') ?? []);

        return [
            'tool_mark_um' => array_diff_key(
                $this->merged($kept, 'tool_mark_um', floatval(...)), array_flip($this->cutAnew($kept)),
            ),
            'own' => array_filter($this->merged($kept, 'own', $show->typedGrits(...))),
            'stop_at' => $this->merged($kept, 'stop_at', $show->typedGrit(...)),
            'unsanded' => array_values(array_unique([...array_diff($kept['unsanded'] ?? [], $shown), ...$left])),
            'sanded' => array_values(array_intersect($this->validated('sanded') ?? [], [Face::Bore->value])),
        ] + array_filter($this->ways($kept, $shown)) + array_diff_key($kept, $this->ways($kept, $shown));
    }

    /**
     * Faces for which another cut was chosen, while the depth that was typed for the one before still stands.
     *
     * @param  array<string, mixed>  $kept
     * @return list<string>
     */
    private function cutAnew(array $kept): array
    {
        $anew = [];
        foreach ($this->typed('cut') as $face => $cut) {
            $before = $kept['tool_mark_um'][$face] ?? null;
            $isSame = $before !== null && (float) ($this->typed('tool_mark_um')[$face] ?? $before) === (float) $before;
            if ($isSame && $cut !== ($kept['cut'][$face] ?? ToolMark::Scraped->value)) {
                $anew[] = $face;
            }
        }

        return $anew;
    }

    /**
     * In which way each face is sanded, where not as usual.
     *
     * @param  array<string, mixed>  $kept
     * @param  list<string>  $shown  faces
     * @return array<string, array<array-key, mixed>>
     */
    private function ways(array $kept, array $shown): array
    {
        return [
            'cut' => array_diff($this->merged($kept, 'cut', strval(...)), [ToolMark::Scraped->value]),
            'method' => $this->merged($kept, 'method', strval(...)),
            'wet' => $this->merged($kept, 'wet', strval(...)),
            'uses' => $this->merged($kept, 'uses', strval(...)),
            'wiped' => $this->wiped($kept),
            'for_use' => array_values(array_unique([
                ...array_diff($kept['for_use'] ?? [], $shown), ...$this->validated('for_use') ?? [],
            ])),
        ];
    }

    /**
     * After which grits each face is wiped.
     *
     * @param  array<string, mixed>  $kept
     * @return array<string, array<string, string>>
     */
    private function wiped(array $kept): array
    {
        $wiped = array_map(fn (mixed $face): array => (array) $face, (array) ($kept['wiped'] ?? []));
        foreach ($this->validated('wiped') ?? [] as $field => $with) {
            // Named by face and grit, such as "outside P180".
            [$face, $grit] = [...explode(' ', (string) $field, 2), ''];
            $wiped[$face] = array_filter([$grit => $with] + ($wiped[$face] ?? []));
        }

        return array_filter($wiped);
    }

    /**
     * @param  array<string, mixed>  $kept
     * @param  \Closure(string): mixed  $read
     * @return array<string, mixed> by face
     */
    private function merged(array $kept, string $field, \Closure $read): array
    {
        $others = array_diff_key((array) ($kept[$field] ?? []), $this->validated($field) ?? []);

        return $others + array_map($read, $this->typed($field));
    }

    /** @return array<string, string> what was typed, by face */
    private function typed(string $field): array
    {
        return array_filter($this->validated($field) ?? [], fn (?string $typed): bool => trim((string) $typed) !== '');
    }
}
