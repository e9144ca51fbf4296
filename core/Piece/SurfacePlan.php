<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Abrasive\AbrasiveTable;
use HonestGrain\Abrasive\Grit;
use HonestGrain\Geometry\Face;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;

/** How the faces of a part are sanded: the marks the tool left, own progressions, where to stop, what is left alone. */
final readonly class SurfacePlan
{
    public const USUAL_TOOL_MARK_UM = 80.0;

    public const TOOL_MARK_UM = [1.0, 5000.0];

    private const MAX_GRITS = 20;

    private const MAX_ABRASIVES = 200;

    /**
     * @param  array<string, float>  $toolMarkUm  by face, where it is not the usual
     * @param  array<string, list<Grit>>  $own  by face, where the maker sands in their own way
     * @param  array<string, Grit>  $stopAt  by face, the last grit that is good enough
     * @param  list<string>  $unsanded  faces that no abrasive touches
     * @param  list<Grit>|null  $abrasives  what is at hand, where the document says so
     */
    private function __construct(
        public array $toolMarkUm,
        public array $own,
        public array $stopAt,
        public array $unsanded,
        public ?array $abrasives,
    ) {
    }

    public static function read(Document $surface, AbrasiveTable $table): self
    {
        $own = $stopAt = [];
        foreach (self::faces($surface, 'own') as $face) {
            $grits = $surface->child('own')->strings($face, self::MAX_GRITS);
            if ($grits !== []) {
                $own[$face] = $table->allNamed($grits, $surface->at("own.$face"));
            }
        }
        foreach (self::faces($surface, 'stop_at') as $face) {
            if ($surface->child('stop_at')->has($face)) {
                $at = $surface->child('stop_at');
                $stopAt[$face] = $table->named($at->text($face, 20), $at->at($face));
            }
        }
        $unsanded = $surface->has('unsanded') ? $surface->strings('unsanded', count(Face::names())) : [];
        foreach ($unsanded as $i => $face) {
            self::face($surface->at("unsanded.$i"), $face);
        }

        return new self(
            self::toolMarks($surface), $own, $stopAt, array_values(array_unique($unsanded)),
            $surface->has('abrasives') ? $table->allNamed(
                $surface->strings('abrasives', self::MAX_ABRASIVES), $surface->at('abrasives'),
            ) : null,
        );
    }

    /** How deep the tool left its marks on a face, µm. */
    public function toolMarkUm(string $face): float
    {
        return $this->toolMarkUm[$face] ?? self::USUAL_TOOL_MARK_UM;
    }

    public function leaves(string $face): bool
    {
        return in_array($face, $this->unsanded, true);
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        return [
            'tool_mark_um' => (object) $this->toolMarkUm,
            'own' => (object) array_map(self::names(...), $this->own),
            'stop_at' => (object) self::names($this->stopAt),
            'unsanded' => $this->unsanded,
        ] + ($this->abrasives === null ? [] : ['abrasives' => self::names($this->abrasives)]);
    }

    /**
     * @param  array<array-key, Grit>  $grits
     * @return array<array-key, string>
     */
    private static function names(array $grits): array
    {
        return array_map(fn (Grit $grit): string => $grit->name, $grits);
    }

    /** @return array<string, float> one figure stands for every face */
    private static function toolMarks(Document $surface): array
    {
        $value = $surface->value('tool_mark_um');
        if ($value === null) {
            return [];
        }
        if (! is_array($value)) {
            return array_fill_keys(Face::names(), $surface->number('tool_mark_um', ...self::TOOL_MARK_UM));
        }
        $marks = [];
        foreach (self::faces($surface, 'tool_mark_um') as $face) {
            $marks[$face] = $surface->child('tool_mark_um')->number($face, ...self::TOOL_MARK_UM);
        }

        return $marks;
    }

    /** @return list<string> */
    private static function faces(Document $surface, string $key): array
    {
        $faces = $surface->childOr($key)->keys();
        foreach ($faces as $face) {
            self::face($surface->at("$key.$face"), $face);
        }

        return $faces;
    }

    private static function face(string $field, string $face): void
    {
        if (! in_array($face, Face::names(), true)) {
            throw InvalidField::choice($field, $face, Face::names());
        }
    }
}
